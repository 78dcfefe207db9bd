import { createHash } from 'node:crypto';
import { mkdir, open, readFile, rename, rm, stat } from 'node:fs/promises';
import { existsSync } from 'node:fs';
import path from 'node:path';

/** Files that belong to jobs, named by what is in them: never by anything that a user typed. */
export class FileStore {
  private readonly folder: string;
  private count = 0;

  /** @param name of the folder in the data folder */
  constructor(dataFolder: string, name = 'files') {
    // Where the data lie is said when the program starts: nothing of them belongs to what is built
    this.folder = path.join(/*turbopackIgnore: true*/ dataFolder, name);
  }

  /** SHA-256 of some bytes, in hexadecimal. */
  static nameOf(bytes: Uint8Array): string {
    return createHash('sha256').update(bytes).digest('hex');
  }

  private place(sha256: string): string {
    if (!/^[0-9a-f]{64}$/.test(sha256)) throw new Error('not the name of a file here');
    return path.join(this.folder, sha256);
  }

  has(sha256: string): boolean {
    return existsSync(this.place(sha256));
  }

  /** Keeps bytes under their own hash. */
  async keep(bytes: Uint8Array): Promise<string> {
    const sha256 = FileStore.nameOf(bytes);
    await this.keepAs(sha256, bytes);
    return sha256;
  }

  /** Keeps what was made of a file under that file's name: written and synced aside first, so that a name always stands for the whole. */
  async keepAs(sha256: string, bytes: Uint8Array): Promise<void> {
    const place = this.place(sha256);
    if (existsSync(place)) return;
    await mkdir(this.folder, { recursive: true });
    const unfinished = `${place}.${process.pid}.${++this.count}.part`;
    const handle = await open(unfinished, 'w');
    try {
      await handle.writeFile(bytes);
      await handle.sync();
    } finally {
      await handle.close();
    }
    await rename(unfinished, place);
  }

  async sizeOf(sha256: string): Promise<number> {
    return (await stat(this.place(sha256))).size;
  }

  read(sha256: string): Promise<Buffer> {
    return readFile(this.place(sha256));
  }

  drop(sha256: string): Promise<void> {
    return rm(this.place(sha256), { force: true });
  }
}

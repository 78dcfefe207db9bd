import { readdir, rm, stat } from 'node:fs/promises';
import path from 'node:path';
import type { Database } from './db/open';
import { INCOMING_FOLDER } from './jobs/incoming';

/** A file without an entry is left in peace for so long: its entry may be on its way. */
const STRAY_AFTER_MS = 24 * 60 * 60_000;

const namesIn = (folder: string): Promise<readonly string[]> => readdir(folder).catch(() => []);

/** Sweeps out half written files, and files that no job has named for a day. @returns how many */
export async function sweep(db: Database, folder: string, now = Date.now()): Promise<number> {
  const rows = await db.selectFrom('attachments').select(['sha256', 'file']).execute();
  const named = new Set(rows.map(({ sha256, file }) => file ?? sha256));
  let swept = 0;
  // Whatever was coming in when the program stopped will not come any more
  const incoming = path.join(/*turbopackIgnore: true*/ folder, INCOMING_FOLDER);
  for (const name of await namesIn(incoming)) {
    await rm(path.join(/*turbopackIgnore: true*/ incoming, name), { force: true });
    swept++;
  }
  for (const part of ['files', 'thumbs'])
    for (const name of await namesIn(path.join(/*turbopackIgnore: true*/ folder, part))) {
      if (named.has(name)) continue;
      const place = path.join(/*turbopackIgnore: true*/ folder, part, name);
      const { mtimeMs } = await stat(place).catch(() => ({ mtimeMs: now }));
      if (now - mtimeMs < STRAY_AFTER_MS) continue;
      await rm(place, { force: true });
      swept++;
    }
  return swept;
}

import { open, type FileHandle } from 'node:fs/promises';
import { ProblemError } from '@/contract/problem';

// A job file holds its photos as base64 in its JSON. Those are lifted out as the file is read: what is left is parsed, and
// each photo is read when its turn comes, so that however many there are, one of them is in memory.

/** Where a text of base64 lies in a file, bytes. */
interface Run {
  readonly from: number;
  readonly length: number;
}

/** A file without its photos. */
export interface LiftedFile {
  /** In each photo’s place stands the number of its run. */
  readonly text: Buffer;
  readonly runs: readonly Run[];
}

const CHUNK = 256 * 1024;
const KEY = Buffer.from('"base64"');
const QUOTE = 0x22;
const COLON = 0x3a;
const BACKSLASH = 0x5c;
const isBlank = (byte: number): boolean => byte === 0x20 || byte === 0x09 || byte === 0x0a || byte === 0x0d;

/**
 * Lifts every text that is a value of `"base64"` out of a file of JSON. Inside a text a quote has a backslash before it, so
 * that the key stands nowhere but where it is one.
 * @param mostBytes of what is left
 * @throws ProblemError 413 where more is left
 */
export async function liftFile(path: string, mostBytes: number): Promise<LiftedFile> {
  const file = await open(path);
  const parts: Buffer[] = [];
  const runs: Run[] = [];
  let left = 0;
  const keep = (part: Buffer): void => {
    left += part.length;
    if (left > mostBytes) throw new ProblemError(413, 'The entries of this file are too much to be taken in.');
    // Of a chunk that goes, what is kept is copied
    if (part.length > 0) parts.push(Buffer.from(part));
  };
  /** Where the run begins that is being read; null: none is. */
  let from: number | null = null;
  /** What was read and not looked at whole: a key may be cut by the end of a chunk. */
  let rest: Buffer = Buffer.alloc(0);
  let at = 0;
  try {
    for (let isLast = false; !isLast;) {
      const chunk = Buffer.alloc(CHUNK);
      const { bytesRead } = await file.read(chunk, 0, CHUNK);
      isLast = bytesRead === 0;
      let here = Buffer.concat([rest, chunk.subarray(0, bytesRead)]);
      rest = Buffer.alloc(0);
      while (here.length > 0) {
        if (from !== null) {
          const end = here.indexOf(QUOTE);
          const length = end < 0 ? here.length : end;
          if (end >= 0) {
            keep(Buffer.from(String(runs.length)));
            runs.push({ from, length: at + end - from });
            from = null;
          }
          at += length;
          here = here.subarray(length);
          if (end < 0) break;
          // The quote itself stays
          keep(here.subarray(0, 1));
          at++;
          here = here.subarray(1);
          continue;
        }
        const key = here.indexOf(KEY);
        if (key < 0) {
          const whole = isLast ? here.length : Math.max(0, here.length - KEY.length);
          keep(here.subarray(0, whole));
          at += whole;
          rest = here.subarray(whole);
          break;
        }
        // With a backslash before it, it is a quote inside a text
        const isInText = (key > 0 ? here[key - 1] : parts.at(-1)?.at(-1)) === BACKSLASH;
        const value = isInText ? 'none' : valueAfter(here, key + KEY.length);
        if (value === 'more' && !isLast) {
          keep(here.subarray(0, key));
          at += key;
          rest = here.subarray(key);
          break;
        }
        const upTo = typeof value === 'number' ? value : key + KEY.length;
        keep(here.subarray(0, upTo));
        at += upTo;
        here = here.subarray(upTo);
        if (typeof value === 'number') from = at;
      }
    }
  } finally {
    await file.close();
  }
  return { text: Buffer.concat(parts), runs };
}

/** Where a text begins that is the value of a key; `none` where something else is, `more` where that is not read yet. */
function valueAfter(bytes: Buffer, from: number): number | 'none' | 'more' {
  let colons = 0;
  for (let i = from; i < bytes.length; i++) {
    const byte = bytes[i] ?? 0;
    if (isBlank(byte)) continue;
    if (byte === COLON && colons === 0) colons++;
    else return byte === QUOTE && colons === 1 ? i + 1 : 'none';
  }
  return 'more';
}

/** Reads what was lifted out. */
export class Runs {
  private constructor(
    private readonly file: FileHandle,
    private readonly runs: readonly Run[],
  ) {}

  static async of(path: string, { runs }: LiftedFile): Promise<Runs> {
    return new Runs(await open(path), runs);
  }

  /** The bytes of an attachment, by what stands in its place; null where it is no base64. */
  async bytesOf(standing: string): Promise<Buffer | null> {
    const run = /^\d+$/.test(standing) ? this.runs[Number(standing)] : undefined;
    if (!run) return Buffer.from(standing, 'base64');
    const text = Buffer.alloc(run.length);
    await this.file.read(text, 0, run.length, run.from);
    const base64 = text.toString('latin1');
    return /^[A-Za-z0-9+/]*={0,2}$/.test(base64) ? Buffer.from(base64, 'base64') : null;
  }

  close(): Promise<void> {
    return this.file.close();
  }
}

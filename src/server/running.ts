import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/** In a data folder: the number of the process that serves it. Nobody lays a copy over data that are in use. */
export const RUNNING_FILE = 'running';

const fileIn = (folder: string): string => path.join(/*turbopackIgnore: true*/ folder, RUNNING_FILE);

/** The process that says it serves a data folder, if one of its number is alive; null: none. */
export function servedBy(folder: string): number | null {
  const file = fileIn(folder);
  const pid = existsSync(file) ? Number(readFileSync(file, 'utf8')) : NaN;
  if (!Number.isInteger(pid) || pid <= 0) return null;
  try {
    process.kill(pid, 0);
    return pid;
  } catch (error) {
    // It lives, and is somebody else’s
    return error instanceof Error && 'code' in error && error.code === 'EPERM' ? pid : null;
  }
}

/** What a server of this program is called where processes can be looked at; a number may have gone to another program since. */
const OURS = /listen\.mjs|next-server|next[/\\]dist/;

function looksLikeOurs(pid: number): boolean {
  try {
    return OURS.test(readFileSync(`/proc/${pid}/cmdline`, 'utf8'));
  } catch {
    // Where processes can’t be looked at, the number is believed
    return true;
  }
}

/** What a folder says that nobody may write to. */
const CLOSED: ReadonlySet<string> = new Set(['EROFS', 'EACCES', 'EPERM']);

/**
 * Takes a data folder for this process, until {@link giveBack}.
 * @throws Error where another server has it, or nobody may write to it
 */
export function takeFolder(folder: string): void {
  const other = servedBy(folder);
  if (other !== null && other !== process.pid && looksLikeOurs(other))
    throw new Error(`${folder} is served by another start of this program already (process ${other}): end that first.`);
  try {
    mkdirSync(/*turbopackIgnore: true*/ folder, { recursive: true, mode: 0o700 });
    writeFileSync(fileIn(folder), String(process.pid), { mode: 0o600 });
  } catch (error) {
    if (error instanceof Error && 'code' in error && CLOSED.has(String(error.code)))
      throw new Error(`${folder} can’t be written to: look at whose it is, and whether its disk takes anything.`, {
        cause: error,
      });
    // A full disk is told by who writes to it, with what to do
    console.warn(String(error));
  }
}

/** Gives a folder back that this process took; one that somebody else took meanwhile is theirs. */
export function giveBack(folder: string): void {
  if (servedBy(folder) === process.pid) rmSync(fileIn(folder));
}

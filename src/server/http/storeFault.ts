import { ProblemError } from '@/contract/problem';

const codeOf = (error: unknown): string =>
  typeof error === 'object' && error !== null && 'code' in error ? String(error.code) : '';
const words = (error: unknown): string =>
  error instanceof Error ? `${error.message} ${codeOf(error)}` : String(error);

/** What was the matter with the disk or the store, as a refusal in a sentence; null where it was something else. */
export function storeFault(error: unknown): ProblemError | null {
  for (let one: unknown = error; one instanceof Error; one = one.cause) {
    const said = words(one);
    if (/SQLITE_FULL|database or disk is full|ENOSPC|EDQUOT/.test(said))
      return new ProblemError(507, 'The disk of the server is full: nothing was written. Make room, then it goes on.');
    if (/SQLITE_BUSY|database is locked/.test(said))
      return new ProblemError(503, 'Another program holds the store: nothing was written. It is tried again.');
    if (/SQLITE_READONLY|readonly database|EROFS|EACCES|EPERM/.test(said))
      return new ProblemError(507, 'The data folder can’t be written to: nothing was written.');
    if (/SQLITE_IOERR|disk I\/O error|\bEIO\b|EFBIG/.test(said))
      return new ProblemError(507, 'The disk of the server takes nothing more: nothing was written.');
    if (/SQLITE_CORRUPT|SQLITE_NOTADB|malformed|not a database/.test(said))
      return new ProblemError(500, 'The database is damaged: nothing was written. Put it back from a copy.');
  }
  return null;
}

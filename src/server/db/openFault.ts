import { readdirSync } from 'node:fs';
import path from 'node:path';

/** Copies of a database that lie beside it, the newest first. */
export const copiesBeside = (folder: string): readonly string[] =>
  readdirSync(folder)
    .filter((name) => /^before-.*\.db$/.test(name))
    .sort((a, b) => stampOf(b).localeCompare(stampOf(a)));

/** The time that a copy’s name ends with. */
const stampOf = (name: string): string => /\d{4}-\d\d-\d\dT.*(?=\.db$)/.exec(name)?.[0] ?? '';

/** Why a database can’t be opened, in one sentence with what to do; the fault itself where it is another one. */
export function openFault(folder: string, file: string, error: unknown): Error {
  const said = error instanceof Error ? `${error.message} ${'code' in error ? String(error.code) : ''}` : String(error);
  const [copy] = copiesBeside(folder);
  const beside = copy
    ? `The copy ${path.join(folder, copy)} lies beside it; put it back, or a backup: npm run restore -- FOLDER`
    : 'Put a backup back: npm run restore -- FOLDER';
  const told = (sentence: string): Error => new Error(sentence, { cause: error });
  if (/NOTADB|not a database/i.test(said)) return told(`${file} is no database of this program. ${beside}`);
  if (/CORRUPT|malformed/i.test(said)) return told(`${file} is damaged. ${beside}`);
  if (/BUSY|locked/i.test(said))
    return told(`${file} is held by another program, perhaps by another start of this one: end that first.`);
  if (/READONLY|readonly|CANTOPEN|unable to open|EACCES|EPERM/i.test(said))
    return told(`${file} can’t be opened for writing: look at whose it and its folder are.`);
  if (/FULL|ENOSPC/i.test(said)) return told(`The disk is full: ${file} can’t be opened. Make room first.`);
  return error instanceof Error ? error : new Error(String(error));
}

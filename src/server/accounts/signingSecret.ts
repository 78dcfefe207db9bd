import { randomBytes } from 'node:crypto';
import { closeSync, existsSync, fsyncSync, openSync, readFileSync, writeSync } from 'node:fs';
import path from 'node:path';

const FILE = 'sign-in.key';
const BYTES = 32;

/**
 * What the cookies of a data folder are signed with. Made when it is first needed, and in no copy: whoever steals a backup
 * signs nothing by it, and whoever puts one back signs in anew.
 */
export function signingSecret(folder: string): string {
  const file = path.join(folder, FILE);
  if (existsSync(file)) return readFileSync(file, 'utf8');
  const secret = randomBytes(BYTES).toString('base64url');
  const handle = openSync(file, 'wx', 0o600);
  try {
    writeSync(handle, secret);
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
  return secret;
}

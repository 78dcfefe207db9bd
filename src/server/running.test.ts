import { afterEach, describe, expect, it } from 'vitest';
import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { RUNNING_FILE, giveBack, servedBy, takeFolder } from './running';

const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-running-'));
const file = path.join(folder, RUNNING_FILE);
const children: ChildProcess[] = [];
/** A process that lives for a while. @param named what its arguments say that it is */
const alive = (named: string): number => {
  const child = spawn(process.execPath, ['-e', 'setTimeout(() => undefined, 60_000)', named], { stdio: 'ignore' });
  children.push(child);
  return child.pid ?? NaN;
};
afterEach(() => {
  for (const child of children.splice(0)) child.kill('SIGKILL');
  rmSync(file, { force: true });
});

describe('a data folder', () => {
  it('is taken by one server, and given back', () => {
    takeFolder(folder);
    expect(servedBy(folder)).toBe(process.pid);
    takeFolder(folder);
    giveBack(folder);
    expect([servedBy(folder), existsSync(file)]).toEqual([null, false]);
  });
  it('is refused to a second server while the first one lives, which keeps it', () => {
    const other = alive('scripts/listen.mjs');
    writeFileSync(file, String(other));
    expect(() => takeFolder(folder)).toThrow(`process ${other}`);
    giveBack(folder);
    expect(readFileSync(file, 'utf8')).toBe(String(other));
  });
  it('is free where the one that had it is gone, or its number belongs to another program', () => {
    writeFileSync(file, '999999999');
    expect(servedBy(folder)).toBeNull();
    takeFolder(folder);
    writeFileSync(file, String(alive('something-else')));
    takeFolder(folder);
    writeFileSync(file, 'no number');
    takeFolder(folder);
    expect(readFileSync(file, 'utf8')).toBe(String(process.pid));
  });
});

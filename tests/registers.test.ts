import { describe, expect, it } from 'vitest';
import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';

/** A kind of point compared by its name: `kind === 'doorbell'`, `case 'doorbell'`. */
const BY_NAME =
  /(?:[!=]==?|\bcase)\s*'(?:doorbell|floodlight|plugFloodlight)'|'(?:doorbell|floodlight|plugFloodlight)'\s*(?:[!=]==?|in\b)/;

/** Where the kinds themselves stand, and what makes or lifts their jobs. */
const THEIRS = /^src\/(?:core\/points|ui\/points|core\/kinds\/lifts|cli|demo)\/|\.test\.tsx?$|\/forTests\.ts$/;

describe('a kind of point', () => {
  const files = readdirSync('src', { recursive: true, encoding: 'utf8' })
    .map((file) => path.posix.join('src', file.split(path.sep).join('/')))
    .filter((file) => /\.tsx?$/.test(file) && !THEIRS.test(file));
  it('is asked for by the registers (core/points, ui/points), by its name nowhere', () => {
    expect(files.length).toBeGreaterThan(500);
    expect(files.filter((file) => BY_NAME.test(readFileSync(file, 'utf8')))).toEqual([]);
  });
});

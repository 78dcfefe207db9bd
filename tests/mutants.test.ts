import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';

interface Mutant {
  readonly name: string;
  readonly file: string;
  readonly from: string;
  readonly to: string;
}

const mutants = JSON.parse(readFileSync('tests/mutants.json', 'utf8')) as readonly Mutant[];

describe('npm run mutants', () => {
  // A break whose line is gone breaks nothing, and its test is minded by nobody
  it.each(mutants.map((one) => [one.name, one] as const))('%s', (_name, { file, from, to }) => {
    expect(readFileSync(file, 'utf8').split(from)).toHaveLength(2);
    expect(to).not.toBe(from);
  });
  it('names each once', () => {
    expect(new Set(mutants.map(({ name }) => name)).size).toBe(mutants.length);
  });
});

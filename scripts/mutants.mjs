// npm run mutants: breaks important lines one by one, in a copy, and says which break no test minds.
// `npm run mutants -- gate` runs those whose name begins so.
import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { ensureDependencies, ensureNode, root } from './setup.mjs';
import { stop } from './serve.mjs';

const COPIED = ['src', 'tests', 'scripts', 'vitest.config.ts', 'package.json', 'tsconfig.json', 'docs/formats'];

/** So long may the tests of one break take. */
const MOST_MS = 300_000;

/** Whether tests fail in the copy as it stands. */
function fail(copy, tests) {
  const { status } = spawnSync(
    process.execPath,
    ['node_modules/vitest/vitest.mjs', 'run', '--project=core', '--project=tests', '--bail=1', ...tests],
    {
      cwd: copy,
      stdio: 'ignore',
      // A break may make a test go on for ever: it minds, too
      timeout: MOST_MS,
      killSignal: 'SIGKILL',
    },
  );
  return status !== 0;
}

/** Puts one break into the copy, runs what should mind it, and mends it. @returns whether something failed */
function isMinded(copy, { name, file, from, to, tests }) {
  const at = path.join(copy, file);
  const whole = readFileSync(at, 'utf8');
  if (whole.split(from).length !== 2) throw new Error(`${name}: its line stands not exactly once in ${file}`);
  writeFileSync(at, whole.replace(from, to));
  try {
    return fail(copy, tests);
  } finally {
    writeFileSync(at, whole);
  }
}

const [only = ''] = process.argv.slice(2);
const copy = mkdtempSync(path.join(tmpdir(), 'fox-ladder-mutants-'));
try {
  ensureNode();
  ensureDependencies();
  for (const part of COPIED) cpSync(path.join(root, part), path.join(copy, part), { recursive: true });
  symlinkSync(path.join(root, 'node_modules'), path.join(copy, 'node_modules'));
  const all = JSON.parse(readFileSync(path.join(root, 'tests/mutants.json'), 'utf8'));
  const mutants = all.filter(({ name }) => name.startsWith(only));
  // A test that fails anyway minds nothing
  const tests = [...new Set(mutants.flatMap((mutant) => mutant.tests))];
  if (fail(copy, tests)) throw new Error('Tests fail before anything is broken.');
  const unminded = [];
  for (const mutant of mutants) {
    const minded = isMinded(copy, mutant);
    if (!minded) unminded.push(mutant.name);
    console.log(`${minded ? 'minded  ' : 'UNMINDED'}  ${mutant.name}`);
  }
  console.log(`\n${mutants.length - unminded.length} of ${mutants.length} breaks are minded`);
  process.exitCode = unminded.length === 0 && mutants.length > 0 ? 0 : 1;
} catch (error) {
  stop(error.message);
} finally {
  rmSync(copy, { recursive: true, force: true });
}

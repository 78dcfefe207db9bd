// npm run check: everything that must be right. Goes on after a failure and ends with one line that counts.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { ensureChromium, ensureDependencies, ensureNode, root, run } from './setup.mjs';

const node = process.execPath;
const bin = (file) => [`node_modules/${file}`];
let passed = 0;
let failed = 0;

function step(name, work) {
  const start = Date.now();
  console.log(`\n=== ${name}`);
  try {
    work();
    passed++;
  } catch (error) {
    failed++;
    console.error(`FAILED: ${name}: ${error.message}`);
  }
  console.log(`=== ${name}: ${((Date.now() - start) / 1000).toFixed(1)} s`);
}

/** Runs a Jest project and counts its tests, not itself. */
function tests(name, args) {
  const report = path.join(root, 'node_modules/.cache/fox-ladder', `${name}.json`);
  mkdirSync(path.dirname(report), { recursive: true });
  rmSync(report, { force: true });
  console.log(`\n=== ${name}`);
  spawnSync(node, ['node_modules/jest/bin/jest.js', '--ci', '--json', `--outputFile=${report}`, ...args], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, NODE_OPTIONS: '--experimental-vm-modules --disable-warning=ExperimentalWarning' },
  });
  const result = existsSync(report) ? JSON.parse(readFileSync(report, 'utf8')) : null;
  passed += result?.numPassedTests ?? 0;
  // A suite that could not even start counts as one failure
  failed += result ? result.numFailedTests + result.numRuntimeErrorTestSuites : 1;
  if (result && result.numTotalTests === 0) failed++;
}

step('dependencies', () => {
  ensureNode();
  ensureDependencies();
});
if (failed === 0) {
  step('format', () => run(node, [...bin('prettier/bin/prettier.cjs'), '--check', '--log-level=warn', '.']));
  step('types: core', () => run(node, [...bin('typescript/bin/tsc'), '-p', 'src/core']));
  step('types: all', () => {
    run(node, [...bin('next/dist/bin/next'), 'typegen']);
    run(node, [...bin('typescript/bin/tsc'), '--noEmit']);
  });
  step('lint', () =>
    run(node, [
      ...bin('eslint/bin/eslint.js'),
      '.',
      '--max-warnings=0',
      '--cache',
      '--cache-location',
      'node_modules/.cache/eslint/',
    ]),
  );
  step('import order', () =>
    run(node, [...bin('dependency-cruiser/bin/dependency-cruise.mjs'), 'src', '--config', '.dependency-cruiser.cjs']),
  );
  tests('tests', []);
  step('browser', ensureChromium);
  // They clone and build what they run on: as a newcomer does
  tests('browser tests', ['-c', 'jest.e2e.config.mjs']);
}
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

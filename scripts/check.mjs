// npm run check: everything that must be right. Goes on after a failure and ends with one line that counts.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { ensureChromium, ensureDependencies, ensureNode, root } from './setup.mjs';

const node = process.execPath;
let passed = 0;
let failed = 0;

async function step(name, work) {
  const start = Date.now();
  try {
    const said = await work();
    passed++;
    if (said) console.log(said);
  } catch (error) {
    failed++;
    console.error(`FAILED: ${name}: ${error.message}`);
  }
  console.log(`=== ${name}: ${((Date.now() - start) / 1000).toFixed(1)} s\n`);
}

/** Runs a program to its end. @returns what it said, in one piece: two programs at once stay readable */
const quiet = (file, args) =>
  new Promise((resolve, reject) => {
    const child = spawn(node, [`node_modules/${file}`, ...args], {
      cwd: root,
      stdio: ['ignore', 'pipe', 'pipe'],
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
    });
    let said = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => (said += text));
    child.on('error', reject);
    child.on('close', (code) => (code === 0 ? resolve(said.trim()) : reject(new Error(`ended with ${code}\n${said}`))));
  });

const jest = (report, args) =>
  new Promise((resolve) => {
    const child = spawn(node, ['node_modules/jest/bin/jest.js', '--ci', '--json', `--outputFile=${report}`, ...args], {
      cwd: root,
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, NODE_OPTIONS: '--experimental-vm-modules --disable-warning=ExperimentalWarning' },
    });
    child.on('close', resolve);
    child.on('error', resolve);
  });

/** So many files of tests are tried once more at most. */
const MOST_AGAIN = 2;

/**
 * Runs a Jest project and counts its tests, not itself.
 * @param isTriedAgain what failed in a file or two is tried once more
 */
async function tests(name, args, isTriedAgain = false) {
  const report = path.join(root, 'node_modules/.cache/fox-ladder', `${name}.json`);
  mkdirSync(path.dirname(report), { recursive: true });
  rmSync(report, { force: true });
  const start = Date.now();
  console.log(`=== ${name}`);
  const read = () => (existsSync(report) ? JSON.parse(readFileSync(report, 'utf8')) : null);
  await jest(report, args);
  let result = read();
  const unwell = (result?.testResults ?? []).filter(({ status }) => status === 'failed').map((one) => one.name);
  // A browser may hang for reasons of its own: a file or two are tried once more, and it is said
  if (isTriedAgain && unwell.length > 0 && unwell.length <= MOST_AGAIN) {
    console.log(`=== tried once more: ${unwell.map((file) => path.relative(root, file)).join(', ')}`);
    const first = result;
    rmSync(report, { force: true });
    await jest(report, [...args, '--runTestsByPath', ...unwell]);
    const again = read();
    const whole = first.testResults.filter(({ status }) => status !== 'failed').flatMap((one) => one.assertionResults);
    result = again && { ...again, numPassedTests: again.numPassedTests + whole.length };
  }
  console.log(`=== ${name}: ${((Date.now() - start) / 1000).toFixed(1)} s\n`);
  passed += result?.numPassedTests ?? 0;
  // A suite that could not even start counts as one failure
  failed += result ? result.numFailedTests + result.numRuntimeErrorTestSuites : 1;
  if (result && result.numTotalTests === 0) failed++;
}

/** What needs one core: format, types, lint, imports, one after another. */
async function reading() {
  await step('format', () => quiet('prettier/bin/prettier.cjs', ['--check', '--log-level=warn', '.']));
  await step('types: core', () => quiet('typescript/bin/tsc', ['-p', 'src/core']));
  await step('types: service worker', () => quiet('typescript/bin/tsc', ['--noEmit', '-p', 'src/sw']));
  await step('types: all', async () => {
    await quiet('next/dist/bin/next', ['typegen']);
    return quiet('typescript/bin/tsc', ['--noEmit']);
  });
  const cached = ['--cache', '--cache-location', 'node_modules/.cache/eslint/'];
  await step('lint', () => quiet('eslint/bin/eslint.js', ['.', '--max-warnings=0', ...cached]));
  await step('import order', () =>
    quiet('dependency-cruiser/bin/dependency-cruise.mjs', ['src', '--config', '.dependency-cruiser.cjs']),
  );
}

await step('dependencies', () => {
  ensureNode();
  ensureDependencies();
});
if (failed === 0) {
  await step('browser', ensureChromium);
  // Two cores: the browser tests (a clone, its build, a server, a browser) keep one, all that only computes the other
  await Promise.all([
    tests('tests', ['--maxWorkers=1']).then(reading),
    tests('browser tests', ['-c', 'jest.e2e.config.mjs'], true),
  ]);
}
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

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

/** Runs a Jest project and counts its tests, not itself. */
async function tests(name, args) {
  const report = path.join(root, 'node_modules/.cache/fox-ladder', `${name}.json`);
  mkdirSync(path.dirname(report), { recursive: true });
  rmSync(report, { force: true });
  const start = Date.now();
  console.log(`=== ${name}`);
  await new Promise((resolve) => {
    const child = spawn(node, ['node_modules/jest/bin/jest.js', '--ci', '--json', `--outputFile=${report}`, ...args], {
      cwd: root,
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, NODE_OPTIONS: '--experimental-vm-modules --disable-warning=ExperimentalWarning' },
    });
    child.on('close', resolve);
    child.on('error', resolve);
  });
  console.log(`=== ${name}: ${((Date.now() - start) / 1000).toFixed(1)} s\n`);
  const result = existsSync(report) ? JSON.parse(readFileSync(report, 'utf8')) : null;
  passed += result?.numPassedTests ?? 0;
  // A suite that could not even start counts as one failure
  failed += result ? result.numFailedTests + result.numRuntimeErrorTestSuites : 1;
  if (result && result.numTotalTests === 0) failed++;
}

/** What needs one core: format, types, lint, imports, one after another. */
async function reading() {
  await step('format', () => quiet('prettier/bin/prettier.cjs', ['--check', '--log-level=warn', '.']));
  await step('types: core', () => quiet('typescript/bin/tsc', ['-p', 'src/core']));
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
    tests('browser tests', ['-c', 'jest.e2e.config.mjs']),
  ]);
}
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

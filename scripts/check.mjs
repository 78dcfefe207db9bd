// npm run check: everything that must be right. Goes on after a failure and ends with one line that counts.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { asNewcomer } from './newcomer.mjs';
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

/** Runs tests. @returns the report of them, null where there is none */
async function vitest(report, args, environment = {}) {
  rmSync(report, { force: true });
  const told = ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${report}`, ...args];
  const child = spawn(node, ['node_modules/vitest/vitest.mjs', ...told], {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, ...environment },
  });
  await new Promise((resolve) => {
    child.on('close', resolve);
    child.on('error', resolve);
  });
  return existsSync(report) ? JSON.parse(readFileSync(report, 'utf8')).testResults : null;
}

const isUnwell = ({ status }) => status === 'failed';
const testsIn = (files, wanted) =>
  files.flatMap((one) => one.assertionResults).filter(({ status }) => status === wanted).length;

/** So many files of tests are tried once more at most. */
const MOST_AGAIN = 2;

/**
 * Runs a project of tests and counts its tests, not itself.
 * @param isTriedAgain what failed in a file or two is tried once more
 */
async function tests(project, args = [], { isTriedAgain = false, environment = {} } = {}) {
  const report = path.join(root, 'node_modules/.cache/fox-ladder', `${project}.json`);
  mkdirSync(path.dirname(report), { recursive: true });
  const start = Date.now();
  const run = (...more) => vitest(report, [`--project=${project}`, ...args, ...more], environment);
  let files = (await run()) ?? [];
  const unwell = files.filter(isUnwell).map((one) => path.relative(root, one.name));
  // A browser may hang for reasons of its own: a file or two are tried once more, and it is said
  if (isTriedAgain && unwell.length > 0 && unwell.length <= MOST_AGAIN) {
    console.log(`=== tried once more: ${unwell.join(', ')}`);
    const again = await run(...unwell);
    files = again ? [...files.filter((one) => !isUnwell(one)), ...again] : files;
  }
  console.log(`=== tests of ${project}: ${((Date.now() - start) / 1000).toFixed(1)} s\n`);
  passed += testsIn(files, 'passed');
  // A file that could not even start counts as one failure, and no file at all too
  const unstarted = files.filter((one) => isUnwell(one) && testsIn([one], 'failed') === 0).length;
  failed += testsIn(files, 'failed') + unstarted + (files.length === 0 ? 1 : 0);
}

/** The browser tests, on the program as a newcomer gets it. */
async function inBrowser() {
  let newcomer = null;
  await step('a fresh clone, by the README’s command', async () => {
    newcomer = await asNewcomer();
  });
  if (!newcomer) return;
  try {
    const environment = {
      FOX_LADDER_BUILT: newcomer.folder,
      FOX_LADDER_DEMO: newcomer.url,
      FOX_LADDER_PRINTED: newcomer.printed(),
    };
    await tests('browser', [], { isTriedAgain: true, environment });
  } finally {
    await newcomer.clear();
  }
}

/** What needs one core: format, types, lint, imports, one after another. */
async function reading() {
  await step('format', () => quiet('oxfmt/bin/oxfmt', ['--check', '.']));
  await step('types: core', () => quiet('typescript-native/bin/tsc', ['-p', 'src/core']));
  await step('types: service worker', () => quiet('typescript-native/bin/tsc', ['--noEmit', '-p', 'src/sw']));
  await step('types: all', async () => {
    await quiet('next/dist/bin/next', ['typegen']);
    return quiet('typescript-native/bin/tsc', ['--noEmit']);
  });
  await step('lint', () => quiet('oxlint/bin/oxlint', []));
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
  await Promise.all([reading().then(() => tests('tests', ['--maxWorkers=1'])), inBrowser()]);
}
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

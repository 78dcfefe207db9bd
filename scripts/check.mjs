// npm run check: everything that must be right. Goes on after a failure and ends with one line that counts.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, readdirSync, rmSync, statSync } from 'node:fs';
import path from 'node:path';
import { asNewcomer } from './newcomer.mjs';
import { ensureChromium, ensureDependencies, ensureNode, root } from './setup.mjs';
import { filledFolder } from './temporary.mjs';

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

/** Counts tests, not itself. A file that could not even start counts as one failure, and no file at all too. */
function count(files) {
  passed += testsIn(files, 'passed');
  const unstarted = files.filter((one) => isUnwell(one) && testsIn([one], 'failed') === 0).length;
  failed += testsIn(files, 'failed') + unstarted + (files.length === 0 ? 1 : 0);
}

/** Runs tests of a project. @returns what came of each of their files */
async function tests(project, args, environment = {}) {
  const name = [project, ...args.map((one) => path.basename(one))].join(' ');
  const report = path.join(root, 'node_modules/.cache/fox-ladder', `${name}.json`);
  mkdirSync(path.dirname(report), { recursive: true });
  const start = Date.now();
  const files = (await vitest(report, [`--project=${project}`, '--maxWorkers=1', ...args], environment)) ?? [];
  console.log(`=== ${name}: ${((Date.now() - start) / 1000).toFixed(1)} s\n`);
  return files;
}

/** All that only computes or draws without a browser. */
const withoutBrowser = async () => count(await tests('tests', ['--project=core']));

/** So many files of browser tests are tried once more at most. */
const MOST_AGAIN = 2;

/** The browser tests, file by file, on the program as a newcomer gets it: whoever has a hand free takes the next file. */
class BrowserTests {
  /** The longest first: nobody waits long for the last of them. */
  #waiting = readdirSync(path.join(root, 'tests/e2e'))
    .filter((file) => file.endsWith('.test.ts'))
    .map((file) => `tests/e2e/${file}`)
    .sort((a, b) => statSync(path.join(root, b)).size - statSync(path.join(root, a)).size);
  #unwell = [];
  #newcomer = null;
  #environment = null;

  /** Clones, installs, builds and starts what the tests run on. Where that fails there is nothing to test. */
  async prepare() {
    await step('a fresh clone, by the README’s command', async () => {
      this.#newcomer = await asNewcomer();
      const { folder, url, printed } = this.#newcomer;
      this.#environment = {
        FOX_LADDER_BUILT: folder,
        FOX_LADDER_DEMO: url,
        FOX_LADDER_PRINTED: printed(),
        FOX_LADDER_FILLED: await filledFolder(folder),
      };
    });
  }

  #run(file) {
    return tests('browser', [file], this.#environment);
  }

  async work() {
    while (this.#environment && this.#waiting.length > 0) {
      const file = this.#waiting.shift();
      const [result] = await this.#run(file);
      if (!result || isUnwell(result)) this.#unwell.push({ file, result });
      else count([result]);
    }
  }

  /** A browser may hang for reasons of its own: a file or two are tried once more, and it is said. */
  async end() {
    for (const { file, result } of this.#unwell)
      if (this.#unwell.length > MOST_AGAIN) count(result ? [result] : []);
      else {
        console.log(`=== tried once more: ${file}`);
        count(await this.#run(file));
      }
    await this.#newcomer?.clear();
    if (this.#environment) rmSync(this.#environment.FOX_LADDER_FILLED, { recursive: true, force: true });
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
  // Two cores, two hands: one gets the program ready for the browser, the other reads and computes; then both click
  const browser = new BrowserTests();
  const ready = browser.prepare();
  await Promise.all([
    ready.then(() => browser.work()),
    reading()
      .then(withoutBrowser)
      .then(() => ready)
      .then(() => browser.work()),
  ]);
  await browser.end();
}
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

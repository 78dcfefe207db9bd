// npm run faults: the tests that try random jobs, sentences and questions, on many times as many of them as in the check.
// `npm run faults -- 100` says how many times.
import { spawnSync } from 'node:child_process';
import { ensureDependencies, ensureNode, root } from './setup.mjs';

const [times = '25'] = process.argv.slice(2);
ensureNode();
ensureDependencies();
const HOUR_MS = 3_600_000;

/** Runs one of the suites with many times as many cases. @returns whether all went well */
function runMany(projects, pattern, suites) {
  const { status } = spawnSync(
    process.execPath,
    [
      'node_modules/vitest/vitest.mjs',
      'run',
      ...projects.map((project) => `--project=${project}`),
      `--test-timeout=${HOUR_MS}`,
      `--testNamePattern=${pattern}`,
      ...suites,
    ],
    {
      cwd: root,
      stdio: 'inherit',
      env: { ...process.env, FOX_LADDER_TIMES: times },
    },
  );
  return status === 0;
}

const RANDOM = 'random|any |whatever|lies|wrong types';
const inCore = runMany(['core', 'tests'], RANDOM, [
  'tests/randomJobs',
  'tests/words',
  'tests/contract',
  'tests/safety',
  'tests/lyingNetwork',
  'tests/wrongTypes',
  'tests/schedules',
]);
// A whole climb in a browser behind a network that lies: two of them in the check, with 500 times as many a thousand
const inBrowser = runMany(['browser'], 'lies over a whole climb', ['tests/e2e/nothingLost']);
process.exit(inCore && inBrowser ? 0 : 1);

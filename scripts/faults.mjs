// npm run faults: the tests that try random jobs, sentences and questions, on many times as many of them as in the check.
// `npm run faults -- 100` says how many times.
import { spawnSync } from 'node:child_process';
import { ensureDependencies, ensureNode, root } from './setup.mjs';

const [times = '25'] = process.argv.slice(2);
ensureNode();
ensureDependencies();
const HOUR_MS = 3_600_000;
const { status } = spawnSync(
  process.execPath,
  [
    'node_modules/jest/bin/jest.js',
    `--testTimeout=${HOUR_MS}`,
    '--testNamePattern=random|any |whatever|lies|wrong types',
    'tests/randomJobs',
    'tests/words',
    'tests/contract',
    'tests/safety',
    'tests/lyingNetwork',
    'tests/wrongTypes',
  ],
  {
    cwd: root,
    stdio: 'inherit',
    env: {
      ...process.env,
      FOX_LADDER_TIMES: times,
      NODE_OPTIONS: '--experimental-vm-modules --disable-warning=ExperimentalWarning',
    },
  },
);
process.exit(status ?? 1);

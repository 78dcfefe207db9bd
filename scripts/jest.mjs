// Runs Jest in native ESM. Arguments go through: `npm test -- circuit`.
import { spawnSync } from 'node:child_process';

const result = spawnSync(process.execPath, ['node_modules/jest/bin/jest.js', ...process.argv.slice(2)], {
  stdio: 'inherit',
  env: { ...process.env, NODE_OPTIONS: '--experimental-vm-modules --disable-warning=ExperimentalWarning' },
});
process.exit(result.status ?? 1);

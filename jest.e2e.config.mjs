import { esm } from './jest.config.mjs';

/** @type {import('jest').Config} */
export default {
  ...esm,
  testMatch: ['<rootDir>/tests/e2e/**/*.test.ts'],
  globalSetup: '<rootDir>/tests/e2e/newcomer.setup.mjs',
  globalTeardown: '<rootDir>/tests/e2e/newcomer.teardown.mjs',
  testTimeout: 240_000,
  // Two at once win a fifth on two cores, and every wait grows
  maxWorkers: 1,
  watchman: false,
};

import { esm } from './jest.config.mjs';

/** @type {import('jest').Config} */
export default {
  ...esm,
  testMatch: ['<rootDir>/tests/e2e/**/*.test.ts'],
  globalSetup: '<rootDir>/tests/e2e/newcomer.setup.mjs',
  globalTeardown: '<rootDir>/tests/e2e/newcomer.teardown.mjs',
  testTimeout: 240_000,
  // They wait more than they work: two at once beside all that only computes
  maxWorkers: 2,
  watchman: false,
};

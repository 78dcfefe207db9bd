import { esm } from './jest.config.mjs';

/** @type {import('jest').Config} */
export default {
  ...esm,
  testMatch: ['<rootDir>/tests/e2e/**/*.test.ts'],
  testTimeout: 240_000,
  maxWorkers: 1,
  watchman: false,
};

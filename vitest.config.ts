import path from 'node:path';
import { defineConfig } from 'vitest/config';

const PURE = 'src/{core,contract,sim,words}/**/*.test.ts';

/**
 * Three projects: `core` is pure, `tests` have a disk, a server’s routes or a screen without a browser, `browser` clicks
 * through the program as a newcomer gets it.
 * What depends on a disk, a browser or a busy machine may take its time: no test asserts one.
 */
export default defineConfig({
  resolve: { alias: { '@': path.join(import.meta.dirname, 'src') } },
  test: {
    pool: 'forks',
    projects: [
      {
        extends: true,
        test: {
          name: 'core',
          include: [PURE],
          // What is pure leaves nothing behind: its modules are read once for all files
          isolate: false,
          testTimeout: 120_000,
        },
      },
      {
        extends: true,
        test: {
          name: 'tests',
          include: ['src/**/*.test.ts', 'tests/*.test.ts', 'tests/ui/*.test.{ts,tsx}'],
          exclude: [PURE],
          testTimeout: 120_000,
          hookTimeout: 120_000,
        },
      },
      {
        extends: true,
        test: {
          name: 'browser',
          include: ['tests/e2e/*.test.ts'],
          globalSetup: 'tests/e2e/newcomer.setup.mjs',
          testTimeout: 240_000,
          hookTimeout: 240_000,
          // Two at once win a fifth on two cores, and every wait grows
          fileParallelism: false,
        },
      },
    ],
  },
});

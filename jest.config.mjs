const compiled = (tsx) => [
  '@swc/jest',
  {
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', tsx },
      transform: { react: { runtime: 'automatic' } },
      experimental: { keepImportAttributes: true },
    },
    module: { type: 'es6' },
    sourceMaps: 'inline',
  },
];
export const transform = { '^.+\\.tsx$': compiled(true), '^.+\\.(ts|mts|mjs|js)$': compiled(false) };
export const esm = {
  testEnvironment: 'node',
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
  transform,
  // What still runs as an environment ends would meet warnings without end in its globals, and fail the next test
  testEnvironmentOptions: { globalsCleanup: 'off' },
};

/** @type {import('jest').Config} */
export default {
  ...esm,
  testMatch: ['<rootDir>/src/**/*.test.ts', '<rootDir>/tests/*.test.ts', '<rootDir>/tests/ui/*.test.{ts,tsx}'],
  // Every core: nothing else runs beside them
  maxWorkers: '100%',
  // Modules that a file brought in are never quite given back: a process that holds too much of them begins anew
  workerIdleMemoryLimit: '900MB',
  testTimeout: 120_000,
  watchman: false,
};

import next from '@next/eslint-plugin-next';
import prettier from 'eslint-config-prettier/flat';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['.next/**', 'next-env.d.ts', 'coverage/**', 'node_modules/**', 'data*/**'] },
  ...tseslint.configs.recommendedTypeChecked,
  {
    files: ['**/*.ts', '**/*.tsx'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
      // A subject merges what it says into all that is said
      '@typescript-eslint/no-empty-object-type': ['error', { allowInterfaces: 'with-single-extends' }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
    },
  },
  { files: ['**/*.mjs', '**/*.cjs', '**/*.js', '**/*.d.mts'], extends: [tseslint.configs.disableTypeChecked] },
  { files: ['src/**/*.{ts,tsx}'], ...reactHooks.configs.flat.recommended },
  { files: ['src/**/*.{ts,tsx}'], ...next.configs['core-web-vitals'] },
  {
    // What a kind of point is and does stands in its folders; everybody else asks the registers
    files: ['src/**/*.{ts,tsx}'],
    ignores: [
      'src/core/points/**',
      'src/ui/points/**',
      'src/core/kinds/lifts/**',
      'src/cli/**',
      'src/demo/**',
      '**/*.test.ts',
      '**/forTests.ts',
    ],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: ':matches(BinaryExpression, SwitchCase) > Literal[value=/^(doorbell|floodlight|plugFloodlight)$/]',
          message: 'ask the register of the kinds of point (core/points, ui/points)',
        },
      ],
    },
  },
  {
    // core is pure: no host globals, no clock, no randomness
    files: ['src/core/**/*.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'process', 'fetch', 'setTimeout', 'crypto'],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'pass a Random in' },
        { object: 'Date', property: 'now', message: 'pass the time in' },
      ],
    },
  },
  prettier,
);

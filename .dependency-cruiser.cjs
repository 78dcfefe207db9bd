/** Imports go one way: core <- contract <- (sim, demo, server, ui) <- app and cli. docs/architecture.md has the table. */
const rule = (name, fromPath, own, packages) => ({
  name,
  severity: 'error',
  from: fromPath,
  to: {
    path: ['^src/', ...(packages.length ? ['^node_modules/'] : [])],
    pathNot: [`^src/(${own.join('|')})/`, ...packages.map((p) => `^node_modules/${p}/`)],
  },
});
/** What a folder may import; its tests read what is said in words, too. */
const layer = (name, from, mayImport, packages = []) => [
  rule(name, { path: `^src/${from}/`, pathNot: '\\.test\\.ts$' }, [from, ...mayImport], packages),
  rule(`${name}-in-tests`, { path: `^src/${from}/.*\\.test\\.ts$` }, [from, 'words', ...mayImport], packages),
];

/** Rooms of `ui` that every other one may use: each holds one kind of piece, and knows no screen. */
const SHARED =
  '^src/ui/(codes|crew|drawing|figures|form|frame|log|meter|paper|photo|plot|proof|policy|seeing|table|theme|verdict)/';

module.exports = {
  forbidden: [
    { name: 'no-circle', severity: 'error', from: {}, to: { circular: true } },
    ...layer('core-is-pure', 'core', [], ['yup', 'fast-check', 'vitest']),
    ...layer('words-know-core', 'words', ['core']),
    ...layer('contract-knows-core', 'contract', ['core', 'words']),
    ...layer('demo-knows-core', 'demo', ['core', 'contract', 'words']),
    ...layer('sim-knows-core', 'sim', ['core', 'contract']),
    ...layer('server-knows-core', 'server', ['core', 'contract', 'words', 'sim']),
    ...layer('ui-speaks-http', 'ui', ['core', 'contract', 'words', 'workers', 'sim']),
    ...layer('workers-know-core', 'workers', ['core', 'contract']),
    ...layer('app-is-thin', 'app', ['ui', 'server', 'core', 'contract', 'words', 'sim']),
    ...layer('papers-set-what-ui-shows', 'papers', ['ui', 'core', 'contract', 'words']),
    ...layer('cli-is-a-caller', 'cli', ['server', 'demo', 'papers', 'ui', 'core', 'contract', 'words']),
    {
      name: 'shared-rooms-know-no-screen',
      severity: 'error',
      from: { path: SHARED },
      to: { path: '^src/ui/', pathNot: SHARED },
    },
    {
      name: 'rungs-share-rooms-and-the-words-of-points',
      severity: 'error',
      from: { path: '^src/ui/rungs/([^/]+)/' },
      to: { path: '^src/ui/', pathNot: ['^src/ui/rungs/$1/', SHARED, '^src/ui/points/words\\.ts$'] },
    },
    {
      name: 'a-kind-of-point-knows-no-other',
      severity: 'error',
      from: { path: '^src/ui/points/([^/]+)/' },
      to: {
        path: '^src/ui/',
        pathNot: ['^src/ui/points/$1/', '^src/ui/points/((box|yard)/|[^/]+$)', '^src/ui/rungs/', SHARED],
      },
    },
    {
      name: 'screens-share-rooms-and-the-registers-of-points',
      severity: 'error',
      from: { path: '^src/ui/(?!rungs/|points/)([^/]+)/', pathNot: SHARED },
      to: { path: '^src/ui/', pathNot: ['^src/ui/$1/', SHARED, '^src/ui/points/[^/]+$'] },
    },
    {
      name: 'a-kind-of-point-in-core-knows-no-other',
      severity: 'error',
      from: { path: '^src/core/points/([^/]+)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/core/points/([^/]+)/', pathNot: '^src/core/points/$1/' },
    },
    {
      name: 'core-by-its-public-face',
      comment: 'outsiders import a core folder by its index.ts',
      severity: 'error',
      from: { path: '^src/(?!core/)', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/core/[^/]+/', pathNot: '^src/core/[^/]+/index\\.ts$' },
    },
    {
      name: 'sqlite-only-in-server',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/server/' },
      to: { path: '^node_modules/(libsql|kysely)/' },
    },
    {
      name: 'not-to-unresolvable',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.mjs', '.js', '.json', '.scss', '.css'],
    },
  },
};

/** Imports point downwards only. */
const layers = [
  'words',
  'core',
  'devices',
  'formats',
  'shop',
  'data',
  'server',
  'ui',
  'features',
  'app',
];
const upwards = layers.slice(0, -1).map((layer, index) => ({
  name: `${layer}-imports-no-layer-above`,
  severity: 'error',
  from: { path: `^src/${layer}/` },
  to: { path: `^src/(${layers.slice(index + 1).join('|')})/` },
}));

module.exports = {
  forbidden: [
    ...upwards,
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'features-do-not-import-each-other',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/', pathNot: '^src/features/$1/' },
    },
    {
      name: 'only-the-server-reads-data',
      severity: 'error',
      from: { path: '^src/(ui|features|app)/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/data/' },
    },
    {
      // What pages show is described by the server; nothing of it runs in them.
      name: 'pages-take-only-types-from-the-server',
      severity: 'error',
      from: { path: '^src/(ui|features)/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/server/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'core-and-shop-are-pure',
      severity: 'error',
      from: { path: '^src/(core|shop)/', pathNot: '\\.test\\.ts$' },
      to: { path: 'node_modules/(react|next|@mui|d3|better-sqlite3)' },
    },
    {
      name: 'core-and-shop-run-anywhere',
      severity: 'error',
      from: { path: '^src/(core|shop)/', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'no-orphans',
      severity: 'error',
      from: {
        orphan: true,
        pathNot: '(\\.test\\.tsx?|\\.d\\.ts|tests/|bin/|src/proxy\\.ts|src/app/)',
      },
      to: {},
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'types'],
    },
  },
};

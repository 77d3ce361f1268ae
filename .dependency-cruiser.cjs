/** Imports point downwards only. */
const layers = ['core', 'devices', 'formats', 'data', 'services', 'ui', 'features', 'app'];
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
      name: 'only-services-read-data',
      severity: 'error',
      from: { path: '^src/(ui|features|app)/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/data/' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test\\.ts$' },
      to: { path: 'node_modules/(react|next|@mui|d3|better-sqlite3)' },
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

const transform = {
  '^.+\\.(t|j)sx?$|^.+\\.mjs$': [
    '@swc/jest',
    {
      jsc: {
        target: 'es2022',
        parser: { syntax: 'typescript', tsx: true },
        transform: { react: { runtime: 'automatic' } },
      },
      module: { type: 'commonjs' },
    },
  ],
};
const shared = { testEnvironmentOptions: { globalsCleanup: 'off' },
  // Looked up inside the sandbox at every use otherwise: the model’s sums take half as long with them at hand.
  sandboxInjectedGlobals: ['Math'],
  transform,
  transformIgnorePatterns: [
    '/node_modules/(?!(?:httpxy|d3|d3-[a-z0-9-]+|internmap|delaunator|robust-predicates|temporal-polyfill|temporal-utils|temporal-spec)/)',
  ],
  moduleNameMapper: {
    '^server-only$': '<rootDir>/tests/empty.ts',
    '\\.css$': '<rootDir>/tests/empty.ts',
    '^@/(.*)$': '<rootDir>/src/$1',
  },
};

const config = {
  // No test asserts a wall time: a busy machine takes longer.
  testTimeout: 60_000,
  projects: [
    {
      ...shared,
      displayName: 'core',
      testMatch: [
        '<rootDir>/src/**/*.test.ts',
        '<rootDir>/src/**/*.test.tsx',
        '<rootDir>/tests/*.test.ts',
      ],
    },
    {
      ...shared,
      displayName: 'e2e',
      testMatch: ['<rootDir>/tests/e2e/**/*.e2e.ts'],
    },
  ],
};
export default config;

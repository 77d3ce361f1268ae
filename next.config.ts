import type { NextConfig } from 'next';

const config: NextConfig = {
  serverExternalPackages: ['better-sqlite3', 'pino'],
  poweredByHeader: false,
  typescript: { ignoreBuildErrors: false },
  outputFileTracingRoot: import.meta.dirname,
  turbopack: { root: import.meta.dirname },
  devIndicators: false,
};

export default config;

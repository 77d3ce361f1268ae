import type { NextConfig } from 'next';

const config: NextConfig = {
  serverExternalPackages: ['better-sqlite3', 'pino'],
  poweredByHeader: false,
  // The tests check types by themselves, before the build.
  typescript: { ignoreBuildErrors: process.env['OLVIK_TYPES_CHECKED'] === '1' },
  // An archive of many years with its photos, read whole: a longer one would be cut off without a word.
  experimental: { proxyClientMaxBodySize: '1gb' },
  outputFileTracingRoot: import.meta.dirname,
  turbopack: { root: import.meta.dirname },
  devIndicators: false,
};

export default config;

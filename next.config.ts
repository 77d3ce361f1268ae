import { build } from 'esbuild';
import type { NextConfig } from 'next';
import { PHASE_PRODUCTION_BUILD } from 'next/constants';

const config: NextConfig = {
  serverExternalPackages: ['better-sqlite3', 'pino', 'sharp'],
  poweredByHeader: false,
  // The tests check types by themselves, before the build.
  typescript: { ignoreBuildErrors: process.env['OLVIK_TYPES_CHECKED'] === '1' },
  // An archive of many years with its photos, read whole: a longer one would be cut off without a word.
  experimental: { proxyClientMaxBodySize: '1gb' },
  outputFileTracingRoot: import.meta.dirname,
  turbopack: { root: import.meta.dirname },
  devIndicators: false,
};

/** What keeps pictures of the views in the browser: one file at the root, where it may speak for all of them. */
async function buildServiceWorker(): Promise<void> {
  await build({
    entryPoints: ['src/ui/pictures/service-worker.ts'],
    outfile: 'public/sw.js',
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    define: { 'process.env.NODE_ENV': '"production"' },
    logLevel: 'error',
  });
}

export default async function configured(phase: string): Promise<NextConfig> {
  if (phase === PHASE_PRODUCTION_BUILD) await buildServiceWorker();
  return config;
}

// Bundles one TypeScript command of bin/lib and runs it: node bin/lib/bundle.mjs NAME [ARGUMENTS]
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { build } from 'esbuild';

const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..', '..');
const [name, ...rest] = process.argv.slice(2);
const outfile = path.join(root, 'node_modules', '.cache', 'olvik', `${name}.mjs`);
mkdirSync(path.dirname(outfile), { recursive: true });
await build({
  entryPoints: [path.join(root, 'bin', 'lib', `${name}.ts`)],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  packages: 'external',
  tsconfigRaw: {},
  alias: {
    '@': path.join(root, 'src'),
    // What may run on the server alone runs here, too.
    'server-only': path.join(root, 'node_modules', 'server-only', 'empty.js'),
  },
  logLevel: 'error',
});
process.argv = [process.argv[0], outfile, ...rest];
process.chdir(root);
await import(pathToFileURL(outfile).href);

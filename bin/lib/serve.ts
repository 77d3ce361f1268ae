// Serves the built application: node bin/lib/bundle.mjs serve demo|own [--keep]
import { spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { existsSync, renameSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import path from 'node:path';
import {
  holdFolder,
  maybeOneShop,
  MigrationError,
  openShop,
  refuseLostShop,
  type Db,
} from '@/data';
import { speak } from '@/words/all-languages';
import { languageFor } from '@/words/speaker';
import { keepGate } from '@/server/gate/keep-gate';
import { namesFrom } from '@/server/gate/same-shop';
import { seedDemo } from '@/server/demo/seed';
import { ensureShop } from '@/server/shop/new-shop';
import { z } from '@/core/parse';

const HOST = '127.0.0.1';
const DEFAULT_PORT = 4400;
const DEFAULT_SHARE_PORT = 4443;

function refuse(sentence: string): never {
  process.stderr.write(`${sentence}\n`);
  process.exit(1);
}

function readPort(variable: string, usual: number): number {
  const value = process.env[variable] ?? String(usual);
  const port = z.coerce.number().int().min(1).max(65535).safeParse(value);
  if (!port.success)
    refuse(`${variable}: “${value}” is not a port. Allowed: 1 to 65535. Nothing was changed.`);
  return port.data;
}

async function portIsFree(port: number): Promise<boolean> {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, HOST, () => probe.close(() => resolve(true)));
  });
}

/** Puts the last demo aside, so that a new one starts on its busy Friday. */
function putAside(folder: string): void {
  if (!existsSync(folder)) return;
  const aside = `${folder}-last`;
  rmSync(aside, { recursive: true, force: true });
  renameSync(folder, aside);
}

const DATA = {
  demo: { variable: 'OLVIK_DEMO_DATA', folder: path.join('data', 'demo') },
  own: { variable: 'OLVIK_DATA', folder: path.join('data', 'shop') },
} as const;

function prepareData(mode: 'demo' | 'own', keep: boolean): string {
  const folder = path.resolve(process.env[DATA[mode].variable] ?? DATA[mode].folder);
  try {
    // Held first: a demo that runs is not put aside, nor a shop filled that another Olvik has open.
    const held = holdFolder(folder);
    if (mode === 'demo' && !keep) {
      held.release();
      putAside(folder);
    }
    refuseLostShop(folder);
    const db = openShop(folder);
    fill(db, mode);
    db.close();
    held.release();
  } catch (error) {
    if (error instanceof MigrationError) refuse(error.message);
    if (['EACCES', 'ENOTDIR', 'EROFS'].includes((error as NodeJS.ErrnoException).code ?? '')) {
      refuse(
        `The data folder ${folder} can not be written. Give a folder you may write to. Nothing was changed.`,
      );
    }
    throw error;
  }
  return folder;
}

function fill(db: Db, mode: 'demo' | 'own'): void {
  if (mode === 'own') {
    speak(languageFor(Intl.DateTimeFormat().resolvedOptions().locale));
    ensureShop(db, Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC');
  } else if (maybeOneShop(db) === null) {
    process.stdout.write('Setting up the demo shop.\n');
    const fixed = process.env['OLVIK_NOW'];
    seedDemo(db, fixed === undefined || fixed.startsWith('@') ? Date.now() : Date.parse(fixed));
  }
}

async function waitUntilOpen(port: number): Promise<void> {
  for (let i = 0; i < 600; i += 1) {
    try {
      await fetch(`http://${HOST}:${port}/`);
      return;
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }
  throw new Error('The server did not answer within a minute.');
}

const mode = process.argv[2] === 'demo' ? 'demo' : 'own';
const port = readPort('OLVIK_PORT', DEFAULT_PORT);
const sharePort = readPort('OLVIK_SHARE_PORT', DEFAULT_SHARE_PORT);
if (!(await portIsFree(port))) {
  refuse(
    `Port ${port} is in use. Stop what uses it, or choose another with OLVIK_PORT. Nothing was changed.`,
  );
}
const folder = prepareData(mode, process.argv.includes('--keep'));
/** Tells the server what came through the gate; of this run alone. */
const gateKey = randomBytes(32).toString('base64url');
const next = path.join('node_modules', 'next', 'dist', 'bin', 'next');
const server = spawn(process.execPath, [next, 'start', '-H', HOST, '-p', String(port)], {
  env: {
    ...process.env,
    NODE_ENV: 'production',
    OLVIK_DATA: folder,
    OLVIK_GATE_KEY: gateKey,
    OLVIK_SERVED: mode,
  },
  stdio: ['ignore', 'ignore', 'inherit'],
});
for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => server.kill('SIGTERM'));
/** Ends with whoever started it, and leaves nothing: a demo that is only looked at. */
const withParent = process.argv.includes('--with-parent');
if (withParent) process.stdin.resume().on('close', () => server.kill('SIGTERM'));
server.on('exit', (code) => {
  if (withParent) rmSync(folder, { recursive: true, force: true });
  process.exit(code === 143 ? 0 : (code ?? 0));
});
await waitUntilOpen(port);
const always = process.argv.includes('--share');
await keepGate({
  folder,
  shopPort: port,
  key: gateKey,
  host: process.env['OLVIK_SHARE_HOST'] ?? '0.0.0.0',
  port: sharePort,
  names: namesFrom(process.env['OLVIK_HOSTS']),
  always,
});
if (always) {
  process.stdout.write(
    `Open to this network too, port ${sharePort}: devices see nothing before they are let in by a code (More, Other devices).\n`,
  );
}
process.stdout.write(
  `Olvik is open at http://${HOST}:${port}\nData: ${folder}\nStop it with Ctrl-C.\n`,
);

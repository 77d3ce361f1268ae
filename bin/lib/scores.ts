// How the views score: performance, accessibility and best practices, on a desktop, from `bin/start`'s own server.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import lighthouse, { desktopConfig } from 'lighthouse';
import puppeteer from 'puppeteer-core';

const VIEWS = (process.env['OLVIK_VIEWS'] ?? '/,/day,/bakes/new,/try,/log,/learned,/shop').split(
  ',',
);
const CATEGORIES = ['performance', 'accessibility', 'best-practices'];
const WANTED = 95;

async function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });
}

const folder = mkdtempSync(path.join(tmpdir(), 'olvik-scores-'));
const port = await freePort();
const server = spawn(process.execPath, ['bin/lib/bundle.mjs', 'serve', 'demo'], {
  env: {
    ...process.env,
    OLVIK_NOW: '2026-11-27T05:10:00Z',
    OLVIK_PORT: String(port),
    OLVIK_DEMO_DATA: path.join(folder, 'data'),
  },
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise<void>((resolve, reject) => {
  server.stdout.on('data', (chunk: Buffer) => chunk.includes('Olvik is open') && resolve());
  server.once('exit', (code) => reject(new Error(`The server ended with ${code}.`)));
});
const browser = await puppeteer.launch({
  executablePath: process.env['OLVIK_CHROMIUM'] ?? '/usr/bin/chromium',
  userDataDir: path.join(folder, 'chromium'),
  args: [
    '--headless',
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});
const answer: Record<string, Record<string, number>> = {};
let least = 100;
for (const view of VIEWS) {
  const result = await lighthouse(
    `http://127.0.0.1:${port}${view}`,
    { port: Number(new URL(browser.wsEndpoint()).port), onlyCategories: CATEGORIES },
    desktopConfig,
  );
  const scores = Object.values(result?.lhr.categories ?? {}).map(
    ({ id, score }) => [id, Math.round((score ?? 0) * 100)] as const,
  );
  answer[view] = Object.fromEntries(scores);
  least = Math.min(least, ...scores.map(([, score]) => score));
  for (const audit of Object.values(result?.lhr.audits ?? {})) {
    if (audit.score !== null && audit.score < 0.9 && process.argv.includes('--why')) {
      process.stderr.write(`${view} ${audit.id}: ${audit.displayValue ?? audit.title}\n`);
    }
  }
}
await browser.close();
server.kill('SIGTERM');
await new Promise((resolve) => server.once('exit', resolve));
rmSync(folder, { recursive: true, force: true });
process.stdout.write(`${JSON.stringify(answer, null, 2)}\n`);
process.exit(least >= WANTED ? 0 : 1);

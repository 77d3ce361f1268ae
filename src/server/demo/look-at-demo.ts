import { tr } from '@/words/tr';
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { done, refused, type Outcome } from '@/shop/outcome';
import { shopLog } from '../shop-log';
import { freePort } from './free-port';
import { asking } from '../ways-in/who';

/** Where a demo shop was opened. */
export interface DemoLook {
  readonly url: string;
}

/** Longest that a demo shop takes to be set up and opened, ms. */
const LONGEST_MS = 120_000;
/** What the program that serves a shop says once it is open. */
const OPEN = 'Olvik is open';
const SERVES_DEMO = ['bin/lib/bundle.mjs', 'serve', 'demo', '--keep', '--with-parent'];

const holder = globalThis as { olvikDemoLook?: Promise<Outcome<DemoLook>> | undefined };

/**
 * Opens a demo shop beside this one, to be looked at: a process of its own on a port of its own, its data in a folder that goes
 * with it, so that nothing of this shop is touched. Asked for again it is the one that is open. It ends with this process.
 */
export function lookAtDemo(): Outcome<DemoLook> | Promise<Outcome<DemoLook>> {
  if (process.env['OLVIK_SERVED'] !== 'own') {
    return refused(
      null,
      tr`Demo shop: it is opened beside a shop of your own, started by bin/start.`,
    );
  }
  if ((asking.getStore()?.device ?? null) !== null) {
    return refused(
      null,
      tr`Demo shop: it is opened on the machine that Olvik runs on, and can only be looked at there.`,
    );
  }
  holder.olvikDemoLook ??= opened().then((outcome) => {
    // What did not open is tried anew.
    if (!outcome.ok) holder.olvikDemoLook = undefined;
    return outcome;
  });
  return holder.olvikDemoLook;
}

async function opened(): Promise<Outcome<DemoLook>> {
  const folder = mkdtempSync(path.join(tmpdir(), 'olvik-demo-'));
  const port = await freePort();
  // A clock that stands still for this shop is not the demo’s.
  const env = { ...process.env };
  delete env['OLVIK_NOW'];
  const child = spawn(process.execPath, SERVES_DEMO, {
    env: { ...env, OLVIK_PORT: String(port), OLVIK_DEMO_DATA: folder },
    // Its input stays open for as long as this process lives: it ends as that ends.
    stdio: ['pipe', 'pipe', 'inherit'],
  });
  child.once('exit', () => {
    holder.olvikDemoLook = undefined;
    rmSync(folder, { recursive: true, force: true });
  });
  const said = await new Promise<boolean>((resolve) => {
    const timer = setTimeout(() => resolve(false), LONGEST_MS);
    let heard = '';
    child.stdout.on('data', (chunk: Buffer) => {
      heard = (heard + chunk.toString()).slice(-4000);
      if (!heard.includes(OPEN)) return;
      clearTimeout(timer);
      resolve(true);
    });
    child.once('error', () => resolve(false));
    child.once('exit', () => resolve(false));
  });
  if (said) return done({ url: `http://127.0.0.1:${port}` });
  child.kill('SIGTERM');
  shopLog.warn('a demo shop to look at did not open');
  return refused(null, tr`Demo shop: it could not be opened. Your own shop is as it was.`);
}

import { spawn } from 'node:child_process';
import { freePort } from '@/server/demo/free-port';

/** The built application, open. */
export interface Open {
  readonly url: string;
  readonly stop: () => Promise<void>;
}

/** Serves a data folder at a fixed instant until it is stopped. */
export async function openAt(mode: 'demo' | 'own', folder: string, nowIso: string): Promise<Open> {
  const port = await freePort();
  const child = spawn(process.execPath, ['bin/lib/bundle.mjs', 'serve', mode], {
    env: {
      ...process.env,
      OLVIK_NOW: nowIso,
      OLVIK_PORT: String(port),
      OLVIK_DATA: folder,
      OLVIK_DEMO_DATA: folder,
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const ended = new Promise((resolve) => child.once('exit', resolve));
  await new Promise<void>((resolve, reject) => {
    child.stdout.on('data', (chunk: Buffer) => chunk.includes('Olvik is open') && resolve());
    child.once('exit', (code) => reject(new Error(`The server ended with ${code}.`)));
  });
  return {
    url: `http://127.0.0.1:${port}`,
    stop: async () => {
      child.kill('SIGTERM');
      await ended;
    },
  };
}

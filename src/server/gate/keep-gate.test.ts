import { mkdtempSync, rmSync } from 'node:fs';
import { createServer, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { freePort } from '../demo/free-port';
import type { Db } from '@/data';
import { gateState, openWaysIn, saveGateFound, wantGate } from '@/data/ways-in';
import type { GateState } from '@/shop/kept/device';
import { keepGate } from './keep-gate';

const HOST = '127.0.0.8';

let folder: string;
let db: Db;
let port: number;
beforeEach(async () => {
  folder = mkdtempSync(path.join(tmpdir(), 'olvik-keep-'));
  db = openWaysIn(folder);
  port = await freePort();
});
afterEach(() => {
  db.close();
  rmSync(folder, { recursive: true });
});

const keep = (always = false) =>
  keepGate({ folder, shopPort: 1, key: 'k', host: HOST, port, names: new Set(), always });

/** Waits until the gate says what is expected of it. */
async function says(expected: Partial<GateState>): Promise<void> {
  for (let i = 0; i < 200; i += 1) {
    const state = gateState(db);
    if (Object.entries(expected).every(([key, value]) => isLike(state, key, value))) return;
    await new Promise((resolve) => setTimeout(resolve, 25));
  }
  expect(gateState(db)).toMatchObject(expected);
}
const isLike = (state: GateState, key: string, value: unknown) =>
  JSON.stringify(state[key as keyof GateState]) === JSON.stringify(value);

test('it opens as the shop wishes, closes again, and is closed once it ends', async () => {
  const end = await keep();
  expect(gateState(db)).toMatchObject({ wanted: false, addresses: [] });
  wantGate(db, true);
  await says({ addresses: [`https://${HOST}:${port}`], trouble: null });
  wantGate(db, false);
  await says({ addresses: [] });
  wantGate(db, true);
  await says({ addresses: [`https://${HOST}:${port}`] });
  await end();
  expect(gateState(db)).toMatchObject({ addresses: [], fingerprint: null });
});

test('started open it says so, and what a run before found is forgotten', async () => {
  const stale = {
    always: true,
    addresses: ['https://10.0.0.9:1'],
    fingerprint: 'A',
    trouble: null,
  };
  saveGateFound(db, stale);
  const closed = await keep();
  expect(gateState(db)).toMatchObject({ always: false, addresses: [], fingerprint: null });
  await closed();
  const end = await keep(true);
  await says({ wanted: false, always: true, addresses: [`https://${HOST}:${port}`] });
  await end();
});

test('a port that is taken is told with what to do', async () => {
  const taken: Server = createServer();
  await new Promise<void>((resolve) => taken.listen(port, HOST, () => resolve()));
  const end = await keep(true);
  expect(gateState(db).trouble).toContain(`Port ${port} is in use.`);
  await end();
  await new Promise((resolve) => taken.close(resolve));
});

import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { createServer, type IncomingHttpHeaders, type Server } from 'node:http';
import { request } from 'node:https';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { freePort } from '../demo/free-port';
import { type Db } from '@/data';
import { addPairing, listDevices, openWaysIn, shutDevice } from '@/data/ways-in';
import { GATE_KEY_HEADER, GATE_WHO_HEADER, whoOf } from '../ways-in/who';
import { hashOf } from '../ways-in/ways-in';
import { certificateFor } from './certificate';
import { openGate, type OpenGate } from './gate';

const HOST = '127.0.0.3';
const KEY = 'the key of this run';

let folder: string;
let db: Db;
let gate: OpenGate;
let port: number;
let shop: Server;
/** What reached the shop. */
let reached: { url: string; headers: IncomingHttpHeaders }[];

beforeEach(async () => {
  folder = mkdtempSync(path.join(tmpdir(), 'olvik-gate-'));
  db = openWaysIn(folder);
  reached = [];
  shop = createServer((asked, response) => {
    reached.push({ url: asked.url ?? '', headers: asked.headers });
    if (asked.url === '/changes') {
      response.writeHead(200, { 'Content-Type': 'text/event-stream' });
      response.write('data: 1\n\n');
      return;
    }
    response.end('the shop');
  });
  await new Promise<void>((resolve) => shop.listen(0, '127.0.0.1', () => resolve()));
  port = await freePort();
  gate = await openGate({
    db,
    certificate: await certificateFor(folder, [HOST], Date.now()),
    host: HOST,
    port,
    names: new Set([HOST]),
    shopPort: (shop.address() as AddressInfo).port,
    key: KEY,
  });
});
afterEach(async () => {
  await gate.close();
  shop.closeAllConnections();
  await new Promise((resolve) => shop.close(resolve));
  db.close();
  rmSync(folder, { recursive: true });
});

interface Answer {
  readonly status: number;
  readonly text: string;
  readonly headers: IncomingHttpHeaders;
}

function ask(
  url: string,
  of: { method?: string; headers?: Record<string, string>; body?: string } = {},
): Promise<Answer> {
  const { method = 'GET', headers = {}, body } = of;
  return new Promise((resolve, reject) => {
    const asked = request(
      { host: HOST, port, path: url, method, headers, rejectUnauthorized: false, agent: false },
      (response) => {
        let text = '';
        response.on('data', (part: Buffer) => (text += part.toString()));
        const end = () =>
          resolve({ status: response.statusCode ?? 0, text, headers: response.headers });
        response.on('end', end);
        response.on('error', end);
      },
    );
    asked.on('error', reject);
    asked.end(body);
  });
}

const pair = (code: string, name = 'Tablet') =>
  ask('/pair', { method: 'POST', body: JSON.stringify({ code, name }) });

/** A device that is let in: its cookie. */
async function letIn(role: 'all' | 'hands' | 'wall' = 'hands'): Promise<string> {
  addPairing(
    db,
    hashOf('123456'),
    { role, person: 'Jo', untilMs: Date.now() + 60_000 },
    Date.now(),
  );
  const { status, headers } = await pair('123 456');
  expect(status).toBe(200);
  const [cookie] = headers['set-cookie'] ?? [];
  expect(cookie).toMatch(/^__Host-.*; Path=\/; Max-Age=\d+; HttpOnly; Secure; SameSite=Strict$/);
  return cookie!.split(';')[0]!;
}

test('a stranger gets the page of pairing, and of everything else nothing', async () => {
  for (const url of ['/', '/log', '/changes', '/shop/archive.json', '/_next/image?url=x']) {
    expect(await ask(url)).toMatchObject({ status: 401, text: 'This device is not let in.' });
    const page = await ask(url, { headers: { accept: 'text/html' } });
    expect(page).toMatchObject({ status: 303, text: '', headers: { location: '/pair' } });
  }
  expect(reached).toEqual([]);
  expect(await ask('/pair')).toMatchObject({ status: 200 });
  const who = whoOf(new Headers(reached[0]!.headers as Record<string, string>), KEY, () => null);
  expect(who).toBeNull();
});

test('who is let in passes as itself, whatever its request says of itself', async () => {
  const cookie = await letIn();
  const forged = {
    [GATE_KEY_HEADER]: KEY,
    [GATE_WHO_HEADER]: 'eyJyb2xlIjoiYWxsIn0',
    'x-nonce': 'a',
  };
  const headers = { cookie, origin: `https://${HOST}:${port}`, ...forged };
  expect(await ask('/log', { headers })).toMatchObject({ status: 200, text: 'the shop' });
  const [one] = reached;
  expect(whoOf(new Headers(one!.headers as Record<string, string>), KEY, () => null)).toEqual({
    device: { id: listDevices(db)[0]!.id, name: 'Tablet' },
    role: 'hands',
    person: 'Jo',
  });
  expect(one!.headers).not.toHaveProperty('x-nonce');
  expect(one!.headers).not.toHaveProperty('cookie');
  expect(one!.headers.host).toMatch(/^127\.0\.0\.1:/);
});

test('a code is used once; the same code again, a wrong one and a late one are told alike', async () => {
  await letIn();
  const again = await pair('123456');
  const wrong = await pair('654321');
  expect(again).toMatchObject({ status: 400 });
  expect(wrong.text).toBe(again.text);
  expect(listDevices(db)).toHaveLength(1);
});

test('codes can not be tried through: five a minute', async () => {
  const tried = [];
  for (let i = 0; i < 7; i += 1) tried.push((await pair(`00000${i}`)).status);
  expect(tried).toEqual([400, 400, 400, 400, 400, 429, 429]);
});

test('another name for this machine, another page’s doing, and what can not be read are not answered', async () => {
  const cookie = await letIn('all');
  const turned = async (headers: Record<string, string>, url = '/log') =>
    (await ask(url, { method: 'POST', headers: { cookie, ...headers } })).status;
  expect(await turned({ host: 'olvik.evil.example' })).toBe(421);
  expect(await turned({ origin: 'https://evil.example' })).toBe(403);
  expect(await turned({ 'sec-fetch-site': 'cross-site' })).toBe(403);
  expect(await turned({}, '/%E0%A4%A')).toBe(400);
  expect(await turned({}, '//evil.example/')).toBe(400);
  expect(reached).toEqual([]);
});

test('a device that is shut out is out at once, and its streams end', async () => {
  const cookie = await letIn();
  const stream = ask('/changes', { headers: { cookie } }).catch(() => null);
  while (reached.length === 0) await new Promise((resolve) => setTimeout(resolve, 10));
  const other = openWaysIn(folder);
  shutDevice(other, listDevices(other)[0]!.id, Date.now());
  other.close();
  await stream;
  expect(await ask('/log', { headers: { cookie } })).toMatchObject({ status: 401 });
});

test('a wall opens on the wall', async () => {
  const cookie = await letIn('wall');
  expect(await ask('/', { headers: { cookie } })).toMatchObject({
    status: 303,
    headers: { location: '/wall' },
  });
});

test('the certificate is its owner’s alone, stays while it holds, and is another for other names', async () => {
  const one = await certificateFor(folder, [HOST], Date.now());
  const again = await certificateFor(folder, [HOST], Date.now());
  expect(again.fingerprint).toBe(one.fingerprint);
  expect(one.fingerprint).toMatch(/^([0-9A-F]{2}:){31}[0-9A-F]{2}$/);
  for (const file of ['key.pem', 'cert.pem']) {
    expect(statSync(path.join(folder, 'share', file)).mode & 0o777).toBe(0o600);
  }
  const moved = await certificateFor(folder, ['10.0.0.9', 'shop.local'], Date.now());
  expect(moved.fingerprint).not.toBe(one.fingerprint);
  const late = Date.now() + 390 * 24 * 3_600_000;
  const renewed = await certificateFor(folder, ['10.0.0.9', 'shop.local'], late);
  expect(renewed.fingerprint).not.toBe(moved.fingerprint);
});

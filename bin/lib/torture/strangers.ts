import { randomUUID } from 'node:crypto';
import path from 'node:path';
import { addDevice, addPairing, openWaysIn, shutDevice } from '@/data/ways-in';
import { isByKey } from '@/server/ways-in/paths';
import { hashOf, newCode, newSecret } from '@/server/ways-in/ways-in';
import { randomOf, triesOf, type Bounds, type Figure } from './figures';
import { filled, routes } from './routes';
import { ask, serveShop, type Answered, type Asked } from './served-shop';
import { changedTables, contentsOf } from './soundness';

const WHOLE = 1500;
/** Set up in the shop before; no stranger may ever read it. */
const KNOWN = ['My bakery', 'Type 00 flour'] as const;
const BEFORE_PAIRING = /^\/pair$/;

/**
 * Everybody who is not in: without a token, with a forged one, with that of a device that was shut out, under another name, from
 * another page, with codes that were used. Nothing is said and nothing done.
 */
export async function strangers(bounds: Bounds): Promise<Figure> {
  const shop = await serveShop('127.0.0.6');
  const where = { ...shop.gate, tls: true };
  const wrong: string[] = [];
  let tried = 0;
  const db = openWaysIn(shop.folder);
  try {
    const lost = newSecret();
    const id = randomUUID();
    const nowMs = Date.now();
    addDevice(
      db,
      { id, name: 'Lost', role: 'all', person: null, pairedMs: nowMs, seenMs: nowMs, shutMs: null },
      hashOf(lost),
    );
    const cookie = (token: string) => ({ cookie: `__Host-olvik-device=${token}` });
    const inside = await ask(where, { path: '/shop', headers: cookie(lost) });
    if (inside.status !== 200) wrong.push(`who is in gets ${inside.status}`);
    shutDevice(db, id, Date.now());
    const file = path.join(shop.folder, 'olvik.sqlite');
    const before = contentsOf(file);
    const random = randomOf(bounds.seed);
    const { host, port } = shop.gate;
    const guises: readonly Readonly<Record<string, string>>[] = [
      {},
      cookie(lost),
      cookie(newSecret()),
      { host: 'olvik.example', ...cookie(lost) },
      { origin: 'https://evil.example', 'sec-fetch-site': 'cross-site' },
      { 'x-olvik-gate': 'guessed', 'x-olvik-who': 'eyJyb2xlIjoiYWxsIn0' },
      { 'x-forwarded-for': '127.0.0.1', 'x-forwarded-host': `${host}:${port}` },
      { authorization: `Bearer ${newSecret()}` },
    ];
    const all = routes();
    const tries = triesOf(bounds, WHOLE);
    for (; tried < tries && Date.now() < bounds.untilMs; tried += 1) {
      const asked: Asked = {
        method: random() < 0.6 ? 'GET' : 'POST',
        path: filled(all[tried % all.length] as string, 'x'),
        headers: guises[tried % guises.length] ?? {},
      };
      const said = toldOf(asked, await ask(where, asked));
      if (said !== null) wrong.push(said);
      // The limit of requests is another test’s: strangers come from many addresses.
      if (tried % 700 === 699) await new Promise((resolve) => setTimeout(resolve, 61_000));
    }
    wrong.push(...(await replayed(where, db)));
    const stored = changedTables(before, contentsOf(file));
    if (stored.length > 0) wrong.push(`stored in ${stored.join(', ')}`);
    return {
      what: 'strangers',
      tried,
      wrong,
      beside: `${all.length} routes, ${guises.length} guises`,
    };
  } finally {
    db.close();
    await shop.stop();
  }
}

function toldOf({ path: url, method }: Asked, { status, text }: Answered): string | null {
  const known = KNOWN.find((one) => text.includes(one));
  if (known !== undefined) return `${url} says “${known}”`;
  const open = BEFORE_PAIRING.test(url) || isByKey(url);
  const allowed = open ? [200, 400, 401, 403, 404, 405, 421, 429] : [303, 401, 403, 421, 429];
  return allowed.includes(status) ? null : `${method} ${url}: ${status}`;
}

/** A code lets in once; sent again by a hundred at once, once. */
async function replayed(
  where: Parameters<typeof ask>[0],
  db: Parameters<typeof addPairing>[0],
): Promise<string[]> {
  const code = newCode();
  const nowMs = Date.now();
  const pairing = { role: 'wall', person: null, untilMs: nowMs + 60_000 } as const;
  addPairing(db, hashOf(code), pairing, nowMs);
  const send = () =>
    ask(where, { method: 'POST', path: '/pair', body: JSON.stringify({ code, name: 'Copy' }) });
  const answers = await Promise.all(Array.from({ length: 20 }, send));
  const let_ = answers.filter(({ status }) => status === 200).length;
  return let_ === 1 ? [] : [`one code let ${let_} in`];
}

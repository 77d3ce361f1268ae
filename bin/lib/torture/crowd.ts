import { request } from 'node:https';
import path from 'node:path';
import Database from 'better-sqlite3';
import { addKey, openWaysIn } from '@/data/ways-in';
import { hashOf, newSecret } from '@/server/ways-in/ways-in';
import { mega, triesOf, type Bounds, type Figure } from './figures';
import { addressOf, DEVICES, letIn } from './let-in';
import { ask, serveShop, type Answered } from './served-shop';

const WHOLE = 600;
const STREAMS = 200;
/** A change stands on the others within this, ms. */
const WITHIN_MS = 1000;
/** Of one core, an idle server. */
const MOST_IDLE = 0.02;
const IDLE_MS = 10_000;
const MINUTE_MS = 60_000;

/** Six devices at once, streams opened and dropped, one act after the other: none lost, none twice, told at once. */
export async function crowd(bounds: Bounds): Promise<Figure> {
  const shop = await serveShop('127.0.0.7');
  const where = { ...shop.gate, tls: true };
  const wrong: string[] = [];
  const db = openWaysIn(shop.folder);
  try {
    const cookies = Array.from({ length: DEVICES }, (_, n) => letIn(db, n));
    const key = newSecret();
    addKey(
      db,
      { id: 'k', kind: 'readings', name: 'crowd', madeMs: Date.now(), usedMs: null },
      hashOf(key),
    );
    for (const cookie of cookies) await ask(where, { path: '/now', headers: { cookie } });
    const startBytes = shop.memory();
    const late: number[] = [];
    const listeners = cookies.map((cookie, n) => listen(where, cookie, addressOf(n)));
    const drop = Math.round(STREAMS * Math.max(bounds.share, 0.05));
    for (let n = 0; n < drop; n += 1)
      listen(where, cookies[n % DEVICES] as string, addressOf(n)).stop();
    const acts = triesOf(bounds, WHOLE);
    let sent = 0;
    const firstMs = Date.now() - (acts + 2) * 11 * MINUTE_MS;
    for (; sent < acts && Date.now() < bounds.untilMs; sent += 1) {
      // A reading every eleven minutes of its past, each sent by two devices at once.
      const at = new Date(firstMs + sent * 11 * MINUTE_MS).toISOString();
      const body = JSON.stringify([{ place: 'bench', at, tempC: 20 + (sent % 5) }]);
      const headers = { authorization: `Bearer ${key}` };
      const one = { method: 'POST', path: '/readings', headers, body };
      const before = listeners.map(({ heard }) => heard());
      const answers = await Promise.all(
        [0, 1].map((n) => ask({ ...where, localAddress: addressOf(sent + n) }, one)),
      );
      wrong.push(...refusedOf(sent, answers));
      late.push(await toldAfter(listeners, before));
    }
    for (const { stop } of listeners) stop();
    const stored = countReadings(shop.folder);
    if (stored !== sent) wrong.push(`${stored} of ${sent} acts are stored`);
    const worst = Math.max(...late);
    const idle = await idleOf(shop);
    // A short run stands among other work: there, times are measured and not judged.
    if (bounds.share >= 1) wrong.push(...tooMuch(worst, idle));
    const beside = `${DEVICES} devices, ${drop} streams dropped; told after ${worst} ms at most; memory ${mega(startBytes)} → ${mega(shop.memory())} MB; idle ${(idle * 100).toFixed(1)} % of a core`;
    return { what: 'a crowd', tried: sent, wrong, beside };
  } finally {
    db.close();
    await shop.stop();
  }
}

const refusedOf = (act: number, answers: readonly Answered[]): string[] =>
  answers.flatMap(({ status, text }) =>
    status === 200 ? [] : [`act ${act}: ${status} ${text.slice(0, 80)}`],
  );

/** What took too long, or too much of the machine. */
function tooMuch(worstMs: number, idle: number): string[] {
  return [
    ...(worstMs > WITHIN_MS ? [`a change took ${worstMs} ms to the others`] : []),
    ...(idle > MOST_IDLE ? [`idle it takes ${(idle * 100).toFixed(1)} % of a core`] : []),
  ];
}

/** How long it takes until every listener has heard something, ms. */
async function toldAfter(
  listeners: readonly { readonly heard: () => number }[],
  before: readonly number[],
): Promise<number> {
  const beganMs = Date.now();
  while (listeners.some(({ heard }, n) => heard() === before[n])) {
    if (Date.now() - beganMs > 5 * WITHIN_MS) break;
    await new Promise((resolve) => setTimeout(resolve, 5));
  }
  return Date.now() - beganMs;
}

/** A stream of a device that counts what it hears. */
function listen(
  { host, port }: { readonly host: string; readonly port: number },
  cookie: string,
  localAddress: string,
): { readonly heard: () => number; readonly stop: () => void } {
  let count = 0;
  const options = { host, port, localAddress, path: '/changes', rejectUnauthorized: false };
  const asked = request({ ...options, headers: { cookie }, agent: false }, (response) => {
    response.on('data', (part: Buffer) => {
      if (part.includes('data:')) count += 1;
    });
    response.on('error', () => undefined);
  });
  asked.on('error', () => undefined);
  asked.end();
  return { heard: () => count, stop: () => asked.destroy() };
}

function countReadings(folder: string): number {
  const db = new Database(path.join(folder, 'olvik.sqlite'), { readonly: true });
  const count = db.prepare("SELECT count(*) FROM journal WHERE kind = 'reading'").pluck().get();
  db.close();
  return count as number;
}

/** The share of a core that a server takes with nobody asking. */
async function idleOf(shop: { readonly processorS: () => number }): Promise<number> {
  await new Promise((resolve) => setTimeout(resolve, 2_000));
  const before = shop.processorS();
  await new Promise((resolve) => setTimeout(resolve, IDLE_MS));
  return (shop.processorS() - before) / (IDLE_MS / 1000);
}

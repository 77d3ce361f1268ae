import { randomUUID } from 'node:crypto';
import path from 'node:path';
import Database from 'better-sqlite3';
import { openWaysIn } from '@/data/ways-in';
import type { Moment } from '@/shop/hands/moment';
import type { Outcome } from '@/shop/outcome';
import { mega, randomOf, type Bounds, type Figure } from './figures';
import { addressOf, DEVICES, letIn } from './let-in';
import { ask, serveShop, type ServedShop } from './served-shop';
import { damageOf } from './soundness';

/** An hour of the demo’s Friday at ×60. */
const WHOLE_S = 60;
const RATE = 60;
const MOST_GROWTH = 400e6;

type Where = Parameters<typeof ask>[0];
interface Busy {
  readonly where: Where;
  readonly cookie: string;
  readonly origin: string;
}

/** What a crew of six does in an hour of service at ×60: steps that two do at once, notes, readings; then all of it is counted. */
export async function busyHour(bounds: Bounds): Promise<Figure> {
  const shop = await serveShop('127.0.0.8', 'demo');
  const db = openWaysIn(shop.folder);
  const wrong: string[] = [];
  try {
    const crew = Array.from({ length: DEVICES }, (_, n): Busy => {
      const where = { ...shop.gate, tls: true, localAddress: addressOf(n) };
      return { where, cookie: letIn(db, n), origin: `https://${shop.gate.host}:${shop.gate.port}` };
    });
    const [first] = crew;
    await sent(first as Busy, 'setDemoRate', RATE);
    const startBytes = shop.memory();
    const untilMs = Date.now() + 1000 * Math.max(4, WHOLE_S * Math.min(1, bounds.share));
    const done = await Promise.all(
      crew.map((one, n) => works(one, randomOf(bounds.seed + n), untilMs)),
    );
    const notes = done.flatMap((one) => one.notes);
    const steps = done.flatMap((one) => one.steps);
    wrong.push(...done.flatMap((one) => one.wrong), ...miscounted(shop, notes, steps));
    const grown = shop.memory() - startBytes;
    if (grown > MOST_GROWTH) wrong.push(`memory grew by ${mega(grown)} MB`);
    const beside = `${steps.length} steps and ${notes.length} notes confirmed, ${done.reduce((sum, one) => sum + one.late, 0)} told that another had done it; ${answersText(done.flatMap((one) => one.tookMs))}; memory ${mega(startBytes)} → ${mega(shop.memory())} MB`;
    return { what: 'a busy hour at ×60', tried: steps.length + notes.length, wrong, beside };
  } finally {
    db.close();
    await shop.stop();
  }
}

/** How long answers took: half of them at most, nearly all, the longest. */
function answersText(tookMs: readonly number[]): string {
  const sorted = [...tookMs].sort((a, b) => a - b);
  const at = (share: number) => Math.round(sorted[Math.floor(share * (sorted.length - 1))] ?? 0);
  return `an act took ${at(0.5)} ms (median), ${at(0.95)} ms (95 %), ${at(1)} ms at most`;
}

async function sent(one: Busy, name: string, form: unknown): Promise<Outcome<unknown> | null> {
  const { status, text } = await ask(one.where, {
    method: 'POST',
    path: '/command',
    headers: { cookie: one.cookie, origin: one.origin, 'content-type': 'application/json' },
    body: JSON.stringify({ name, args: [form], id: randomUUID() }),
  });
  return status === 200 ? (JSON.parse(text) as Outcome<unknown>) : null;
}

interface Work {
  readonly notes: string[];
  readonly steps: string[];
  readonly wrong: string[];
  /** Acts that another device had done before. */
  late: number;
  /** How long each answer took, ms. */
  readonly tookMs: number[];
}

/** One device until the hour is over: it does the step that is due as everybody else would, and notes what it sees. */
async function works(one: Busy, random: () => number, untilMs: number): Promise<Work> {
  const work: Work = { notes: [], steps: [], wrong: [], late: 0, tookMs: [] };
  while (Date.now() < untilMs) {
    const beganMs = performance.now();
    if (random() < 0.5) await notes(one, work);
    else await doesDue(one, work);
    work.tookMs.push(performance.now() - beganMs);
    await new Promise((resolve) => setTimeout(resolve, 300 + 700 * random()));
  }
  return work;
}

async function notes(one: Busy, work: Work): Promise<void> {
  const batch = randomUUID();
  const outcome = await sent(one, 'logNote', { batch, text: `seen ${batch}` });
  if (outcome?.ok === true) work.notes.push(batch);
  else work.wrong.push(`a note: ${JSON.stringify(outcome)}`);
}

async function doesDue(one: Busy, work: Work): Promise<void> {
  const { status, text } = await ask(one.where, { path: '/now', headers: { cookie: one.cookie } });
  if (status !== 200) return void work.wrong.push(`/now: ${status} ${text.slice(0, 80)}`);
  const { moments } = JSON.parse(text) as { moments: readonly Moment[] };
  const due = moments.find(({ tense, glyph }) => tense === 'planned' && glyph !== 'look');
  if (due === undefined) return;
  const form = { stepId: due.ref, batch: randomUUID(), sure: true };
  const outcome = await sent(one, 'doStep', form);
  if (outcome?.ok === true) work.steps.push(due.ref);
  else if (/done or withdrawn already/.test(JSON.stringify(outcome))) work.late += 1;
  // What the plan can not have done now (a lot that is not there yet) is refused in a sentence.
  else if (outcome === null) work.wrong.push(`${due.title}: no answer`);
}

/** What is confirmed and does not stand once in the journal. */
function miscounted(
  shop: ServedShop,
  notes: readonly string[],
  steps: readonly string[],
): readonly string[] {
  const file = path.join(shop.folder, 'olvik.sqlite');
  const db = new Database(file, { readonly: true });
  const count = (sql: string) => db.prepare(sql).pluck();
  const byBatch = count('SELECT count(*) FROM journal WHERE batch = ?');
  const byStep = count(
    "SELECT count(DISTINCT batch) FROM journal WHERE fulfils = ? AND tense = 'done'",
  );
  const wrong = [
    ...notes.filter((one) => byBatch.get(one) !== 1).map((one) => `note ${one} is not there once`),
    ...steps.filter((one) => byStep.get(one) !== 1).map((one) => `step ${one} is not done once`),
  ];
  if (new Set(steps).size !== steps.length) wrong.push('a step was confirmed to two');
  db.close();
  const damage = damageOf(file);
  return damage === null ? wrong : [...wrong, damage];
}

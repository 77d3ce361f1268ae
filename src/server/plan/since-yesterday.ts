import { tr } from '@/words/tr';
import type { ShopState } from '@/shop/state';
import type { Bake } from '@/shop/kept/bake';
import { isAct, type Entry } from '@/core/journal';
import { MS_PER_HOUR } from '@/core/units';

import type { ShopContext } from '../context';
import { journalEntries, struckEntries } from '../journal/journal-memory';

import { dayHour } from '@/shop/plan/broken-words';

/** A change of the plans in the last day. */
export interface PlanChange {
  readonly bakeId: string | null;
  readonly says: string;
}

const DAY_MS = 24 * MS_PER_HOUR;
const MOST = 5;

/** What changed in the plans since yesterday, the newest first: bakes planned and withdrawn, moments moved, pizzas. */
export function sinceYesterday(
  context: ShopContext,
  state: ShopState,
  bakes: readonly Bake[],
): PlanChange[] {
  const fromMs = state.nowMs - DAY_MS;
  const entries = journalEntries(context);
  const struck = struckEntries(context);
  const recent = entries.flatMap((entry) => {
    if (entry.recordedMs < fromMs || struck.has(entry.id)) return [];
    if (entry.body.kind === 'strike') return before(entries, entry.body.strikes, fromMs, entry);
    return entry.tense === 'planned' ? [entry] : [];
  });
  const byBatch = new Map<string, Entry[]>();
  for (const entry of recent) {
    byBatch.set(entry.batch, [...(byBatch.get(entry.batch) ?? []), entry]);
  }
  return [...byBatch.values()]
    .reverse()
    .flatMap((batch) => changeOf(batch, bakes, state.shop.timeZone))
    .slice(0, MOST);
}

/** What was taken back of the plans as they stood a day ago: withdrawn by the act that took it back. */
function before(
  entries: readonly Entry[],
  id: string,
  fromMs: number,
  strike: Entry,
): readonly Entry[] {
  const one = entries.find((each) => each.id === id);
  const stood =
    one?.tense === 'planned' &&
    one.recordedMs < fromMs &&
    one.body.kind !== 'withdraw' &&
    one.body.kind !== 'replace';
  return stood
    ? [{ ...one, batch: strike.batch, body: { kind: 'withdraw', supersedes: one.id } }]
    : [];
}

function changeOf(batch: readonly Entry[], bakes: readonly Bake[], timeZone: string): PlanChange[] {
  const [first] = batch;
  if (first === undefined) return [];
  const bake = bakes.find((one) => one.id === first.bakeId);
  if (bake === undefined) return [];
  const name = `${bake.name}, ${dayHour(bake.readyFromMs, timeZone)}`;
  const { body } = first;
  const says =
    body.kind === 'withdraw'
      ? tr`${name}: withdrawn`
      : body.kind === 'replace'
        ? tr`${name}: ${nameOf(body.act)} at ${dayHour(body.atMs, timeZone).slice(4)}`
        : tr`${name}: planned`;
  return [{ bakeId: bake.id, says }];
}

function nameOf(act: Extract<Entry['body'], { kind: 'replace' }>['act']): string {
  if (isAct(act, 'make')) return act.lotKind === 'dough' ? tr`mix` : act.lotKind;
  return isAct(act, 'divide') ? tr`ball` : act.kind;
}

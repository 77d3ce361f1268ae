import { tr } from '@/words/tr';
import { workingHours, type ShopState } from '@/shop/state';
import { massOf, portion, type Composition } from '@/core/composition';
import { isStarter, type Culture } from '@/core/cultures';
import { isAct, type ActOf } from '@/core/journal';
import { z } from '@/core/parse';
import { isWorking, nearestWorking } from '@/core/planner/working-hours';
import { addHours } from '@/core/units';

import type { ShopContext } from '../context';
import { feedAct } from '../doing/mother-fed-again';
import { culturesOf, currentJar, stockOf } from '../culture-lines/registry';
import { batchOf, replaceDraft, type EntryDraft, writeEntries } from '../journal/entries';
import { nextCodes } from '../journal/lot-codes';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';

const schema = z.object({
  batch: z.string().min(8).max(80),
  /** Plans feeds up to this instant. */
  untilMs: z.number().int().min(0).max(1e14),
});

/** A feed can come by so much of its rhythm earlier for working hours; later only where nobody is in before. Set. */
const EARLIER_SHARE = 0.75;
const LATER_SHARE = 0.3;
/** Feeds planned of one culture at once, at most. */
const MOST_FEEDS = 30;

/** The jar that a feed is made from: as it stands, or as the feed before leaves it. */
type Jar = Parameters<typeof feedAct>[0]['jar'];

/** A culture with the feeds it is to get, and the jar that the first is made from. */
interface Row {
  readonly culture: Culture;
  readonly jar: Jar;
  readonly instants: readonly number[];
}
type FeedDraft = EntryDraft & { readonly body: ActOf<'make'> };

/**
 * Plans the feeds that keep the shop’s starters alive up to an instant, each with its usual amounts at its rhythm, moved
 * to an hour when somebody is in. One act, taken back as one.
 */
export function planFeeds(
  context: ShopContext,
  form: unknown,
): Outcome<{ batch: string; feeds: number }> {
  const parsed = parseForm(schema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const { batch, untilMs } = parsed.value;
    const state = loadShop(context);
    const stock = stockOf(context, state);
    const starters = culturesOf(context, state).filter(
      (culture) => culture.retiredMs === null && isStarter(culture),
    );
    const rows = starters.flatMap((culture): Row[] => {
      const last = lastJar(culture, state, currentJar(stock, culture.id));
      if (last === null) return [];
      const instants = feedInstants(culture, last.madeAtMs, { state, untilMs });
      return [{ culture, jar: last.jar, instants }];
    });
    const codes = nextCodes(
      context,
      state,
      'starter',
      rows.flatMap((row) => row.instants),
    );
    const drafts = rows.flatMap((row) => {
      const feeds = feedDrafts(state, row, codes.splice(0, row.instants.length));
      return [...feeds, ...repointed(state, row.jar, feeds)];
    });
    if (drafts.length === 0) return refused(null, tr`Feeds: all of them are planned already.`);
    writeEntries(context, batchOf(context, batch, drafts));
    return done({ batch, feeds: rows.reduce((sum, row) => sum + row.instants.length, 0) });
  });
}

/** The jar that the next unplanned feed is made from: the last planned feed of the culture, else the jar that stands. */
function lastJar(
  culture: Culture,
  state: ShopState,
  standing: {
    readonly id: string;
    readonly composition: Composition;
    readonly madeAtMs: number;
  } | null,
): { jar: Jar; madeAtMs: number } | null {
  const planned = state.folded.plan.flatMap(({ act, atMs }) =>
    isAct(act, 'make') && act.cultureId === culture.id ? [{ act, atMs }] : [],
  );
  if (standing === null) return null;
  let jar: Jar = standing;
  let madeAtMs = standing.madeAtMs;
  for (const feed of planned) {
    jar = fed(feed.act, jar);
    madeAtMs = feed.atMs;
  }
  return { jar, madeAtMs };
}

/** A feed as the jar it leaves. */
function fed(act: ActOf<'make'>, from: Jar): Jar {
  const weighed = Object.fromEntries(act.ingredients.map((one) => [one.ingredientId, one.massG]));
  const takenG = act.portions.reduce((sum, one) => sum + one.massG, 0);
  const { taken } = portion(from.composition, Math.min(takenG, massOf(from.composition)));
  const composition = { ...weighed };
  for (const [id, massG] of Object.entries(taken)) {
    composition[id] = (composition[id] ?? 0) + massG;
  }
  return { id: act.lotId, composition };
}

function feedInstants(
  culture: Culture,
  lastMs: number,
  { state, untilMs }: { readonly state: ShopState; readonly untilMs: number },
): number[] {
  const instants: number[] = [];
  let beforeMs = lastMs;
  while (instants.length < MOST_FEEDS) {
    const dueMs = Math.max(state.nowMs, addHours(beforeMs, culture.everyH));
    if (dueMs > untilMs) break;
    const atMs = feedHour(culture, dueMs, state);
    instants.push(atMs);
    beforeMs = Math.max(atMs, addHours(beforeMs, 1));
  }
  return instants;
}

/** The working hour nearest to when a feed is due: before it, else a little after; the hour itself where nobody is in. */
function feedHour(culture: Culture, dueMs: number, state: ShopState): number {
  const hours = workingHours(state);
  const { timeZone } = state.shop;
  const earliestMs = Math.max(state.nowMs, addHours(dueMs, -EARLIER_SHARE * culture.everyH));
  const before = nearestWorking(dueMs, { fromMs: earliestMs, toMs: dueMs }, hours, timeZone);
  if (isWorking(before, hours, timeZone)) return before;
  const latestMs = addHours(dueMs, LATER_SHARE * culture.everyH);
  const after = nearestWorking(dueMs, { fromMs: dueMs, toMs: latestMs }, hours, timeZone);
  return isWorking(after, hours, timeZone) ? after : dueMs;
}

function feedDrafts(state: ShopState, row: Row, codes: readonly string[]): FeedDraft[] {
  let { jar } = row;
  return row.instants.map((atMs, index) => {
    const body = feedAct({ culture: row.culture, jar, state, atMs }, codes[index] ?? '');
    jar = fed(body, jar);
    return { atMs, tense: 'planned', body };
  });
}

/** Steps that were to take from the jar after its next feed take from the feed that stands then. */
function repointed(state: ShopState, jar: Jar, feeds: readonly FeedDraft[]): EntryDraft[] {
  return state.folded.plan.flatMap((step) => {
    const { act, atMs } = step;
    const standing = feeds.filter((feed) => feed.atMs <= atMs).at(-1);
    if (standing === undefined || !isAct(act, 'make')) return [];
    if (!act.portions.some((line) => line.lotId === jar.id)) return [];
    const portions = act.portions.map((line) =>
      line.lotId === jar.id ? { ...line, lotId: standing.body.lotId } : line,
    );
    return [replaceDraft(step, atMs, { ...act, portions })];
  });
}

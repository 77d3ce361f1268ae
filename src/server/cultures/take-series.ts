import { tr, word } from '@/words/tr';
import { stockOf } from '../culture-lines/registry';
import { type ShopState } from '@/shop/state';
import { leavenAimC, type Culture } from '@/core/cultures';
import { isAct, type ActOf, type PlannedAct } from '@/core/journal';
import { numberField, z } from '@/core/parse';

import type { ShopContext } from '../context';
import { batchOf, replaceDraft, type EntryDraft, writeEntries } from '../journal/entries';
import { nextCodes } from '../journal/lot-codes';
import { done, refused, type Outcome } from '@/shop/outcome';
import { starterWanted } from './starter-wanted';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';
import { plannedAt } from './take-mix';

const grams = (name: string) => numberField({ name, unit: 'g', min: 0, max: 500_000 });
const feedSchema = z.object({
  at: z.string().min(1),
  motherG: numberField({ name: word('Mother'), unit: 'g', min: 0.1, max: 500_000 }),
  flours: z
    .array(z.object({ flourId: z.string().min(1).max(80), massG: grams(word('Flour')) }))
    .min(1)
    .max(8),
  waterG: grams(word('Water')),
  startC: numberField({ name: word('Temperature'), unit: '°C', min: 0, max: 40 }).nullish(),
});

const seriesSchema = z.object({
  cultureId: z.string().min(1).max(80),
  batch: z.string().min(8).max(80),
  fromLotId: z.string().min(1).max(80),
  placeId: z.string().min(1).max(80),
  feeds: z.array(feedSchema).min(1).max(4),
  /** A levain built of the last feed; left out: the last feed is what is wanted. */
  levain: feedSchema.nullish(),
});
type Series = z.output<typeof seriesSchema>;

/**
 * Plans a few feeds in a row as one act. They take the place of the culture’s planned feeds; what was to take from
 * those takes from the last of them.
 */
export function takeSeries(
  context: ShopContext,
  form: unknown,
): Outcome<{ batch: string; lotIds: string[] }> {
  const parsed = parseForm(seriesSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const series = parsed.value;
    const flours = series.feeds.flatMap((feed) => feed.flours);
    const starter = starterWanted(context, state, { ...series, flours });
    if (!starter.ok) return starter;
    const culture = starter.value;
    if (!stockOf(context, state).has(series.fromLotId)) {
      return refused('fromLotId', tr`Jar: ${series.fromLotId} has not been made yet.`);
    }
    const instants: number[] = [];
    for (const feed of [...series.feeds, ...(series.levain == null ? [] : [series.levain])]) {
      const at = plannedAt(feed.at, state);
      if (!at.ok) return at;
      if (at.value <= (instants.at(-1) ?? -Infinity)) {
        return refused('at', tr`Feeds in a row: each comes after the one before.`);
      }
      instants.push(at.value);
    }
    const { drafts, lotIds } = seriesDrafts(context, state, { culture, series, instants });
    writeEntries(context, batchOf(context, series.batch, drafts));
    return done({ batch: series.batch, lotIds });
  });
}

function seriesDrafts(
  context: ShopContext,
  state: ShopState,
  of: { culture: Culture; series: Series; instants: readonly number[] },
): { drafts: EntryDraft[]; lotIds: string[] } {
  const { culture, series, instants } = of;
  const feedCount = series.feeds.length;
  const feedIds = nextCodes(context, state, 'starter', instants.slice(0, feedCount));
  const levainIds = nextCodes(context, state, 'levain', instants.slice(feedCount));
  const lotIds = [...feedIds, ...levainIds];
  const all = [...series.feeds, ...(series.levain == null ? [] : [series.levain])];
  const made = all.map((feed, index): EntryDraft => {
    const atMs = instants[index] ?? state.nowMs;
    const from = index === 0 ? series.fromLotId : (lotIds[index - 1] ?? '');
    const isLevain = index >= feedCount;
    const act: ActOf<'make'> = {
      kind: 'make',
      lotId: lotIds[index] ?? '',
      lotKind: isLevain ? 'levain' : culture.kind === 'stiff starter' ? 'stiff starter' : 'starter',
      name: isLevain ? `${culture.name} levain` : culture.name,
      ...(isLevain ? {} : { cultureId: culture.id }),
      ingredients: [
        ...feed.flours.map((line) => ({ ingredientId: line.flourId, massG: line.massG })),
        { ingredientId: 'water', massG: feed.waterG },
      ].filter((line) => line.massG > 0),
      portions: [{ lotId: from, massG: feed.motherG }],
      placeId: series.placeId,
      startC: feed.startC ?? leavenAimC(state.placeMap, series.placeId, atMs),
      gasKept: 0,
    };
    return { atMs, tense: 'planned', body: act };
  });
  const replaced = state.folded.plan.filter(
    ({ act }) => isAct(act, 'make') && act.cultureId === culture.id,
  );
  const lastFeedId = feedIds.at(-1) ?? '';
  return {
    lotIds,
    drafts: [
      ...replaced.map((step) => withdrawn(step, state)),
      ...made,
      ...repointed(state, replaced, lastFeedId),
    ],
  };
}

const withdrawn = (step: PlannedAct, state: ShopState): EntryDraft => ({
  atMs: state.nowMs,
  tense: 'planned',
  bakeId: step.bakeId,
  body: { kind: 'withdraw', supersedes: step.stepId, reason: tr`Feeds in a row take its place` },
});

/** Steps that were to take from a withdrawn feed take from the last one of the row. */
function repointed(
  state: ShopState,
  replaced: readonly PlannedAct[],
  lastFeedId: string,
): EntryDraft[] {
  const gone = new Set(replaced.flatMap(({ act }) => (isAct(act, 'make') ? [act.lotId] : [])));
  return state.folded.plan.flatMap((step) => {
    const { act } = step;
    if (!isAct(act, 'make') || gone.has(act.lotId)) return [];
    if (!act.portions.some((line) => gone.has(line.lotId))) return [];
    const portions = act.portions.map((line) =>
      gone.has(line.lotId) ? { ...line, lotId: lastFeedId } : line,
    );
    return [replaceDraft(step, step.atMs, { ...act, portions })];
  });
}

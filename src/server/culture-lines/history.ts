import { type ShopState } from '@/shop/state';
import type { JarPace } from '@/core/cultures';
import { forecastShop, type LotForecast } from '@/core/forecast';
import { isAct, lotMadeBy, lotsTouchedBy, type DoneAct } from '@/core/journal';
import { MS_PER_HOUR } from '@/core/units';
import { journalVersion } from '@/data';
import type { ShopContext } from '../context';
import { remembering } from '../remembering';
import { cultureSpeeds, learnedSpeeds } from '../shop/load-shop';

/** Days of feeds that a culture is looked back on. */
const BACK_DAYS = 21;
/** A coarser step is enough for what has been. */
const STEP_H = 0.1;

interface History {
  readonly key: string;
  readonly lots: ReadonlyMap<string, LotForecast>;
}
const histories = remembering<History>('culture-history');

/** The lots of the last weeks as they were forecast and seen; remembered until the journal changes. */
export function historyOf(
  context: ShopContext,
  state: ShopState,
): ReadonlyMap<string, LotForecast> {
  const speeds = learnedSpeeds(context, state).map(({ culture, belief }) => [
    culture,
    belief.lnSpeed,
    belief.variance,
  ]);
  const hour = Math.floor(state.nowMs / MS_PER_HOUR);
  const rests = [[...state.placeMap.values()], [...state.pantry]];
  const key = JSON.stringify([journalVersion(context.db), speeds, rests, hour]);
  const known = histories.get(context);
  if (known?.key === key) return known.lots;
  const { lots } = forecastShop({
    folded: { done: actsOfCultures(state.folded.done), plan: [] },
    nowMs: state.nowMs,
    visibleFromMs: state.nowMs - BACK_DAYS * 24 * MS_PER_HOUR,
    places: state.placeMap,
    pantry: state.pantry,
    cultureSpeeds: cultureSpeeds(context, state),
    withBands: false,
    stepH: STEP_H,
  });
  histories.set(context, { key, lots });
  return lots;
}

/** The acts that tell the story of what is kept: of its lots and of what those were made from, and of nothing else. */
function actsOfCultures(done: readonly DoneAct[]): DoneAct[] {
  const kept = new Set<string>();
  for (const { act } of [...done].reverse()) {
    const made = lotMadeBy(act);
    if (made === null) continue;
    const ofCulture = (isAct(act, 'make') || isAct(act, 'split')) && act.cultureId !== undefined;
    if (!ofCulture && !kept.has(made)) continue;
    kept.add(made);
    for (const from of lotsTouchedBy(act)) kept.add(from);
  }
  return done.filter(({ act }) => {
    const made = lotMadeBy(act);
    return made === null ? lotsTouchedBy(act).some((id) => kept.has(id)) : kept.has(made);
  });
}

/** The feeds of a culture in those weeks, oldest first; bags and layers are kept apart. */
export function feedsOf(lots: ReadonlyMap<string, LotForecast>, cultureId: string): LotForecast[] {
  return [...lots.values()]
    .filter(({ story }) => story.lot.cultureId === cultureId && !story.lot.part)
    .sort((a, b) => a.story.startMs - b.story.startMs);
}

/** How each feed that was looked at ran against its culture. */
export function pacesOf(feeds: readonly LotForecast[]): JarPace[] {
  return feeds
    .filter(({ story }) => story.looks.length > 0)
    .map(({ story, speed }) => ({ atMs: story.startMs, pace: speed }));
}

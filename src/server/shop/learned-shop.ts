import { type LearnedShop } from '@/shop/kept/learned';
import { type Place } from '@/shop/kept/shop';
import type { Pantry } from '@/core/composition';
import { learnHands, learnOffset, type Places } from '@/core/forecast';
import type { PossibleFold } from '@/core/journal';

import { journalVersion, listLearningResets } from '@/data';
import type { ShopContext } from '../context';
import { remembering } from '../remembering';

/** Under what a reset of each is kept. */
export const LEARNED_KEYS = {
  place: (placeId: string) => `place:${placeId}`,
  mixer: 'mixer',
  loss: 'loss',
} as const;

/** The tables and the journal, as learning takes them. */
export interface Known {
  readonly places: readonly Place[];
  readonly pantry: Pantry;
  readonly folded: PossibleFold;
  readonly nowMs: number;
}

const remembered = remembering<{ key: string; learned: LearnedShop }>('learned shop');

/** What was learned of the shop; remembered until the journal, a place or a reset changes. */
export function learnedShop(context: ShopContext, known: Known): LearnedShop {
  const resets = listLearningResets(context.db);
  const key = JSON.stringify([
    journalVersion(context.db),
    known.places,
    [...known.pantry],
    [...resets],
  ]);
  const before = remembered.get(context);
  if (before?.key === key) return before.learned;
  const learned = learn(known, resets);
  remembered.set(context, { key, learned });
  return learned;
}

function learn(known: Known, resets: ReadonlyMap<string, number>): LearnedShop {
  const { folded, pantry, nowMs } = known;
  const asSet: Places = new Map(known.places.map((place) => [place.id, place]));
  const resetMs = (what: string) => resets.get(what) ?? -Infinity;
  const offsets = new Map(
    known.places.map((place) => {
      const fromMs = resetMs(LEARNED_KEYS.place(place.id));
      const readings = folded.readings.filter((one) => one.atMs > fromMs);
      return [place.id, learnOffset(asSet, place.id, readings, nowMs)] as const;
    }),
  );
  const done = folded.done.map((one) => ({
    ...one,
    plannedMs: one.atMs,
    tense: 'done' as const,
    ref: one.entryId,
  }));
  const hands = {
    done,
    places: placesAsLearned(known, offsets),
    pantry,
    nowMs,
    mixerFromMs: resetMs(LEARNED_KEYS.mixer),
    lossFromMs: resetMs(LEARNED_KEYS.loss),
  };
  return { offsets, ...learnHands(hands) };
}

/** The places with what was measured in them and learned of them. */
export function placesAsLearned(
  known: Pick<Known, 'places' | 'folded'>,
  offsets: LearnedShop['offsets'],
): Places {
  return new Map(
    known.places.map((place) => {
      const belief = offsets.get(place.id);
      const readings = known.folded.readings.filter((one) => one.placeId === place.id);
      const learned =
        belief === undefined || belief.lessons.length === 0
          ? {}
          : {
              offsetC: toStep(belief.mean, 0.1),
              offsetSdC: toStep(Math.sqrt(belief.variance + HOUR_TO_HOUR), 0.05),
            };
      return [place.id, { ...place, readings, ...learned }];
    }),
  );
}

/** To a step: each new reading must not move every forecast by nothing. */
const toStep = (value: number, step: number) => Math.round(value / step) * step;

/** Variance of a place’s temperature around its own mean, °C²: what no offset explains. Set. */
const HOUR_TO_HOUR = 0.4 ** 2;

import { ownThings, type OwnThing } from '@/core/formula/check';
import type { DoughFacts } from './facts';

/** Water over flour that a stiff culture, and any other, is taken to have where a recipe does not say it. Set. */
const STIFF = 0.5;
const LIQUID = 1;

/** Flours and cultures of the shop as a recipe may name them. */
export function ownNames({ flours, sources }: Pick<DoughFacts, 'flours' | 'sources'>): OwnThing[] {
  const cultures = [...new Set(sources.map((one) => one.cultureId))].flatMap((id) => {
    const own = sources.filter((one) => one.cultureId === id);
    const isStiff = own.some((one) => one.own && one.kind === 'stiff levain');
    const name = own[0]?.name;
    return name === undefined ? [] : [{ id, name, hydration: isStiff ? STIFF : LIQUID }];
  });
  return ownThings({ flours: flours.filter((flour) => flour.retiredMs === null), cultures });
}

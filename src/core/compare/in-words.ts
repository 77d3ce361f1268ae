import { tr } from '@/words/tr';
import type { Pantry } from '../composition';
import type { LotForecast, Places } from '../forecast';
import { lotMadeBy } from '../journal';
import type { BakedRun } from './baked';

/** A thing told in words, in the order of what is compared; null where the journal does not say. */
export interface WordThing {
  readonly name: string;
  readonly values: readonly (string | null)[];
}

/** Things in words that differ, and those that do not. */
export interface PartedWords {
  readonly differed: readonly WordThing[];
  readonly same: readonly WordThing[];
}

/** What is told of in words: lots with their flours and places, and who worked on them. */
interface Told {
  readonly lots: readonly LotForecast[];
  readonly hands: readonly (string | null)[];
}

/** Flours, places and hands of what is compared. */
export function partedWords(
  all: readonly Told[],
  shop: { readonly places: Places; readonly pantry: Pantry },
): PartedWords {
  const things: WordThing[] = [
    { name: tr`Flours`, values: all.map((one) => floursOf(one, shop.pantry)) },
    { name: tr`Places`, values: all.map((one) => placesOf(one, shop.places)) },
    { name: tr`Hands`, values: all.map(({ hands }) => listed(hands)) },
  ].filter(({ values }) => values.some((one) => one !== null));
  const isSame = ({ values }: WordThing) => new Set(values).size === 1;
  return {
    differed: things.filter((one) => !isSame(one)),
    same: things.filter(isSame),
  };
}

/** The same of bakes: their doughs’ flours, the places of leaven, dough and last balls, who made and who balled. */
export function bakedWords(
  runs: readonly BakedRun[],
  shop: { readonly places: Places; readonly pantry: Pantry },
): PartedWords {
  const told = runs.map(({ baked, leavens, dough, last }): Told => {
    const own = new Set([baked.doughId, ...baked.leavenIds, ...baked.ballIds]);
    return {
      lots: [dough, ...leavens, last],
      hands: baked.acts.filter(({ act }) => own.has(lotMadeBy(act) ?? '')).map((done) => done.by),
    };
  });
  return partedWords(told, shop);
}

function listed(words: readonly (string | null)[]): string | null {
  const known = [...new Set(words.filter((one) => one !== null))].sort();
  return known.length === 0 ? null : known.join(', ');
}

/** Flours of the first lot, the most first. */
function floursOf({ lots: [lot] }: Told, pantry: Pantry): string | null {
  const flours = Object.entries(lot?.story.lot.composition ?? {})
    .filter(([id, massG]) => massG > LEAST_G && pantry.get(id)?.kind === 'flour')
    .sort(([, a], [, b]) => b - a)
    .map(([id]) => pantry.get(id)?.name ?? id);
  return flours.length === 0 ? null : flours.join(', ');
}
const LEAST_G = 0.5;

function placesOf({ lots }: Told, places: Places): string | null {
  const ways = lots.map(({ story }) =>
    story.stays.map((stay) => places.get(stay.placeId)?.name ?? stay.placeId).join(', then '),
  );
  const known = [...new Set(ways.filter((one) => one !== ''))];
  return known.length === 0 ? null : known.join('; ');
}

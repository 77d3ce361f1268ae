import { type SourceFact, type DoughFacts } from '@/shop/doughs/facts';
import type { ShopState } from '@/shop/state';

import { tempAt } from '@/core/forecast';
import { massOf } from '@/core/composition';
import { fedJars, loneLeavens, type Culture } from '@/core/cultures';

import type { LeavenKind } from '@/core/formula';
import type { Lot } from '@/core/journal';

import { listEquipmentThere, listFlours } from '@/data';
import type { ShopContext } from '../context';
import { culturesOf, currentJar, lotsOfCulture, stockOf } from '../culture-lines/registry';
import { shopFacts } from '../facts/shop-facts';

import { takenWater } from './taken-water';

/** The facts of the shop for its doughs. */
export function doughFacts(context: ShopContext, state: ShopState): DoughFacts {
  const things = listEquipmentThere(context.db);
  const of = (kind: string) => things.filter((thing) => thing.kind === kind);
  const { shop } = state;
  return {
    ...shopFacts(context, state),
    flours: listFlours(context.db),
    boxes: of('box').map(({ name, count, most }) => ({ name, count, balls: most })),
    tubs: of('tub').map(({ name, count, most }) => ({ name, count, litres: most })),
    sources: sourcesOf(context, state),
    lastMixes: takenWater(context, state),
    roomC: roomOf(state),
    mixerHeatC: shop.mixedBy === 'mixer' ? state.learned.mixerHeat.mean : 0,
    lossShare: state.learned.loss.mean,
  };
}

/** The room doughs are mixed in: the bench, or the warmest place under 26°. */
function roomOf(state: ShopState): number {
  const temps = state.places.map((place) => ({
    id: place.id,
    tempC: tempAt(place, state.nowMs),
  }));
  const bench = temps.find((one) => one.id === 'bench');
  const rooms = temps.filter((one) => one.tempC <= 26).sort((a, b) => b.tempC - a.tempC);
  return bench?.tempC ?? rooms[0]?.tempC ?? 21;
}

/** Everything alive that a dough can take, by the kinds of leaven it serves. */
export function sourcesOf(context: ShopContext, state: ShopState): SourceFact[] {
  const stock = stockOf(context, state);
  const lone = loneLeavens(stock.values(), state.folded.plan, state.pantry).map(
    ({ hydration, flours, name, lotId, ...one }): SourceFact => ({
      ...one,
      ...{ own: false, cultureId: `lot ${lotId}`, name: `${name} ${lotId}`, lotId },
      lone: { hydration, flours },
    }),
  );
  const ofCultures = culturesOf(context, state)
    .filter((culture) => culture.retiredMs === null)
    .flatMap((culture) => {
      const lot = lotOf(culture, stock);
      if (lot === null) return [];
      const thereG = Math.max(0, massOf(lot.composition) - culture.keepG);
      const { id: cultureId, name } = culture;
      const fed = fedJars(culture, state.folded.plan);
      const jars = [
        { lotId: lot.id, thereG, ...(fed[0] === undefined ? {} : { untilMs: fed[0].fromMs }) },
        ...fed,
      ];
      return jars.flatMap((jar) =>
        KINDS_OF[culture.kind].map((kind, rank) => ({
          own: rank === 0,
          kind,
          cultureId,
          name,
          ...jar,
        })),
      );
    });
  return [...ofCultures, ...lone];
}

const KINDS_OF: Readonly<Record<Culture['kind'], readonly LeavenKind[]>> = {
  // What a mother has over what is kept serves as discard too, where there is no jar of it.
  'liquid starter': ['levain', 'starter', 'stiff levain', 'discard'],
  'stiff starter': ['stiff levain', 'levain', 'starter', 'discard'],
  'carry-over': ['carry-over'],
  discard: ['discard'],
};

function lotOf(culture: Culture, stock: ReadonlyMap<string, Lot>): Lot | null {
  if (culture.kind !== 'discard') return currentJar(stock, culture.id);
  const layers = lotsOfCulture(stock, culture.id);
  return [...layers].sort((a, b) => massOf(b.composition) - massOf(a.composition))[0] ?? null;
}

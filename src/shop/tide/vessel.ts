import { tr } from '@/words/tr';
import type { ShopState } from '../state';
import type { Equipment } from '../kept/equipment';
import type { ShopForecast } from '@/core/forecast';
import { isAct, type Act } from '@/core/journal';
import { massOf } from '@/core/composition';

import { denseMl } from './bands';

const ML_PER_LITRE = 1000;
const G_PER_KG = 1000;
/** Less than this share of a tub is a matter for a jar. */
const LEAST_FILL = 0.1;

/**
 * In what a step is done, of what the shop has: the mixer of a dough, the smallest tub or tubs that hold a leaven at its
 * highest, the boxes of balls. Null where the shop has said nothing that fits.
 */
export function vesselOf(
  act: Act,
  things: readonly Equipment[],
  state: ShopState,
  forecast: ShopForecast,
): string | null {
  if (isAct(act, 'divide')) return boxes(act.count, things);
  if (!isAct(act, 'make')) return null;
  const lot = forecast.lots.get(act.lotId);
  if (lot === undefined) return null;
  if (act.lotKind === 'dough') return mixer(massOf(lot.story.lot.composition) / G_PER_KG, things);
  return tubs((denseMl(lot, state) * lot.window.peakRise) / ML_PER_LITRE, things);
}

const ofKind = (things: readonly Equipment[], kind: Equipment['kind']) =>
  things.filter((thing) => thing.kind === kind).sort((a, b) => a.most - b.most);

function boxes(balls: number, things: readonly Equipment[]): string | null {
  const [box] = ofKind(things, 'box').reverse();
  if (box === undefined) return null;
  const count = Math.ceil(balls / box.most);
  return count === 1 ? `1 ${box.name}` : `${count} × ${box.name}`;
}

/** The smallest mixer that takes the dough in one batch, else how many batches the largest makes of it. */
function mixer(doughKg: number, things: readonly Equipment[]): string | null {
  const mixers = ofKind(things, 'mixer');
  const one = mixers.find((thing) => doughKg <= thing.most && doughKg >= thing.least);
  if (one !== undefined) return one.name;
  const largest = mixers.at(-1);
  if (largest === undefined || doughKg < largest.least) return null;
  return tr`${largest.name}, ${Math.ceil(doughKg / largest.most)} batches`;
}

function tubs(litres: number, things: readonly Equipment[]): string | null {
  const all = ofKind(things, 'tub');
  const one = all.find((thing) => litres <= thing.most);
  if (one !== undefined) return litres < LEAST_FILL * one.most ? null : `${one.name} ${one.most} l`;
  const largest = all.at(-1);
  return largest === undefined
    ? null
    : `${Math.ceil(litres / largest.most)} × ${largest.name} ${largest.most} l`;
}

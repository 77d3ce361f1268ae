import { massOf, portion } from '../composition';
import { isAct, lotMadeBy, lotsTouchedBy, type DoneAct, type Folded } from './fold';
import type { Act } from './schema';
import { applyAct, isUsedUp, stockAfter, type Lot } from './stock';

/** Generations back that a lot still standing is told with its own acts. */
const GENERATIONS = 4;

/**
 * What a fold still says to what comes after it: the acts of lots that are not used up and of those they descend from,
 * and the steps still to be done. The stock of it is the stock of the whole: what was taken for lots that are gone is told
 * as taken away, and what came of mothers further back as the ingredients it was.
 * @throws {DomainError} lot-unknown, portion-exceeds-mass, lot-exists where the fold itself does not add up
 */
export function carriedOver(folded: Folded): Folded {
  const stock = stockAfter(folded.done);
  const standing = [...stock.values()].filter((lot) => !isUsedUp(lot)).map((lot) => lot.id);
  return {
    done: carriedActs(folded.done, withForebears(folded.done, standing)),
    plan: folded.plan,
    readings: [],
    scores: [],
  };
}

/** Lots with those they were made from; a part or balls go with what they were taken of. */
function withForebears(done: readonly DoneAct[], lotIds: readonly string[]): ReadonlySet<string> {
  const madeBy = new Map<string, Act>();
  for (const { act } of done) {
    const made = lotMadeBy(act);
    if (made !== null) madeBy.set(made, act);
  }
  const wanted = new Set<string>();
  const add = (lotId: string, generations: number) => {
    wanted.add(lotId);
    const act = madeBy.get(lotId);
    if (act === undefined) return;
    const left = act.kind === 'make' ? generations - 1 : generations;
    if (left >= 0) for (const mother of lotsTouchedBy(act)) add(mother, left);
  };
  for (const lotId of lotIds) add(lotId, GENERATIONS);
  return wanted;
}

function carriedActs(done: readonly DoneAct[], wanted: ReadonlySet<string>): DoneAct[] {
  const lots = new Map<string, Lot>();
  return done.flatMap((one): DoneAct[] => {
    const { act, atMs } = one;
    const made = lotMadeBy(act);
    const touched = lotsTouchedBy(act).filter((lotId) => wanted.has(lotId));
    const root = made !== null && wanted.has(made) ? rooted(act, wanted, lots) : null;
    const before = touched.map((lotId) => lots.get(lotId));
    applyAct(lots, act, atMs);
    if (root !== null) return [{ ...one, act: root }];
    if (made === null) return touched.length === 0 ? [] : [one];
    return before.flatMap((lot) =>
      lot === undefined ? [] : takenAway(one, lot, lots.get(lot.id) as Lot),
    );
  });
}

/** What a lot that is gone took, as taken away: whole balls, and grams. */
function takenAway(one: DoneAct, before: Lot, after: Lot): DoneAct[] {
  const { id: lotId, ballG } = before;
  const count = (before.balls ?? 0) - (after.balls ?? 0);
  const massG = massOf(before.composition) - massOf(after.composition) - count * (ballG ?? 0);
  const use: Act = { kind: 'use', lotId, count, untilMs: one.atMs };
  const discard: Act = { kind: 'discard', lotId, massG };
  return [
    ...(count > 0 ? [{ ...one, bakeId: null, act: use }] : []),
    ...(massG > NOTHING_G ? [{ ...one, act: discard }] : []),
  ];
}
const NOTHING_G = 1e-9;

/** A make of which mothers are left out, with what came of them as the ingredients it was. */
function rooted(act: Act, wanted: ReadonlySet<string>, lots: ReadonlyMap<string, Lot>): Act {
  if (!isAct(act, 'make')) return act;
  const out = act.portions.filter((line) => !wanted.has(line.lotId));
  if (out.length === 0) return act;
  const lines = out.flatMap(({ lotId, massG }) => {
    const composition = lots.get(lotId)?.composition;
    if (composition === undefined) return [];
    return Object.entries(portion(composition, massG).taken).map(([ingredientId, grams]) => ({
      ingredientId,
      massG: grams,
    }));
  });
  return {
    ...act,
    ingredients: [...act.ingredients, ...lines.filter((line) => line.massG > 0)],
    portions: act.portions.filter((line) => wanted.has(line.lotId)),
  };
}

/**
 * Acts without those on lots that are gone: a word about a lot that was used up long ago changes nothing that stands.
 * @param done acts in order of time, the carried ones among them
 */
export function onKnownLots(done: readonly DoneAct[]): DoneAct[] {
  const known = new Set<string>();
  return done.flatMap((one): DoneAct[] => {
    const touched = lotsTouchedBy(one.act);
    const made = lotMadeBy(one.act);
    const missing = touched.filter((lotId) => !known.has(lotId));
    if (missing.length > 0 && !isAct(one.act, 'make')) return [];
    if (made !== null) known.add(made);
    if (missing.length === 0 || !isAct(one.act, 'make')) return [one];
    const portions = one.act.portions.filter((line) => known.has(line.lotId));
    return [{ ...one, act: { ...one.act, portions } }];
  });
}

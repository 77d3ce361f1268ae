import { BOOK_MODEL, cardinalResponse, X, type MassState, type Model } from '../kinetics';

/** What a run may be wrong about; the book’s run has none of it. */
export interface Doubt {
  /** Factor on the speed of everything alive. */
  readonly speed: number;
  /** Factor on the yeast at the start. */
  readonly dose: number;
  /** Added to every place, °C. */
  readonly placeC: number;
  /** Added to the temperature at the start, °C. */
  readonly startC: number;
  /** Factor on the core lag. */
  readonly lag: number;
  /** Factor on both growth rates. */
  readonly growth: number;
  /** Factor on sugar and starch at the start. */
  readonly sugar: number;
  /** Added to the notional lower ends of growth and gas, °C: how much life is left in the cold. */
  readonly cold: number;
}

/** The run as the book and the log have it. */
export const NO_DOUBT: Doubt = {
  speed: 1,
  dose: 1,
  placeC: 0,
  startC: 0,
  lag: 1,
  growth: 1,
  sugar: 1,
  cold: 0,
};

const modelCache = new Map<string, Model>();
/** Doubted models kept: their temperature tables cost more than a run. */
const MOST_CACHED = 64;

/** A model with its growth and its cold end under doubt. */
export function doubtedModel(model: Model, { growth, cold }: Doubt): Model {
  if (growth === 1 && cold === 0) return model;
  const key = `${growth} ${cold}`;
  const known = model === BOOK_MODEL ? modelCache.get(key) : undefined;
  if (known !== undefined) {
    // Asked for again: it is the last to go.
    modelCache.delete(key);
    modelCache.set(key, known);
    return known;
  }
  const changed = doubted(model, growth, cold);
  if (model !== BOOK_MODEL) return changed;
  const [oldest] = modelCache.keys();
  if (modelCache.size >= MOST_CACHED && oldest !== undefined) modelCache.delete(oldest);
  modelCache.set(key, changed);
  return changed;
}

/** A room in which the rules of the trade are told, °C: there doubt of the cold changes nothing. */
const ANCHOR_C = 22;

/** A model with other lower ends, which at {@link ANCHOR_C} goes as fast as before: it is fitted there. */
function doubted(model: Model, growth: number, cold: number): Model {
  const n = model.tempExponent;
  const kept = (lo: number, op: number, hi: number) =>
    cardinalResponse(ANCHOR_C, { lo, op, hi }, n) /
    cardinalResponse(ANCHOR_C, { lo: lo + cold, op, hi }, n);
  const keptGas = Math.sqrt(
    kept(model.gasBLo, model.gasBOp, model.gasBHi) * kept(model.gasWLo, model.gasWOp, model.gasWHi),
  );
  return {
    ...model,
    mub: model.mub * growth * kept(model.growthBLo, model.growthBOp, model.growthBHi),
    muw: model.muw * growth * kept(model.growthWLo, model.growthWOp, model.growthWHi),
    kg: model.kg * keptGas,
    growthBLo: model.growthBLo + cold,
    growthWLo: model.growthWLo + cold,
    gasBLo: model.gasBLo + cold,
    gasWLo: model.gasWLo + cold,
  };
}

/** A start state with its yeast, sugar and temperature under doubt. */
export function doubtedState(state: MassState, doubt: Doubt): MassState {
  const changed = state.slice();
  for (const i of [X.yeastB, X.yeastW]) changed[i] = (changed[i] as number) * doubt.dose;
  for (const i of [X.sugar, X.starch]) changed[i] = (changed[i] as number) * doubt.sugar;
  changed[X.coreC] = (changed[X.coreC] as number) + doubt.startC;
  return changed;
}

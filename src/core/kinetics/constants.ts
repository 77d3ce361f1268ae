import type { Model } from './parameters';
import type { Recipe } from './recipe';
import { temperatureTable, type TemperatureTable } from './temperature-response';

/** A recipe and a model worked out into the constants of the equations. */
export interface RunConstants {
  readonly model: Model;
  /** The model’s numbers again, laid out for the inner loop. */
  readonly k: InnerNumbers;
  readonly table: TemperatureTable;
  readonly wholegrainShare: number;
  readonly hydration: number;
  readonly gasSpeed: number;
  readonly growthSpeed: number;
  readonly bacteriaSpeed: number;
  readonly aMax: number;
  readonly buffer: number;
  readonly starchRate: number;
  readonly glutenRate: number;
  readonly holdBase: number;
  readonly holdGluten: number;
  /** Volume of the dough without gas, ml/g flour. */
  readonly denseVolume: number;
  /** Core lag in air, h. */
  readonly coreLagH: number;
  /** Warming of the core, °C per ml/g of gas. */
  readonly heatPerGas: number;
  /** How much more heat a degree takes while the water freezes or thaws. */
  readonly freezingHeat: number;
  /** Relaxing of tension at 22 °C without acid, 1/h. */
  readonly relaxRate: number;
  /** Strength of the flour against one of W 280. */
  readonly strength: number;
}

/** The numbers that the equations read at every step, in one plain record: four times faster than the table. */
function innerNumbers(m: Model) {
  return {
    mub: m.mub,
    muw: m.muw,
    muL: m.muL,
    kg: m.kg,
    yMax: m.yMax,
    kA: m.kA,
    aY: m.aY,
    gL: m.gL,
    sL: m.sL,
    acidHalf: m.acidHalf,
    ks: m.ks,
    gam: m.gam,
    v0: m.v0,
    kl: m.kl,
    nV: m.nV,
    ap: m.ap,
    ah: m.ah,
    lagB: m.lagB,
    lagW: m.lagW,
    adaptedMost: m.adaptedMost,
    decay: m.decay,
    decayAdaptation: m.decayAdaptation,
    freezesFrom: m.freezesFrom,
    freezesTo: m.freezesTo,
    lnFrostB: Math.log(m.frostB) / (m.freezesFrom - m.freezesTo),
    lnFrostW: Math.log(m.frostW) / (m.freezesFrom - m.freezesTo),
    tensionAcid: m.tensionAcid,
  };
}

/** The numbers of the inner loop. */
type InnerNumbers = ReturnType<typeof innerNumbers>;

/** Sugar above 6 % of flour slows everything by osmosis. */
function osmosis(sugarShare: number): number {
  return sugarShare > 0.06 ? Math.exp(-0.06 * (sugarShare * 100 - 6)) : 1;
}

/** Radius of a round piece of 280 g, mm, from the density of dough, 1.1 g/ml. */
const BALL_RADIUS_MM = 39.3;
/** Hydration at which the tabled relaxing holds; wetter doughs relax faster in proportion. Set. */
const USUAL_HYDRATION = 0.6;

/**
 * Core lag in air, h. A lump goes by its mass; a flat bag by the square of its thickness
 * (slowest mode of conduction: a slab of thickness d against a sphere of radius d).
 */
function coreLagH(recipe: Recipe, model: Model): number {
  if (recipe.flatMm !== null) return model.tau0 * (recipe.flatMm / BALL_RADIUS_MM) ** 2;
  return model.tau0 * (recipe.massG / 280) ** 0.6;
}

/** Works a recipe out into the constants of the equations (model of ripening, §1 and §2). */
export function runConstants(recipe: Recipe, model: Model): RunConstants {
  const { hydration: h, wholegrainShare: wg } = recipe;
  const brine = (100 * recipe.saltShare) / h;
  const stiffness = Math.max(0, 1 / h - 1);
  const os = osmosis(recipe.sugarShare);
  const speed = recipe.speed;
  const heat = 1.8 + 4.18 * h;
  return {
    model,
    k: innerNumbers(model),
    table: temperatureTable(model),
    wholegrainShare: wg,
    hydration: h,
    gasSpeed: speed * os * Math.exp(-brine / model.bG - model.hG * stiffness),
    growthSpeed: speed * os * Math.exp(-brine / model.bM - model.hM * stiffness) * (1 + 0.25 * wg),
    bacteriaSpeed: speed * Math.exp(-brine / model.bL - model.hL * stiffness) * (1 + 0.25 * wg),
    aMax: model.aMax * (1 + 0.8 * wg),
    buffer: model.buffer * (1 + 0.8 * wg),
    starchRate: model.ka * (1 + 0.5 * wg) * (1 + model.maltKa * 100 * recipe.diastaticShare),
    glutenRate: model.kp * (280 / recipe.strengthW) * Math.exp(-0.1 * recipe.saltShare * 100),
    holdBase: 1,
    holdGluten:
      (model.vc * (recipe.strengthW / 280) ** 0.3 * (1 - 0.25 * wg)) / (1 + (h / model.h50) ** 4),
    denseVolume: 0.69 + h + 0.004 * recipe.saltShare * 100,
    coreLagH: coreLagH(recipe, model),
    heatPerGas: model.qh / heat,
    freezingHeat: 1 + (model.latentHeat * h) / (model.freezesFrom - model.freezesTo) / heat,
    strength: recipe.strengthW / 280,
    relaxRate: (Math.LN2 / (model.tensionHalf / 60)) * (h / USUAL_HYDRATION),
  };
}

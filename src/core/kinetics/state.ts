import { word } from '@/words/tr';
import { requireNumber } from '../units';
import type { Model } from './parameters';

/** Where each quantity stands in a state. */
export const X = {
  /** Activity of baker's yeast, % fresh-yeast equivalent of flour. */
  yeastB: 0,
  /** Activity of sourdough yeast, % fresh-yeast equivalent of flour. */
  yeastW: 1,
  /** Adaptation of baker's yeast, log-odds. */
  awakeB: 2,
  /** Adaptation of sourdough yeast, log-odds. */
  awakeW: 3,
  /** Lactic bacteria, 1 = logistic capacity. */
  bacteria: 4,
  /** Acid, mmol/kg flour. */
  acid: 5,
  /** CO2 held, ml/g flour at 25 °C. */
  gasHeld: 6,
  /** Gluten integrity, 1 → 0. */
  gluten: 7,
  /** Fermentable sugar, % of flour. */
  sugar: 8,
  /** Starch that can become sugar, % of flour. */
  starch: 9,
  /** Core temperature, °C. */
  coreC: 10,
  /** CO2 produced since mixing, ml/g flour. */
  gasMade: 11,
  /** Of which by yeast, ml/g flour (carried for the sugar balance). */
  gasOfYeast: 12,
  /** Acid made by bacteria since mixing, mmol/kg (carried for the sugar balance). */
  acidOfBacteria: 13,
  /** CO2 lost since mixing, ml/g flour (carried for the gas balance). */
  gasLost: 14,
  /** Tension that handling leaves in the gluten, 1 = just balled (flour of W 280). */
  tension: 15,
  /** Hours without sugar, reckoned at 22 °C: how far past its best a mass is. */
  hunger: 16,
} as const;

/** Numbers in a state. */
export const STATE_SIZE = 17;

/** What new flour thins: quantities that mix as flour-weighted means (held gas apart, of which a part is lost;
 * hunger starts again, for new flour feeds). */
export const BY_FLOUR = [
  X.yeastB,
  X.yeastW,
  X.bacteria,
  X.acid,
  X.gluten,
  X.sugar,
  X.starch,
] as const;

/** The living state of a mass per gram, or per cent, of its flour; positions in {@link X}. */
export type MassState = Float64Array;

/** Fresh flour and water at a temperature: sugar and starch of the flour, nothing alive but its few bacteria. */
export function freshFlourState(model: Model, wholegrainShare: number, tempC: number): MassState {
  requireNumber('temperature-range', tempC, START_TEMPERATURE);
  const state = new Float64Array(STATE_SIZE);
  state[X.sugar] = model.s0 * (1 + 0.3 * wholegrainShare);
  state[X.starch] = model.z0 * (1 + 0.2 * wholegrainShare);
  state[X.bacteria] = model.lf * (1 + 9 * wholegrainShare);
  state[X.gluten] = 1;
  state[X.coreC] = tempC;
  return state;
}

/** A start temperature a mass can be mixed at. */
export const START_TEMPERATURE = {
  name: word('Temperature'),
  unit: '°C',
  min: -30,
  max: 45,
} as const;

/** pH from acid and wholegrain share. Source: fitted buffer curve of the model of ripening. */
export function acidToPh(acid: number, wholegrainShare: number, model: Model): number {
  return 3.5 + 2.6 * Math.exp(-acid / (model.buffer * (1 + 0.8 * wholegrainShare)));
}

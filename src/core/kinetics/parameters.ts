/** One number of the model of ripening. */
export interface Parameter {
  readonly meaning: string;
  readonly unit: string;
  readonly value: number;
  /** Posterior sd: of ln(value) when `scale` is "ln", in °C when "°C"; null when the value was chosen, not fitted. */
  readonly sd: number | null;
  readonly scale: 'ln' | '°C' | 'set';
  /** What the value may be in any kitchen, for checks and for learning. */
  readonly range: readonly [number, number];
  readonly source: string;
}

const FITTED = 'fitted to the trade’s rules of thumb (calibration table)';
const CHOSEN = 'chosen, not fitted';
const EXTENSION = 'extension, chosen, wide doubt';
const RIPENESS = 'chosen so that warm windows stay where the trade has them';

const ln = (meaning: string, unit: string, value: number, sd: number): Parameter => ({
  meaning,
  unit,
  value,
  sd,
  scale: 'ln',
  range: [value * Math.exp(-4 * sd), value * Math.exp(4 * sd)],
  source: FITTED,
});
const celsius = (meaning: string, value: number, sd: number): Parameter => ({
  meaning,
  unit: '°C',
  value,
  sd,
  scale: '°C',
  range: [value - 4 * sd, value + 4 * sd],
  source: FITTED,
});
const set = (meaning: string, unit: string, value: number, source = CHOSEN): Parameter => ({
  meaning,
  unit,
  value,
  sd: null,
  scale: 'set',
  range: [Math.min(value / 3, value * 3), Math.max(value / 3, value * 3)],
  source,
});

/**
 * The one table of the model: the code, the documents and the tests read it, nobody types a value twice.
 * Units: hours, °C, % of flour, mmol/kg flour, ml CO2 per g flour at 25 °C.
 */
export const PARAMETERS = {
  mub: ln('growth of baker’s yeast activity at its best temperature', '1/h', 0.468, 0.04),
  muw: ln('growth of sourdough yeast activity at its best temperature', '1/h', 0.4562, 0.05),
  muL: set('growth of lactic bacteria at their best temperature', '1/h', 0.52),
  kg: ln('gas of one per cent fresh-yeast equivalent', 'ml/g/h', 1.086, 0.04),
  tempExponent: ln('exponent of the temperature response', '', 2.788, 0.04),
  yMax: ln('most yeast activity a mass can carry', '% FYE', 6.43, 0.12),
  growthBLo: celsius('baker’s growth, notional lower end (never shown)', -6.949, 1.0),
  growthBOp: set('baker’s growth, best temperature', '°C', 31.5),
  growthBHi: set('baker’s growth, upper end', '°C', 40),
  growthWLo: celsius('sourdough growth, notional lower end (never shown)', -1.276, 1.3),
  growthWOp: celsius('sourdough growth, best temperature', 29.24, 0.5),
  growthWHi: set('sourdough growth, upper end', '°C', 37),
  bacteriaLo: set('bacteria, notional lower end (never shown)', '°C', -5),
  bacteriaOp: set('bacteria, best temperature', '°C', 32.5),
  bacteriaHi: set('bacteria, upper end', '°C', 41),
  gasBLo: celsius('baker’s gas, notional lower end (never shown)', -7.705, 0.8),
  gasBOp: set('baker’s gas, best temperature', '°C', 36),
  gasBHi: set('baker’s gas, upper end', '°C', 46),
  gasWLo: celsius('sourdough gas, notional lower end (never shown)', -8.675, 1.3),
  gasWOp: set('sourdough gas, best temperature', '°C', 34),
  gasWHi: set('sourdough gas, upper end', '°C', 43),
  lagB: set('lag of baker’s yeast', 'h', 0.2),
  lagW: set('lag of sourdough yeast', 'h', 0.4),
  adaptedMost: set('adaptation at which a yeast counts as fully awake', 'log-odds', 8),
  kA: ln('acid of bacteria at full capacity', 'mmol/kg/h', 69.59, 0.15),
  aMax: set('acid at which bacteria stop', 'mmol/kg', 125),
  buffer: set('buffering of flour', 'mmol/kg', 55),
  aY: set('acid that comes with yeast gas', 'mmol/kg per ml/g', 1.5),
  gL: set('gas of bacteria', 'ml/g per mmol/kg', 0.02),
  sL: set('sugar used by bacteria', '% per mmol/kg', 0.016),
  acidHalf: set('acid that halves sourdough yeast growth', 'mmol/kg', 250),
  s0: ln('fermentable sugar in flour', '% of flour', 1.395, 0.15),
  z0: ln('starch that can become sugar', '% of flour', 4.595, 0.1),
  ka: ln('starch to sugar at 25 °C', '1/h', 0.1332, 0.21),
  q10a: ln('Q10 of starch to sugar', '', 1.543, 0.09),
  ks: ln('sugar at half speed', '%', 0.08774, 0.18),
  gam: set('gas from one per cent of sugar', 'ml/g/%', 2.5),
  bG: ln('brine that slows gas by e', 'g/100 g', 27.96, 0.17),
  bM: ln('brine that slows growth by e', 'g/100 g', 18.45, 0.14),
  bL: set('brine that slows bacteria by e', 'g/100 g', 4.5),
  hG: ln('stiffness slowing gas', '', 0.2598, 0.16),
  hM: ln('stiffness slowing growth', '', 0.48, 0.11),
  hL: set('stiffness slowing bacteria', '', 0.25),
  v0: set('air mixed in', 'ml/g', 0.1),
  vc: ln('gas a dough can hold', '', 3.784, 0.21),
  h50: ln('hydration at which holding gas is halved', '', 1.232, 0.14),
  kl: ln('loss of gas', '1/h', 0.7106, 0.33),
  nV: ln('steepness of gas loss near the most a mass can hold', '', 2.832, 0.16),
  q10l: set('Q10 of gas loss', '', 2.5),
  kp: set('gluten breakdown at 25 °C, W 280, no salt', '1/h', 0.011),
  ap: set('acid speeding gluten breakdown', '', 3),
  ah: set(
    'hunger speeding gluten breakdown: what starved yeast lets go slackens',
    '1/h at 22 °C',
    1,
    EXTENSION,
  ),
  tau0: set('core lag of 280 g in air', 'h', 1.2),
  qh: set('heat of fermentation', 'J/ml', 2.25),
  lf: set('lactic bacteria that come with white flour', 'of capacity', 1e-5),
  decay: set('loss of starved yeast activity at 25 °C', '1/h', 0.012, EXTENSION),
  decayAdaptation: set('hours in which a starved yeast falls asleep by e', 'h', 16, EXTENSION),
  heatD: set('minutes at 50 °C that leave a tenth alive', 'min', 10, EXTENSION),
  heatZ: set('degrees that change that time tenfold', '°C', 5, EXTENSION),
  heatFrom: set('temperature from which yeast and bacteria die', '°C', 42, EXTENSION),
  frozenBelow: set('temperature under which nothing ferments', '°C', -4, EXTENSION),
  freezesFrom: set('core temperature at which the water begins to freeze', '°C', -2, EXTENSION),
  freezesTo: set('core temperature at which it is frozen through', '°C', -6, EXTENSION),
  latentHeat: set('heat of freezing water', 'J/g', 334, 'handbook value'),
  frostB: set('share of baker’s yeast that survives freezing', '', 0.7, EXTENSION),
  frostW: set('share of sourdough yeast and its bacteria that survives', '', 0.5, EXTENSION),
  frozenMonth: set('share alive after a month frozen', '', 0.9, EXTENSION),
  tensionHalf: set('time that halves a dough’s tension at 22 °C', 'min', 25, EXTENSION),
  tensionQ10: set('Q10 of relaxing', '', 2, EXTENSION),
  tensionAcid: set('acid that doubles relaxing', 'mmol/kg', 100, EXTENSION),
  tensionTight: set('tension above which a ball springs back', '', 0.3, EXTENSION),
  brineShock: set(
    'waking that ripe baker’s yeast loses for each g of salt per 100 g of water that it drops into',
    'log-odds per g/100 g',
    2,
  ),
  youngGas: set('CO2 from which a leaven can be used young', 'ml/g', 2.5, RIPENESS),
  bestHunger: ln('hours without sugar at 22 °C at which a mass is at its best', 'h', 0.04437, 0.19),
  lateHunger: set('hours without sugar at 22 °C from no longer prime to past', 'h', 1.3, RIPENESS),
  heldToEnd: ln('share of the gas in the sugar at hand that is held at the top', '', 0.57, 0.24),
  hungerQ10: ln('Q10 of growing old without sugar', '', 4.417, 0.22),
  maltKa: set('starch to sugar faster, for each % of diastatic malt', '1/%', 0.6, EXTENSION),
} as const satisfies Record<string, Parameter>;

/** The symbol of one parameter. */
export type ParameterName = keyof typeof PARAMETERS;

/** The numbers one run uses. */
export type Model = Readonly<Record<ParameterName, number>>;

/** Every parameter at its tabled value. */
export const BOOK_MODEL: Model = Object.freeze(
  Object.fromEntries(Object.entries(PARAMETERS).map(([name, row]) => [name, row.value])),
) as Model;

/** The tabled model with some numbers exchanged. */
export function modelWith(changes: Partial<Record<ParameterName, number>>): Model {
  return Object.freeze({ ...BOOK_MODEL, ...changes });
}

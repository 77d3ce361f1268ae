import type { RunConstants } from './constants';
import { holdableRise, riseOf } from './rise';
import { X, type MassState } from './state';
import { readTable, T, tablePosition } from './temperature-response';

// Read a hundred million times: local names spare the look-up in the global object.
const { exp, max, min } = Math;

/** The surroundings of a core at one moment. */
export interface Surroundings {
  /** Temperature of the place, °C. */
  ambientC: number;
  /** Core lag there, h. */
  coreLagH: number;
}

/** Hunger beyond which starved yeast has let go what it had, h at 22 °C. Set. */
const MOST_HUNGER = 8;

const sigmoid = (q: number) => 1 / (1 + exp(-q));

/**
 * Rates of change of every quantity of a state, per hour, written into `rate` (no allocation).
 * Source: equations of the model of ripening, §2, with decay and heat death of §5b.
 */
export function derivative(
  y: MassState,
  c: RunConstants,
  around: Surroundings,
  rate: Float64Array,
): void {
  const { k, table } = c;
  const coreC = y[X.coreC] as number;
  const at = tablePosition(coreC);
  const sugar = max(0, y[X.sugar] as number);
  const m = sugar / (k.ks + sugar);
  const yeastB = y[X.yeastB] as number;
  const yeastW = y[X.yeastW] as number;
  const acid = y[X.acid] as number;
  // Most masses carry one yeast: what is not there need not be asked how awake it is.
  const awakeB = yeastB === 0 ? 0 : sigmoid(y[X.awakeB] as number);
  const awakeW = yeastW === 0 ? 0 : sigmoid(y[X.awakeW] as number);
  const gasB = readTable(table, T.gasB, at);
  const gasW = readTable(table, T.gasW, at);
  const cap = max(0, 1 - (yeastB + yeastW) / k.yMax);

  const starved = k.decay * readTable(table, T.decay, at) * (1 - m) * (1 + acid / 100);
  const death = readTable(table, T.death, at) + readTable(table, T.frozenLoss, at);
  const grow = c.growthSpeed * m * cap;
  rate[X.yeastB] =
    (k.mub * readTable(table, T.growthB, at) * grow * awakeB - starved - death) * yeastB;
  const sourness = acid / k.acidHalf;
  rate[X.yeastW] =
    ((k.muw * readTable(table, T.growthW, at) * grow * awakeW) / (1 + sourness * sourness) -
      starved -
      death) *
    yeastW;
  rate[X.awakeB] = adaptation(y[X.awakeB] as number, (2 * gasB) / k.lagB, m, k);
  rate[X.awakeW] = adaptation(y[X.awakeW] as number, (2 * gasW) / k.lagW, m, k);

  const bacteria = y[X.bacteria] as number;
  const responseL = readTable(table, T.bacteria, at) * c.bacteriaSpeed * m;
  rate[X.bacteria] = (k.muL * responseL * (1 - bacteria) - starved / 3 - death) * bacteria;
  const acidL = k.kA * responseL * bacteria * max(0, 1 - acid / c.aMax);
  const gasY = k.kg * (gasB * yeastB * awakeB + gasW * yeastW * awakeW) * c.gasSpeed * m;
  rate[X.acid] = acidL + k.aY * gasY;

  const gas = gasY + k.gL * acidL;
  const toSugar = c.starchRate * readTable(table, T.starch, at) * (y[X.starch] as number);
  rate[X.starch] = -toSugar;
  rate[X.sugar] = toSugar - gasY / k.gam - k.sL * acidL;

  const held = y[X.gasHeld] as number;
  const rise = riseOf(held, coreC, c);
  const full = rise / holdableRise(y[X.gluten] as number, c);
  const leak =
    k.kl * readTable(table, T.leak, at) * max(0, (rise - 1) * c.denseVolume) * full ** k.nV;
  rate[X.gasHeld] = gas - leak;
  rate[X.gasMade] = gas;
  rate[X.gasOfYeast] = gasY;
  rate[X.acidOfBacteria] = acidL;
  rate[X.gasLost] = leak;

  rate[X.hunger] = (1 - m) * (1 - m) * readTable(table, T.hunger, at);

  const ph = 3.5 + 2.6 * exp(-acid / c.buffer);
  const sour = min(1, max(0, (5.6 - ph) / 1.6));
  const slackening = 1 + k.ap * sour + k.ah * min(MOST_HUNGER, y[X.hunger] as number);
  rate[X.gluten] =
    -c.glutenRate * readTable(table, T.gluten, at) * slackening * (y[X.gluten] as number);
  rate[X.tension] =
    -c.relaxRate *
    readTable(table, T.relax, at) *
    (1 + acid / k.tensionAcid) *
    (y[X.tension] as number);
  rate[X.coreC] = (around.ambientC - coreC) / around.coreLagH + c.heatPerGas * gas;
  if (coreC < k.freezesFrom && coreC > k.freezesTo) freeze(y, c, rate);
}

/** Water freezing or thawing: the core changes slowly, and of what is alive a part dies for each degree it freezes. */
function freeze(y: MassState, c: RunConstants, rate: Float64Array): void {
  const perHour = (rate[X.coreC] as number) / c.freezingHeat;
  rate[X.coreC] = perHour;
  if (perHour >= 0) return;
  const lostB = c.k.lnFrostB * perHour;
  const lostW = c.k.lnFrostW * perHour;
  rate[X.yeastB] = (rate[X.yeastB] as number) - lostB * (y[X.yeastB] as number);
  rate[X.yeastW] = (rate[X.yeastW] as number) - lostW * (y[X.yeastW] as number);
  rate[X.bacteria] = (rate[X.bacteria] as number) - lostW * (y[X.bacteria] as number);
}

/** Waking while there is sugar, falling towards asleep (log-odds −2) without. */
function adaptation(q: number, waking: number, m: number, k: RunConstants['k']): number {
  const wake = q < k.adaptedMost ? waking * m : 0;
  return wake - ((1 - m) * (q + 2)) / k.decayAdaptation;
}

import type { RunConstants } from './constants';
import { holdableRise, riseOf } from './rise';
import { X, type MassState } from './state';
import { FUNCTIONS, readRow, T } from './temperature-response';

/** The surroundings of a core at one moment. */
export interface Surroundings {
  /** Temperature of the place, °C. */
  ambientC: number;
  /** Core lag there, h. */
  coreLagH: number;
}

/** Hunger beyond which starved yeast has let go what it had, h at 22 °C. Set. */
const MOST_HUNGER = 8;

/**
 * Makes {@link derivative}. It runs a hundred million times: what stands in a scope that is made once an engine takes for constants,
 * while it looks the names of a module up again at each use.
 */
function madeDerivative() {
  const { exp, max, min } = Math;
  const [Y, R] = [X, T];
  const [riseAt, holdable, adapted, read] = [riseOf, holdableRise, adaptation, readRow];
  /** The functions of temperature at the core. */
  const at = new Float64Array(FUNCTIONS);
  const sigmoid = (q: number) => 1 / (1 + exp(-q));
  return function derivative(
    y: MassState,
    c: RunConstants,
    around: Surroundings,
    rate: Float64Array,
  ): void {
    const { k, table } = c;
    const coreC = y[Y.coreC] as number;
    read(table, coreC, at);
    const sugar = max(0, y[Y.sugar] as number);
    const m = sugar / (k.ks + sugar);
    const yeastB = y[Y.yeastB] as number;
    const yeastW = y[Y.yeastW] as number;
    const acid = y[Y.acid] as number;
    // Most masses carry one yeast: what is not there need not be asked how awake it is.
    const awakeB = yeastB === 0 ? 0 : sigmoid(y[Y.awakeB] as number);
    const awakeW = yeastW === 0 ? 0 : sigmoid(y[Y.awakeW] as number);
    const gasB = at[R.gasB] as number;
    const gasW = at[R.gasW] as number;
    const cap = max(0, 1 - (yeastB + yeastW) / k.yMax);

    const starved = k.decay * (at[R.decay] as number) * (1 - m) * (1 + acid / 100);
    const death = (at[R.death] as number) + (at[R.frozenLoss] as number);
    const grow = c.growthSpeed * m * cap;
    rate[Y.yeastB] = (k.mub * (at[R.growthB] as number) * grow * awakeB - starved - death) * yeastB;
    const sourness = acid / k.acidHalf;
    rate[Y.yeastW] =
      ((k.muw * (at[R.growthW] as number) * grow * awakeW) / (1 + sourness * sourness) -
        starved -
        death) *
      yeastW;
    rate[Y.awakeB] = adapted(y[Y.awakeB] as number, (2 * gasB) / k.lagB, m, k);
    rate[Y.awakeW] = adapted(y[Y.awakeW] as number, (2 * gasW) / k.lagW, m, k);

    const bacteria = y[Y.bacteria] as number;
    const responseL = (at[R.bacteria] as number) * c.bacteriaSpeed * m;
    rate[Y.bacteria] = (k.muL * responseL * (1 - bacteria) - starved / 3 - death) * bacteria;
    const acidL = k.kA * responseL * bacteria * max(0, 1 - acid / c.aMax);
    const gasY = k.kg * (gasB * yeastB * awakeB + gasW * yeastW * awakeW) * c.gasSpeed * m;
    rate[Y.acid] = acidL + k.aY * gasY;

    const gas = gasY + k.gL * acidL;
    const toSugar = c.starchRate * (at[R.starch] as number) * (y[Y.starch] as number);
    rate[Y.starch] = -toSugar;
    rate[Y.sugar] = toSugar - gasY / k.gam - k.sL * acidL;

    const held = y[Y.gasHeld] as number;
    const rise = riseAt(held, coreC, c);
    const full = rise / holdable(y[Y.gluten] as number, c);
    const leak = k.kl * (at[R.leak] as number) * max(0, (rise - 1) * c.denseVolume) * full ** k.nV;
    rate[Y.gasHeld] = gas - leak;
    rate[Y.gasMade] = gas;
    rate[Y.gasOfYeast] = gasY;
    rate[Y.acidOfBacteria] = acidL;
    rate[Y.gasLost] = leak;

    rate[Y.hunger] = (1 - m) * (1 - m) * (at[R.hunger] as number);

    const ph = 3.5 + 2.6 * exp(-acid / c.buffer);
    const sour = min(1, max(0, (5.6 - ph) / 1.6));
    const slackening = 1 + k.ap * sour + k.ah * min(MOST_HUNGER, y[Y.hunger] as number);
    rate[Y.gluten] =
      -c.glutenRate * (at[R.gluten] as number) * slackening * (y[Y.gluten] as number);
    rate[Y.tension] =
      -c.relaxRate *
      (at[R.relax] as number) *
      (1 + acid / k.tensionAcid) *
      (y[Y.tension] as number);
    rate[Y.coreC] = (around.ambientC - coreC) / around.coreLagH + c.heatPerGas * gas;
    if (coreC < k.freezesFrom && coreC > k.freezesTo) freeze(y, c, rate);
  };
}

/**
 * Rates of change of every quantity of a state, per hour, written into `rate` (no allocation).
 * Source: equations of the model of ripening, §2, with decay and heat death of §5b.
 */
export const derivative = madeDerivative();

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

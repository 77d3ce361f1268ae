import { blendStates } from './blend';
import { BOOK_MODEL, type Model } from './parameters';
import { recipe } from './recipe';
import { simulate, stateAtRow } from './simulate';
import { freshFlourState, X, type MassState } from './state';

/** How a starter is fed, over and over. */
export interface FeedCycle {
  /** Mother : flour : water by weight. */
  readonly ratio: readonly [mother: number, flour: number, water: number];
  /** Temperature it stands at, °C. */
  readonly tempC: number;
  /** Water over flour of the mother. */
  readonly motherHydration: number;
  readonly massG?: number;
  readonly wholegrainShare?: number;
  readonly speed?: number;
}

/** Sugar, % of flour, under which a mass counts as exhausted: its peak. */
const EXHAUSTED_SUGAR = 0.3;

const SETTLING_FEEDS = 25;
const LONGEST_FEED_H = 60;

/** A starter before its first feed: the order of magnitude of a ripe one, forgotten within a few feeds. */
function seedState(model: Model, tempC: number): MassState {
  const state = freshFlourState(model, 0, tempC);
  state[X.yeastW] = 3;
  state[X.awakeW] = 2;
  state[X.bacteria] = 0.5;
  state[X.acid] = 65;
  state[X.sugar] = 0.3;
  state[X.starch] = 1.5;
  return state;
}

/** A mother's state after one feed, just mixed. */
export function fedState(mother: MassState, cycle: FeedCycle, model: Model): MassState {
  const [motherPart, flourG, waterG] = cycle.ratio;
  const motherFlourG = motherPart / (1 + cycle.motherHydration);
  const flour = freshFlourState(model, cycle.wholegrainShare ?? 0, cycle.tempC);
  const fed = blendStates(
    [
      { flourG: motherFlourG, waterG: motherPart - motherFlourG, state: mother },
      { flourG, waterG, state: flour },
    ],
    0,
  );
  fed[X.coreC] = cycle.tempC;
  return fed;
}

/**
 * The steady state that repeated feeding of one kind leads to, at its peak (exhaustion).
 * @throws {DomainError} from the simulation when the cycle's figures are out of range
 */
export function steadyCulture(cycle: FeedCycle, model: Model = BOOK_MODEL): MassState {
  let mother = seedState(model, cycle.tempC);
  const motherFlourG = cycle.ratio[0] / (1 + cycle.motherHydration);
  const hydration =
    (cycle.ratio[0] - motherFlourG + cycle.ratio[2]) / (motherFlourG + cycle.ratio[1]);
  const fedRecipe = recipe({
    hydration,
    massG: cycle.massG ?? 250,
    wholegrainShare: cycle.wholegrainShare ?? 0,
    speed: cycle.speed ?? 1,
  });
  for (let feed = 0; feed < SETTLING_FEEDS; feed += 1) {
    const run = simulate({
      recipe: fedRecipe,
      start: fedState(mother, cycle, model),
      stays: [{ untilH: LONGEST_FEED_H, ambientC: cycle.tempC }],
      model,
    });
    mother = stateAtRow(run, exhaustionRow(run.states, run.length) ?? run.length - 1);
  }
  return mother;
}

/** First row at which the sugar has fallen under {@link EXHAUSTED_SUGAR}; null when it does not. */
function exhaustionRow(states: Float64Array, length: number): number | null {
  const size = states.length / length;
  for (let row = 0; row < length; row += 1) {
    if ((states[row * size + X.sugar] as number) < EXHAUSTED_SUGAR) return row;
  }
  return null;
}

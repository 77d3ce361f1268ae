import type { LotForecast } from '../forecast';
import { STATE_SIZE, X, type Trajectory } from '../kinetics';
import { forecastActs, type ForecastShopFacts } from '../planner/forecast-acts';
import type { BakeStep } from '../planner';
import { rowAtHour, type LotKind } from '../ripeness';
import { hoursBetween, MS_PER_HOUR } from '../units';
import { sightAt, type Sight, type SightKind } from './sight';

/** One mass of a dough on its way, as the model runs it. */
export interface RanMass {
  readonly lotId: string;
  readonly name: string;
  readonly kind: LotKind;
  readonly fromMs: number;
  /** When it was used up; the end of the service for balls. */
  readonly toMs: number;
  readonly stays: readonly { readonly placeId: string; readonly fromMs: number }[];
  readonly window: Pick<
    LotForecast['window'],
    'opensMs' | 'bestMs' | 'closesMs' | 'tightUntilMs' | 'peakRise'
  >;
  readonly run: Trajectory;
}

/** How a leaven was when it was mixed. */
export interface LeavenTurn {
  readonly name: string;
  readonly mixedMs: number;
  readonly was: 'not yet' | 'ripe' | 'late';
  /** Minutes that the mix was after its best, under 0 before; null where it has no best. */
  readonly offBestMin: number | null;
}

/** How balls open in a part of the service. */
export interface BallTurn {
  readonly fromMs: number;
  readonly toMs: number;
  readonly opens: 'springs back' | 'right' | 'slack';
}

/** A whole dough run from its first leaven to its last ball. */
export interface DoughRun {
  readonly masses: readonly RanMass[];
  readonly leavens: readonly LeavenTurn[];
  readonly balls: readonly BallTurn[];
  /** Gluten left at the last ball, 0–1. */
  readonly glutenLeft: number;
}

const HALF_HOUR_MS = MS_PER_HOUR / 2;

/**
 * Runs the steps of a dough by the model and tells how it turned out.
 * @param steps every act from its first leaven to its last service
 */
export function runDough(facts: ForecastShopFacts, steps: readonly BakeStep[]): DoughRun {
  const lots = forecastActs(facts, steps);
  const endMs = Math.max(
    ...steps.map(({ atMs, act }) => (act.kind === 'use' ? act.untilMs : atMs)),
  );
  const masses = [...lots.values()]
    .map((lot) => massOf(lot, steps, endMs))
    .sort((a, b) => a.fromMs - b.fromMs);
  const balls = ballTurns(steps, lots);
  const last = masses.filter((one) => one.kind === 'balls').at(-1);
  return {
    masses,
    leavens: leavenTurns(steps, lots),
    balls,
    glutenLeft: last === undefined ? 1 : glutenAt(last, endMs),
  };
}

function massOf({ story, run, window }: LotForecast, steps: readonly BakeStep[], endMs: number) {
  const { id, name, kind } = story.lot;
  const used = steps.flatMap(({ act }) =>
    act.kind === 'use' && act.lotId === id ? [act.untilMs] : [],
  );
  const toMs = used.length > 0 ? Math.max(...used) : (story.endMs ?? endMs);
  const { opensMs, bestMs, closesMs, tightUntilMs, peakRise } = window;
  return {
    lotId: id,
    name,
    kind,
    fromMs: story.startMs,
    toMs: Math.max(toMs, story.startMs),
    stays: story.stays.map(({ placeId, fromMs }) => ({ placeId, fromMs })),
    window: { opensMs, bestMs, closesMs, tightUntilMs, peakRise },
    run,
  } satisfies RanMass;
}

function leavenTurns(
  steps: readonly BakeStep[],
  lots: ReadonlyMap<string, LotForecast>,
): LeavenTurn[] {
  const built = new Set(
    steps.flatMap(({ act }) => (act.kind === 'make' && act.lotKind !== 'dough' ? [act.lotId] : [])),
  );
  return steps.flatMap(({ atMs, act }) => {
    if (act.kind !== 'make' || act.lotKind !== 'dough') return [];
    return act.portions
      .filter((line) => built.has(line.lotId))
      .flatMap((line): LeavenTurn[] => {
        const lot = lots.get(line.lotId);
        if (lot === undefined) return [];
        const { opensMs, bestMs, closesMs } = lot.window;
        const early = opensMs === null || atMs < opensMs;
        const late = closesMs !== null && atMs > closesMs;
        return [
          {
            name: lot.story.lot.name,
            mixedMs: atMs,
            was: early ? 'not yet' : late ? 'late' : 'ripe',
            offBestMin: bestMs === null ? null : Math.round((atMs - bestMs) / 60_000),
          },
        ];
      });
  });
}

function ballTurns(steps: readonly BakeStep[], lots: ReadonlyMap<string, LotForecast>): BallTurn[] {
  const uses = steps.flatMap(({ atMs, act }) =>
    act.kind === 'use' ? [{ lotId: act.lotId, fromMs: atMs, toMs: act.untilMs }] : [],
  );
  if (uses.length === 0) return [];
  const fromMs = Math.min(...uses.map((one) => one.fromMs));
  const endMs = Math.max(...uses.map((one) => one.toMs));
  const count = Math.max(1, Math.ceil((endMs - fromMs) / HALF_HOUR_MS - 1e-9));
  return Array.from({ length: count }, (_, i): BallTurn => {
    const part = {
      fromMs: fromMs + i * HALF_HOUR_MS,
      toMs: Math.min(endMs, fromMs + (i + 1) * HALF_HOUR_MS),
    };
    const served = uses.filter((one) => one.fromMs < part.toMs && part.fromMs < one.toMs);
    const says = served.map(({ lotId }) => opensAt(lots.get(lotId), (part.fromMs + part.toMs) / 2));
    const worst = says.find((one) => one !== 'right') ?? 'right';
    return { ...part, opens: worst };
  });
}

function opensAt(lot: LotForecast | undefined, atMs: number): BallTurn['opens'] {
  if (lot === undefined) return 'springs back';
  const { opensMs, closesMs, tightUntilMs } = lot.window;
  if (opensMs === null || atMs < Math.max(opensMs, tightUntilMs ?? -Infinity))
    return 'springs back';
  return closesMs !== null && atMs > closesMs ? 'slack' : 'right';
}

const hourOf = ({ fromMs, run }: RanMass, atMs: number) =>
  Math.min(Math.max(0, hoursBetween(fromMs, atMs)), run.hours[run.length - 1] ?? 0);

function glutenAt(mass: RanMass, atMs: number): number {
  const row = rowAtHour(mass.run.hours, mass.run.length, hourOf(mass, atMs));
  return mass.run.states[row * STATE_SIZE + X.gluten] ?? 1;
}

/** What eyes, nose and fingers find of a mass at an instant. */
export function massSight(mass: RanMass, atMs: number): Sight {
  return sightAt(SEEN_AS[mass.kind], mass.run, mass.window.peakRise, hourOf(mass, atMs));
}

/** The place a mass stands in at an instant. */
export function placeAt({ stays }: RanMass, atMs: number): string | null {
  return stays.filter((one) => one.fromMs <= atMs).at(-1)?.placeId ?? stays[0]?.placeId ?? null;
}

/** What each kind of mass looks, smells and feels like. */
export const SEEN_AS: Readonly<Record<LotKind, SightKind>> = {
  starter: 'starter',
  'stiff starter': 'starter',
  levain: 'starter',
  poolish: 'poolish',
  sponge: 'poolish',
  biga: 'biga',
  dough: 'dough',
  balls: 'balls',
  'carry-over': 'dough',
  discard: 'starter',
};

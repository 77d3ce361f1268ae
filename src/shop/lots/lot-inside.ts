import { placeTempC, type LotForecast, type Places } from '@/core/forecast';
import { acidToPh, STATE_SIZE, X } from '@/core/kinetics';
import { rowAtHour, valueAtHour } from '@/core/ripeness';
import { hoursBetween, MS_PER_HOUR } from '@/core/units';

/** Step of every curve of a lot. */
export const CURVE_STEP_MS = MS_PER_HOUR / 6;

/** Acid and strength on the steps of the curve. */
export function quietOf(
  { run, story }: LotForecast,
  untilMs: number,
): { readonly ph: readonly number[]; readonly gluten: readonly number[] } {
  const steps = Math.ceil((untilMs - story.startMs) / CURVE_STEP_MS);
  const at = (index: number) =>
    Array.from({ length: steps + 1 }, (_, i) =>
      valueAtHour(
        {
          hours: run.hours,
          length: run.length,
          at: (row) => run.states[row * STATE_SIZE + index] ?? 0,
        },
        (i * CURVE_STEP_MS) / MS_PER_HOUR,
      ),
    );
  const { wholegrainShare, model } = run.constants;
  return {
    ph: at(X.acid).map((acid) => Number(acidToPh(acid, wholegrainShare, model).toFixed(2))),
    gluten: at(X.gluten).map((gluten) => Number(gluten.toFixed(3))),
  };
}

/** Temperatures of its core and of where it stands, °C, on the steps of the curve. */
export function tempsOf(
  { run, story }: LotForecast,
  places: Places,
  untilMs: number,
): { readonly core: readonly number[]; readonly place: readonly number[] } {
  const endMs = Math.min(untilMs, story.endMs ?? Infinity);
  const steps = Math.max(0, Math.ceil((endMs - story.startMs) / CURVE_STEP_MS));
  const core = { hours: run.hours, length: run.length, at: (row: number) => coreC(run, row) };
  const instants = Array.from({ length: steps + 1 }, (_, i) => story.startMs + i * CURVE_STEP_MS);
  return {
    core: instants.map((_, i) =>
      inHundredths(valueAtHour(core, (i * CURVE_STEP_MS) / MS_PER_HOUR)),
    ),
    place: instants.map((atMs) => {
      const stay = story.stays.filter((one) => one.fromMs <= atMs).at(-1) ?? story.stays[0];
      return stay === undefined ? NaN : inHundredths(placeTempC(places, stay.placeId, atMs));
    }),
  };
}

const coreC = (run: LotForecast['run'], row: number) => run.states[row * STATE_SIZE + X.coreC] ?? 0;
const inHundredths = (tempC: number) => Math.round(tempC * 100) / 100;

/** Acid and strength at an instant; nulls before it was made. */
export function inside(
  { run, story }: LotForecast,
  nowMs: number,
): { phNow: number | null; glutenNow: number | null } {
  if (story.startMs > nowMs) return { phNow: null, glutenNow: null };
  const row = rowAtHour(run.hours, run.length, hoursBetween(story.startMs, nowMs));
  const at = (index: number) => run.states[row * STATE_SIZE + index] ?? 0;
  const { wholegrainShare, model } = run.constants;
  return {
    phNow: Number(acidToPh(at(X.acid), wholegrainShare, model).toFixed(2)),
    glutenNow: Number(at(X.gluten).toFixed(2)),
  };
}

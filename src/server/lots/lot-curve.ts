import type { Curve } from '@/shop/lots/curve';
import type { LotForecast } from '@/core/forecast';
import { lotsTouchedBy } from '@/core/journal';
import type { Trajectory } from '@/core/kinetics';
import { valueAtHour } from '@/core/ripeness';
import { MS_PER_HOUR } from '@/core/units';
import type { ShopContext } from '../context';
import { CURVE_STEP_MS } from '@/shop/lots/lot-inside';
import { signWords } from '@/shop/lots/sign-words';
import type { ForecastOfShop } from '../shop/forecast-state';
import { momentsOf } from '../tide/moments';
import type { Moment } from '@/shop/hands/moment';

/** The rise and the sourness of a lot up to an instant, ms. */
export function curveOf(run: Trajectory, startMs: number, untilMs: number): Curve {
  const steps = Math.ceil((untilMs - startMs) / CURVE_STEP_MS);
  const rise = Array.from({ length: steps + 1 }, (_, i) => {
    const hour = (i * CURVE_STEP_MS) / MS_PER_HOUR;
    return Number(valueAtHour(risesOf(run), hour).toFixed(3));
  });
  return { fromMs: startMs, stepMs: CURVE_STEP_MS, rise };
}

/** How high a lot stood along its run. */
export const risesOf = (run: Trajectory) => ({
  hours: run.hours,
  length: run.length,
  at: (row: number) => run.rises[row] ?? 1,
});

/** The looks at a lot as marks on its curve. */
export function looksOf(lot: LotForecast): LookMark[] {
  return lot.story.looks.map((look, index) => {
    const effect = lot.lookEffects[index];
    const { rise, ...words } = look.signs;
    const moved =
      effect?.beforeH == null || effect.afterH == null ? null : effect.beforeH - effect.afterH;
    return {
      atMs: look.atMs,
      rise: rise ?? null,
      words: signWords(words),
      aheadMinutes: moved === null ? null : Math.round(moved * 60),
    };
  });
}

/** The next moment of a lot; null where nothing is planned for it. */
export function nextOn(context: ShopContext, lotId: string, shop: ForecastOfShop): Moment | null {
  const refs = new Set(
    shop.forecast.acts
      .filter(
        ({ act, tense }) =>
          tense === 'planned' && act.kind !== 'look' && lotsTouchedBy(act).includes(lotId),
      )
      .map((one) => one.ref),
  );
  return momentsOf(context, shop, (one) => refs.has(one.ref))[0] ?? null;
}

/** A look as a mark on the curve. */
export interface LookMark {
  readonly atMs: number;
  readonly rise: number | null;
  readonly words: readonly string[];
  /** Minutes by which this look moved the best moment earlier. */
  readonly aheadMinutes: number | null;
}

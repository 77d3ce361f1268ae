import { type ShopState } from '@/shop/state';
import { forecastShop, type LotForecast, type ShopForecast } from '@/core/forecast';
import { isAct, lineageActs, lotMadeBy, lotsTouchedBy } from '@/core/journal';
import { MS_PER_HOUR } from '@/core/units';
import type { ShopContext } from '../context';
import { forecastState } from '../shop/forecast-state';
import { cultureSpeeds, loadShop, loadShopAround } from '../shop/load-shop';

/** A lot of any time with the shop around it. */
export interface LotAnyTime {
  /** The shop now, or as it was when the lot was last touched; its journal reaches on from there. */
  readonly state: ShopState;
  readonly forecast: ShopForecast;
  readonly lot: LotForecast;
  /** When it was last touched, for a lot that is gone; null for one in sight. */
  readonly pastMs: number | null;
}

/** A lot as it stands, or as it stood when it was last touched: its run again, with its looks; null for one never made. */
export function lotAnyTime(context: ShopContext, lotId: string): LotAnyTime | null {
  const state = loadShop(context);
  const forecast = forecastState(context, state);
  const lot = forecast.lots.get(lotId);
  return lot === undefined ? goneLot(context, lotId) : { state, forecast, lot, pastMs: null };
}

function goneLot(context: ShopContext, lotId: string): LotAnyTime | null {
  const around = loadShopAround(context, { lotId });
  const done = lineageActs(around.folded.done, [lotId]);
  const own = done.filter(
    ({ act }) => lotMadeBy(act) === lotId || lotsTouchedBy(act).includes(lotId),
  );
  const last = own.at(-1);
  if (last === undefined || !own.some(({ act }) => lotMadeBy(act) === lotId)) return null;
  const nowMs = isAct(last.act, 'use') ? last.act.untilMs : last.atMs;
  const forecast = forecastShop({
    folded: { ...around.folded, done, plan: [] },
    nowMs,
    visibleFromMs: nowMs - MS_PER_HOUR,
    places: around.placeMap,
    pantry: around.pantry,
    cultureSpeeds: cultureSpeeds(context, loadShop(context)),
    withBands: true,
  });
  const lot = forecast.lots.get(lotId);
  if (lot === undefined) return null;
  const folded = { ...around.folded, plan: [] };
  return { state: { ...around, nowMs, folded }, forecast, lot, pastMs: nowMs };
}

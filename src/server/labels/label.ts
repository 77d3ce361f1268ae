import { weekdaysShort } from '@/words/days';
import { inSentence, tr } from '@/words/tr';
import { sentenceInUnits } from '@/shop/sentence-in-units';
import { type ShopState } from '@/shop/state';
import type { LabelContent } from '@/shop/kept/label';
export type { LabelContent } from '@/shop/kept/label';
import { allergensOf, massOf } from '@/core/composition';
import { cautionsAt } from '@/core/cautions';
import { isUsedUp, type Lot } from '@/core/journal';

import { wallTime } from '@/core/units';
import type { ShopContext } from '../context';
import { culturesOf, stockOf } from '../culture-lines/registry';
import { isFrozen } from '../cultures/rows/of';
import { FROZEN_KEEPS_DAYS } from '../cultures/rows/kept-rows';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';

const MS_PER_DAY = 86_400_000;

/** The label of a lot that is there, as it stands now; null for a lot that is not. */
export function labelOf(context: ShopContext, lotId: string): LabelContent | null {
  const state = loadShop(context);
  const lot = stockOf(context, state).get(lotId);
  if (lot === undefined) return null;
  const window = forecastState(context, state).lots.get(lotId)?.window ?? null;
  const frozen = isFrozen(lot, { state });
  const lookMs = frozen ? null : lookAtMs(window, state.nowMs);
  const lastMs = endsMs(context, state, { lot, frozen, closesMs: window?.closesMs ?? null });
  const at = (ms: number) => stamp(ms, state.shop.timeZone);
  const lines = [
    { what: tr`made`, says: at(lot.madeAtMs) },
    { what: tr`weight`, says: sentenceInUnits(weightText(lot), state.shop) },
    ...(lookMs === null ? [] : [{ what: tr`look at`, says: at(lookMs) }]),
    ...(lastMs === null ? [] : [{ what: tr`use by`, says: dayOrHour(lastMs, state) }]),
    ...allergens(lot, state),
    { what: tr`in it`, says: contentsText(lot, state) },
  ];
  return { code: lot.id, name: lot.name, lines, does: doesText(lot, frozen) };
}

/** When it is worth a look: where its window opens, if that is still to come. */
function lookAtMs(
  window: { readonly opensMs: number | null; readonly bestMs: number | null } | null,
  nowMs: number,
): number | null {
  const atMs = window?.opensMs ?? window?.bestMs ?? null;
  return atMs === null || atMs < nowMs ? null : atMs;
}

/** When a lot is past: out of its window, or old for what it is; null where nothing says so. */
function endsMs(
  context: ShopContext,
  state: ShopState,
  of: { readonly lot: Lot; readonly frozen: boolean; readonly closesMs: number | null },
): number | null {
  const { lot, frozen, closesMs } = of;
  if (frozen) return lot.madeAtMs + FROZEN_KEEPS_DAYS * MS_PER_DAY;
  const culture = culturesOf(context, state).find((one) => one.id === lot.cultureId);
  if (culture?.keepsDays != null) return lot.madeAtMs + culture.keepsDays * MS_PER_DAY;
  return closesMs;
}

const two = (n: number) => String(n).padStart(2, '0');

/** "Fri 27.11. 18:30": short, and the same for everyone in the shop. */
function stamp(atMs: number, timeZone: string): string {
  const { weekday, day, month, hour, minute } = wallTime(atMs, timeZone);
  return `${weekdaysShort()[weekday - 1] ?? ''} ${two(day)}.${two(month)}. ${two(hour)}:${two(minute)}`;
}

/** The hour of what ends within days; the day and the year of what keeps longer. */
function dayOrHour(atMs: number, { nowMs, shop }: ShopState): string {
  if (atMs - nowMs < 3 * MS_PER_DAY) return stamp(atMs, shop.timeZone);
  const { day, month, year } = wallTime(atMs, shop.timeZone);
  return `${two(day)}.${two(month)}.${year}`;
}

function weightText(lot: Lot): string {
  const grams = `${Math.round(massOf(lot.composition))} g`;
  if (isUsedUp(lot)) return tr`used up`;
  if (lot.balls !== null && lot.ballG !== null) {
    return `${lot.balls} × ${Math.round(lot.ballG)} g`;
  }
  return lot.flatMm === null ? grams : tr`${grams}, flat ${lot.flatMm} mm`;
}

/** What is in it, the most first, as food labels have it. */
function contentsText(lot: Lot, { pantry }: ShopState): string {
  return Object.entries(lot.composition)
    .filter(([, massG]) => massG > 0)
    .sort(([, a], [, b]) => b - a)
    .map(([id]) => inSentence(pantry.get(id)?.name) ?? id)
    .join(', ');
}

function allergens(lot: Lot, { pantry }: ShopState): LabelContent['lines'] {
  const found = allergensOf(lot.composition, pantry);
  return found.length === 0 ? [] : [{ what: tr`contains`, says: found.map(labelWord).join(', ') }];
}

/** Wheat as labels say it. */
const labelWord = (allergen: string) => (allergen === 'wheat' ? tr`wheat (gluten)` : allergen);

const DOES: Partial<Record<Lot['kind'], string>> = {
  get starter() {
    return tr`Feed on time. Lid vented.`;
  },
  get 'stiff starter'() {
    return tr`Feed on time. Lid vented.`;
  },
  get levain() {
    return tr`Mix within its window. Lid vented.`;
  },
  get poolish() {
    return tr`Mix within its window. Lid vented.`;
  },
  get discard() {
    return tr`For flavour, oldest first. Lid vented.`;
  },
  get 'carry-over'() {
    return tr`Keep cold at or below 5 °C. Refresh or use in time.`;
  },
};

function doesText(lot: Lot, frozen: boolean): string {
  if (lot.dried === true)
    return tr`Keep dry and cool. Wake with water and flour, feed to two peaks.`;
  if (frozen) return tr`Thaw 8–14 h in the fridge, then let it rise. Do not freeze again.`;
  return DOES[lot.kind] ?? cautionsAt('ball')[0]?.sentence ?? '';
}

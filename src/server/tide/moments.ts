import { bareName } from '@/words/bare';
import { trFor, tr } from '@/words/tr';
import { sentenceInUnits } from '@/shop/sentence-in-units';
import type { ShopState } from '@/shop/state';
import { totals } from '@/core/composition';
import type { ForecastAct, ShopForecast } from '@/core/forecast';
import { isAct, type Act, type ActOf } from '@/core/journal';
import { hoursBetween, MS_PER_MINUTE } from '@/core/units';
import { listEquipmentThere, listStepPeople } from '@/data';
import type { ShopContext } from '../context';
import type { ForecastOfShop } from '../shop/forecast-state';
import { mixingOf, waterOf } from '../mix/water';
import type { Glyph, Moment } from '@/shop/hands/moment';
import { vesselOf } from '@/shop/tide/vessel';
import { nameOf, linesOf } from './moment-lines';

const LEAVENS = new Set(['poolish', 'levain', 'biga', 'sponge', 'starter', 'stiff starter']);

/** The acts of a forecast that the hands do, those asked for, as moments. */
export function momentsOf(
  context: Pick<ShopContext, 'db'>,
  shop: ForecastOfShop,
  asked: (one: ForecastAct) => boolean,
): Moment[] {
  const { state, forecast } = shop;
  const things = listEquipmentThere(context.db);
  const acts = forecast.acts.filter(
    (one) => one.act.kind !== 'discard' && one.act.kind !== 'aim' && asked(one),
  );
  const refs = new Set(acts.map((one) => one.ref));
  const batches = new Map(
    state.folded.done.flatMap((one) =>
      refs.has(one.entryId) ? [[one.entryId, one.batch] as const] : [],
    ),
  );
  const people = listStepPeople(context.db);
  return acts.map((one) => ({
    ...momentOf(context, one, shop, batches.get(one.ref) ?? null),
    // Whose hands were asked for since it was planned.
    by: (one.tense === 'planned' ? people.get(one.ref) : undefined) ?? one.by,
    vessel: one.tense === 'done' ? null : vesselOf(one.act, things, state, forecast),
  }));
}

function momentOf(
  context: Pick<ShopContext, 'db'>,
  one: ForecastAct,
  shop: ForecastOfShop,
  batch: string | null,
): Omit<Moment, 'vessel'> {
  const { act } = one;
  const { state, forecast } = shop;
  const peak = peakOf(act, one.atMs, forecast);
  return {
    ref: one.ref,
    tense: one.tense,
    glyph: glyphOf(act),
    atMs: one.atMs,
    plannedMs: one.plannedMs,
    title: titleOf(act, forecast),
    by: one.by,
    lines: linesOf(act, state.pantry, forecast),
    foot: footOf(act, one, state),
    water: waterWanted(context, one, shop),
    lotId: lotOf(act),
    placeId: 'placeId' in act ? act.placeId : null,
    offPeakMinutes: peak?.minutes ?? null,
    withinWindow: peak?.within ?? null,
    bakeId: one.bakeId,
    batch,
  };
}

function lotOf(act: Act): string {
  if (isAct(act, 'light') || isAct(act, 'soak')) return '';
  if (isAct(act, 'split')) return act.partLotId;
  return isAct(act, 'divide') ? act.ballsLotId : (act.lotId ?? '');
}

function glyphOf(act: Act): Glyph {
  switch (act.kind) {
    case 'make':
      return LEAVENS.has(act.lotKind) ? 'feed' : 'mix';
    case 'divide':
      return 'ball';
    case 'use':
    case 'light':
    case 'do':
      return 'bake';
    case 'look':
      return 'look';
    case 'move':
    case 'split':
      return 'move';
    default:
      return 'mix';
  }
}

const WORK_TITLES: Readonly<Record<ActOf<'work'>['act'], string>> = {
  get fold() {
    return tr`Fold`;
  },
  get knead() {
    return tr`Knead`;
  },
  get 'punch down'() {
    return tr`Punch down`;
  },
  get 'ball again'() {
    return tr`Ball again`;
  },
};

function titleOf(act: Act, forecast: ShopForecast): string {
  switch (act.kind) {
    case 'make':
      return makeTitle(act);
    case 'divide':
      return tr`Ball ${bareName(act.name, 'balls')}`;
    case 'use':
      return tr`Bake ${bareName(nameOf(act.lotId, forecast), 'balls')}`;
    case 'split':
      return tr`${act.name} from ${nameOf(act.lotId, forecast)}`;
    case 'move':
      return tr`Move ${nameOf(act.lotId, forecast)}`;
    case 'light':
      return tr`Light ${act.oven}`;
    case 'look':
      return `${isToCome(act) ? tr`Look at` : tr`Looked at`} ${nameOf(act.lotId, forecast)}`;
    case 'work':
      return `${WORK_TITLES[act.act]} ${nameOf(act.lotId, forecast)}`;
    case 'do':
      return act.what;
    case 'soak':
      return tr`Soak flour of ${act.name}`;
    default:
      return tr`Add to ${nameOf(act.lotId, forecast)}`;
  }
}

/** A look that nobody has seen anything in yet. */
const isToCome = ({ signs }: ActOf<'look'>) => Object.keys(signs).length === 0;

function makeTitle(act: ActOf<'make'>): string {
  if (act.cultureId !== undefined) return tr`Feed ${act.name}`;
  return LEAVENS.has(act.lotKind) ? tr`Build ${act.name}` : tr`Mix ${act.name}`;
}

function footOf(act: Act, one: ForecastAct, state: ShopState): string {
  const place = (id: string) => state.placeMap.get(id)?.name ?? id;
  if (isAct(act, 'make')) {
    const sum = totals(
      Object.fromEntries(act.ingredients.map((line) => [line.ingredientId, line.massG])),
      state.pantry,
    );
    const dough =
      act.lotKind === 'dough' ? sentenceInUnits(tr`dough ${act.startC}°, `, state.shop) : '';
    return sum.massG > 0 ? tr`${dough}then ${place(act.placeId)}` : place(act.placeId);
  }
  if (isAct(act, 'divide') || isAct(act, 'move') || isAct(act, 'split')) {
    return trFor('place')`to ${place(act.placeId)}`;
  }
  if (isAct(act, 'use')) {
    const hours = Math.round(hoursBetween(one.plannedMs, act.untilMs) * 10) / 10;
    return hours > 0 ? tr`${hours} h of service` : '';
  }
  return '';
}

/** The water of a mass still to be made. */
function waterWanted(
  context: Pick<ShopContext, 'db'>,
  { act, atMs, tense, bakeId }: ForecastAct,
  shop: ForecastOfShop,
): Moment['water'] {
  if (tense === 'done' || !isAct(act, 'make')) return null;
  return waterOf(act, atMs, mixingOf(context, shop.state, act, bakeId), shop);
}

/** How a mix meets the window of the leaven it takes most of. */
function peakOf(
  act: Act,
  atMs: number,
  forecast: ShopForecast,
): { minutes: number; within: boolean } | null {
  if (!isAct(act, 'make') || act.lotKind !== 'dough') return null;
  const [leaven] = [...act.portions].sort((a, b) => b.massG - a.massG);
  const window = leaven === undefined ? undefined : forecast.lots.get(leaven.lotId)?.window;
  if (window === undefined || window.bestMs === null) return null;
  const { opensMs, closesMs } = window;
  return {
    minutes: Math.round((atMs - window.bestMs) / MS_PER_MINUTE),
    within: opensMs !== null && opensMs <= atMs && (closesMs === null || atMs <= closesMs),
  };
}

import { tr } from '@/words/tr';
import { type ShopState } from '@/shop/state';
import { addPlaceSetting } from '@/data';
import { bakeFormSchema, type BakeForm } from '@/shop/doughs/bake-form';
import type { ShopContext } from '../context';
import { noMethodPlanSentence } from '@/shop/doughs/method-request';
import { storePlan } from './store-plan';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { planOfForm, planRequestOf, settingFor } from '@/shop/doughs/poolish-form';
import { shopFacts } from '../facts/shop-facts';
import { loadShop } from '../shop/load-shop';

/** Takes a bake: plans it backwards and writes the bake and its planned entries, all or nothing. */
export function takeBake(
  context: ShopContext,
  form: unknown,
): Outcome<{ bakeId: string; batch: string }> {
  const parsed = parseForm(bakeFormSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const unknown = refuseUnknown(parsed.value, state);
    if (unknown !== null) return unknown;
    const facts = shopFacts(context, state);
    const request = planRequestOf(parsed.value, facts, false);
    const plan = planOfForm(parsed.value, facts, false);
    if (plan.kind === 'infeasible') {
      return refused('readyFrom', noMethodPlanSentence(plan, state.shop.timeZone, state.nowMs));
    }
    return done(
      context.db.transaction(() => {
        keepRoom(context, state, parsed.value);
        return storePlan(context, state, {
          name: parsed.value.name,
          method: request.method,
          versionId: null,
          plan,
          request,
          demand: null,
          whoAt: () => null,
          more: [],
          batch: context.newId(),
        });
      })(),
    );
  });
}

/** What the form names has to be in the shop. */
function refuseUnknown(form: BakeForm, { pantry, placeMap }: ShopState): Outcome<never> | null {
  if (pantry.get(form.flourId)?.kind !== 'flour') {
    return refused('flourId', tr`Flour: “${form.flourId}” is not a flour of the shop.`);
  }
  for (const field of ['poolishPlaceId', 'doughPlaceId'] as const) {
    if (!placeMap.has(form[field])) {
      return refused(field, tr`Place: “${form[field]}” is not in the shop.`);
    }
  }
  return null;
}

/** The room that the form says holds from now on. */
function keepRoom(context: ShopContext, state: ShopState, form: BakeForm): void {
  const placeId = form.poolishPlaceId;
  const place = state.placeMap.get(placeId);
  const tempC = place === undefined ? null : settingFor(place, form.roomC, state.nowMs);
  if (tempC !== null) addPlaceSetting(context.db, { placeId, fromMs: state.nowMs, tempC });
}

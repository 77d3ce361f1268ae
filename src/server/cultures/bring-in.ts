import { tr } from '@/words/tr';
import { addHours, fromLocalText, MS_PER_HOUR } from '@/core/units';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import type { ShopState } from '@/shop/state';
import type { ShopContext } from '../context';
import { culturesOf } from '../culture-lines/registry';
import { batchOf, writeEntries } from '../journal/entries';
import { loadShop } from '../shop/load-shop';
import { describeCulture } from './describe';
import { isFrozen } from './rows/of';
import { type Brought, DRAFTS } from './bring-in-drafts';
import { bringSchema } from './bring-in-form';

/** Dough and balls are brought in that were mixed at the most so long ago, and bags so much longer, h. */
const LONGEST_AGO_H = { dough: 24 * 14, balls: 24 * 14, frozen: 24 * 365 } as const;

/** Days that leftover dough keeps. Source: the trade’s usual limit in a fridge. */
const LEFTOVER_KEEPS_DAYS = '5';

/** Brings in what was there before Olvik: leftover dough, balls, or a frozen bag, told as it was made and kept. */
export function bringIn(
  context: ShopContext,
  form: unknown,
): Outcome<{ batch: string; lotId: string; path: string }> {
  const parsed = parseForm(bringSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const brought = parsed.value;
    const wrong = refuseParts(state, brought);
    if (wrong !== null) return wrong;
    const mixedMs = fromLocalText(brought.mixedAt, state.shop.timeZone);
    const hours = hoursOf(state, brought, mixedMs);
    if (!hours.ok) return hours;
    const chain = chainOf(context, state, brought);
    if (!chain.ok) return chain;
    const told = DRAFTS[brought.what](
      { context, state, mixedMs, awayMs: hours.value, cultureId: chain.value },
      brought as never,
    );
    writeEntries(context, batchOf(context, brought.batch, told.drafts));
    return done({ batch: brought.batch, lotId: told.lotId, path: told.path });
  });
}

function refuseParts(state: ShopState, brought: Brought): Outcome<never> | null {
  const strange = (['roomId', 'placeId'] as const).find(
    (field) => !state.placeMap.has(brought[field]),
  );
  if (strange !== undefined) {
    return refused(strange, tr`Place: “${brought[strange]}” is not in the shop.`);
  }
  if (state.pantry.get(brought.flourId)?.kind !== 'flour') {
    return refused('flourId', tr`Flour: “${brought.flourId}” is not a flour of the shop.`);
  }
  if (brought.what === 'frozen' && !isFrozen({ placeId: brought.placeId }, { state })) {
    return refused('placeId', tr`Place: it is no freezer. Allowed: a place below −5°.`);
  }
  return null;
}

/** When it was put away, UTC ms: after its hours in the room, or now where these are not over. */
function hoursOf(state: ShopState, brought: Brought, mixedMs: number): Outcome<number> {
  const { nowMs } = state;
  const longestH = LONGEST_AGO_H[brought.what];
  if (!(mixedMs <= nowMs && mixedMs >= nowMs - longestH * MS_PER_HOUR)) {
    return refused(
      'mixedAt',
      tr`Mixed: ${brought.mixedAt.replace('T', ' ')} is not possible. Allowed: the last ${longestH / 24} days, up to now.`,
    );
  }
  const awayMs = addHours(mixedMs, brought.roomH);
  if (brought.what !== 'dough' && awayMs > nowMs) {
    return refused(
      'roomH',
      tr`In the room first: ${brought.roomH} h are not over yet. Allowed: less, or another hour of mixing.`,
    );
  }
  return done(Math.min(awayMs, nowMs));
}

/** The chain that leftover dough belongs to: the one that was chosen, or a new one of its name. */
function chainOf(
  context: ShopContext,
  state: ShopState,
  brought: Brought,
): Outcome<string | undefined> {
  if (brought.what !== 'dough') return done(undefined);
  const { cultureId } = brought;
  if (cultureId != null && cultureId !== '') {
    const chain = culturesOf(context, state).find((one) => one.id === cultureId);
    return chain?.kind === 'carry-over'
      ? done(chain.id)
      : refused('cultureId', tr`Chain: “${cultureId}” is not a carry-over of the shop.`);
  }
  const begun = describeCulture(context, {
    batch: brought.batch,
    kind: 'carry-over',
    name: brought.name,
    hydrationPct: Math.min(200, brought.waterPct),
    saltPct: brought.saltPct,
    flourId: brought.flourId,
    placeId: brought.placeId,
    everyH: 48,
    vesselMl: 4000,
    keepsDays: LEFTOVER_KEEPS_DAYS,
  });
  return begun.ok ? done(begun.value.id) : begun;
}

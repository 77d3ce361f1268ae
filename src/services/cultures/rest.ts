import { isStarter } from '@/core/cultures';
import { isAct, type Act } from '@/core/journal';
import { numberField, z } from '@/core/parse';
import { addEntries, saveCulture } from '@/data';
import type { ShopContext } from '../context';
import { doneDrafts } from '../done-drafts';
import { batchOf, type EntryDraft } from '../entries';
import { nextCode } from '../lot-codes';
import { done, refused, type Outcome } from '../outcome';
import { parseForm, refusing } from '../parse-form';
import { loadShop } from '../shop-state';
import { currentJar, culturesOf, gramsOf, stockOf } from './registry';
import { isFrozen } from './rows/of';

const restSchema = z.object({
  cultureId: z.string().min(1).max(80),
  batch: z.string().min(8).max(80),
  how: z.enum(['moved', 'dried', 'frozen']),
  placeId: z.string().min(1).max(80),
  massG: numberField({ name: 'Back-up', unit: 'g', min: 1, max: 100_000 }).nullish(),
  flatMm: numberField({ name: 'Thickness', unit: 'mm', min: 2, max: 300 }).nullish(),
});

/** Puts a culture to rest: its jar into another place, or a part of it dried or frozen as a back-up. */
export function restCulture(
  context: ShopContext,
  form: unknown,
): Outcome<{ batch: string; lotId: string }> {
  const parsed = parseForm(restSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const { cultureId, batch, how, placeId, massG, flatMm } = parsed.value;
    const culture = culturesOf(context, state).find((one) => one.id === cultureId);
    const jar = currentJar(stockOf(context, state), cultureId);
    if (culture === undefined || !isStarter(culture) || jar === null) {
      return refused('cultureId', `Culture: nothing of “${cultureId}” is left to rest.`);
    }
    if (!state.placeMap.has(placeId)) {
      return refused('placeId', `Place: “${placeId}” is not in the shop.`);
    }
    const atMs = state.nowMs;
    if (how === 'moved') {
      const move: Act = { kind: 'move', lotId: jar.id, placeId };
      addEntries(context.db, batchOf(context, batch, [{ atMs, tense: 'done', body: move }]));
      return done({ batch, lotId: jar.id });
    }
    const thereG = gramsOf(jar);
    if (massG == null || massG > thereG) {
      return refused(
        'massG',
        `Back-up: ${massG ?? '–'} g is not possible. Allowed: 1 to ${Math.floor(thereG)} g, what is in the jar.`,
      );
    }
    const lotId = nextCode(context, state, 'frozen', atMs);
    const act: Act = {
      kind: 'split',
      lotId: jar.id,
      partLotId: lotId,
      name: `${culture.name}, ${how === 'dried' ? 'dried' : 'back-up'}`,
      lotKind: jar.kind,
      cultureId,
      massG,
      placeId,
      ...(flatMm == null || how === 'dried' ? {} : { flatMm }),
      ...(how === 'dried' ? { dried: true } : {}),
    };
    if (how === 'frozen' && !isFrozen({ ...jar, placeId }, { state })) {
      const name = state.placeMap.get(placeId)?.name ?? placeId;
      return refused(
        'placeId',
        `Freezer: ${name} does not freeze. Allowed: a place at −5 °C or colder.`,
      );
    }
    const drafts = doneDrafts(context, state, { act, atMs, by: null, bakeId: null, fulfils: null });
    if (!drafts.ok) return drafts;
    addEntries(context.db, batchOf(context, batch, drafts.value));
    return done({ batch, lotId });
  });
}

const retireSchema = z.object({
  cultureId: z.string().min(1).max(80),
  batch: z.string().min(8).max(80),
  retired: z.boolean(),
});

/** Retires a culture: nothing more is planned for it, its lots stay. Or brings it back. */
export function retireCulture(
  context: ShopContext,
  form: unknown,
): Outcome<{ batch: string; id: string }> {
  const parsed = parseForm(retireSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const { cultureId, batch, retired } = parsed.value;
    const culture = culturesOf(context, state).find((one) => one.id === cultureId);
    if (culture === undefined) {
      return refused('cultureId', `Culture: “${cultureId}” is not in the shop.`);
    }
    const withdrawn = retired
      ? state.folded.plan.flatMap((step): EntryDraft[] =>
          isAct(step.act, 'make') && step.act.cultureId === cultureId
            ? [
                {
                  atMs: state.nowMs,
                  tense: 'planned',
                  bakeId: step.bakeId,
                  body: {
                    kind: 'withdraw',
                    supersedes: step.stepId,
                    reason: `${culture.name} retired`,
                  },
                },
              ]
            : [],
        )
      : [];
    saveCulture(context.db, { ...culture, retiredMs: retired ? state.nowMs : null });
    addEntries(context.db, batchOf(context, batch, withdrawn));
    return done({ batch, id: cultureId });
  });
}

import { tr, word } from '@/words/tr';
import { type ShopState } from '@/shop/state';
import { isStarter, type Culture } from '@/core/cultures';
import { isAct, type Act, type Lot } from '@/core/journal';
import { numberField, z } from '@/core/parse';
import { saveCulture } from '@/data';
import type { ShopContext } from '../context';
import { doneDrafts } from '../doing/done-drafts';
import { batchOf, withdrawDraft, writeEntries } from '../journal/entries';
import { nextCode } from '../journal/lot-codes';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';
import { currentJar, culturesOf, gramsOf, stockOf } from '../culture-lines/registry';
import { isFrozen } from './rows/of';

const restSchema = z.object({
  cultureId: z.string().min(1).max(80),
  batch: z.string().min(8).max(80),
  how: z.enum(['moved', 'dried', 'frozen']),
  placeId: z.string().min(1).max(80),
  massG: numberField({ name: word('Back-up'), unit: 'g', min: 1, max: 100_000 }).nullish(),
  flatMm: numberField({ name: word('Thickness'), unit: 'mm', min: 2, max: 300 }).nullish(),
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
    const { cultureId, batch, how, placeId } = parsed.value;
    const culture = culturesOf(context, state).find((one) => one.id === cultureId);
    const jar = currentJar(stockOf(context, state), cultureId);
    if (culture === undefined || !isStarter(culture) || jar === null) {
      return refused('cultureId', tr`Culture: nothing of “${cultureId}” is left to rest.`);
    }
    if (!state.placeMap.has(placeId)) {
      return refused('placeId', tr`Place: “${placeId}” is not in the shop.`);
    }
    const atMs = state.nowMs;
    const act =
      how === 'moved'
        ? done<Act>({ kind: 'move', lotId: jar.id, placeId })
        : backUpOf(context, state, { culture, jar, form: parsed.value });
    if (!act.ok) return act;
    const drafts = doneDrafts(context, state, {
      act: act.value,
      atMs,
      by: null,
      bakeId: null,
      fulfils: null,
    });
    if (!drafts.ok) return drafts;
    writeEntries(context, batchOf(context, batch, drafts.value));
    return done({ batch, lotId: act.value.kind === 'split' ? act.value.partLotId : jar.id });
  });
}

/** A part of the jar, dried or frozen. */
function backUpOf(
  context: ShopContext,
  state: ShopState,
  of: { readonly culture: Culture; readonly jar: Lot; readonly form: z.output<typeof restSchema> },
): Outcome<Act> {
  const { culture, jar } = of;
  const { how, placeId, massG, flatMm } = of.form;
  const thereG = gramsOf(jar);
  if (massG == null || massG > thereG) {
    return refused(
      'massG',
      tr`Back-up: ${massG ?? '–'} g is not possible. Allowed: 1 to ${Math.floor(thereG)} g, what is in the jar.`,
    );
  }
  const dried = how === 'dried';
  if (!dried && !isFrozen({ ...jar, placeId }, { state })) {
    const name = state.placeMap.get(placeId)?.name ?? placeId;
    return refused(
      'placeId',
      tr`Freezer: ${name} does not freeze. Allowed: a place at −5 °C or colder.`,
    );
  }
  return done<Act>({
    kind: 'split',
    lotId: jar.id,
    partLotId: nextCode(context, state, 'frozen', state.nowMs),
    name: `${culture.name}, ${dried ? tr`dried` : tr`back-up`}`,
    lotKind: jar.kind,
    cultureId: culture.id,
    massG,
    placeId,
    ...(flatMm == null || dried ? {} : { flatMm }),
    ...(dried ? { dried: true } : {}),
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
      return refused('cultureId', tr`Culture: “${cultureId}” is not in the shop.`);
    }
    const withdrawn = retired
      ? state.folded.plan
          .filter(({ act }) => isAct(act, 'make') && act.cultureId === cultureId)
          .map((step) => withdrawDraft(step, state.nowMs, tr`${culture.name} retired`))
      : [];
    saveCulture(context.db, { ...culture, retiredMs: retired ? state.nowMs : null });
    writeEntries(context, batchOf(context, batch, withdrawn));
    return done({ batch, id: cultureId });
  });
}

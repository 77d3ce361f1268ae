import { tr, word } from '@/words/tr';
import { type ShopState } from '@/shop/state';
import { massOf } from '@/core/composition';
import { HEALTH } from '@/core/cultures';
import { HEALTH_SIGNS, type Act, type Lot } from '@/core/journal';
import { numberField, wholeNumberField, z } from '@/core/parse';

import type { ShopContext } from '../context';
import { doneDrafts } from '../doing/done-drafts';
import { batchOf, writeEntries } from '../journal/entries';
import { doneAt } from '../journal/done-at';
import { nextCode, type CodeFor } from '../journal/lot-codes';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';
import { culturesOf, stockOf } from '../culture-lines/registry';
import { isFrozen } from './rows/of';

const partSchema = z.object({
  lotId: z.string().min(1).max(80),
  batch: z.string().min(8).max(80),
  at: z.string().nullish(),
  /** As it is, as leftover dough for a chain, or gone: baked, given away, thrown. */
  as: z.enum(['as it is', 'carry-over', 'gone']),
  cultureId: z.string().max(80).nullish(),
  count: wholeNumberField({ name: word('Balls'), unit: '', min: 1, max: 5000 }).nullish(),
  massG: numberField({ name: word('Part'), unit: 'g', min: 0.5, max: 500_000 }).nullish(),
  placeId: z.string().max(80).nullish(),
  flatMm: z
    .preprocess(
      (value) => (value === '' ? null : value),
      numberField({ name: word('Thickness'), unit: 'mm', min: 2, max: 300 }).nullable(),
    )
    .default(null),
  name: z.string().trim().max(60).nullish(),
  /** The sign for which it is thrown away: a spoiled mother is not kept. */
  found: z.enum(HEALTH_SIGNS).nullish(),
});
type Part = z.output<typeof partSchema>;

/** Takes a part of a lot its own way: into another place, the freezer, a chain of carry-over, or out of the shop. */
export function takePart(
  context: ShopContext,
  form: unknown,
): Outcome<{ batch: string; lotId: string }> {
  const parsed = parseForm(partSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const part = parsed.value;
    const lot = stockOf(context, state).get(part.lotId);
    if (lot === undefined) return refused('lotId', tr`Lot: ${part.lotId} has not been made yet.`);
    const at = doneAt(part.at, state);
    if (!at.ok) return at;
    const taken = gramsTaken(lot, part);
    if (!taken.ok) return taken;
    const body =
      part.as === 'gone'
        ? done<Act>({ kind: 'discard', lotId: lot.id, massG: taken.value })
        : splitOf(context, state, { lot, part, massG: taken.value, atMs: at.value });
    if (!body.ok) return body;
    const act = body.value;
    if (act.kind === 'discard' && part.found != null && SPOILED.has(part.found)) {
      const look: Act = { kind: 'look', lotId: lot.id, signs: { found: part.found } };
      const both = [look, act].map((one) => ({
        atMs: at.value,
        tense: 'done' as const,
        body: one,
      }));
      writeEntries(context, batchOf(context, part.batch, both));
      return done({ batch: part.batch, lotId: lot.id });
    }
    const drafts = doneDrafts(context, state, {
      act,
      atMs: at.value,
      by: null,
      bakeId: null,
      fulfils: null,
    });
    if (!drafts.ok) return drafts;
    writeEntries(context, batchOf(context, part.batch, drafts.value));
    return done({ batch: part.batch, lotId: act.kind === 'split' ? act.partLotId : lot.id });
  });
}

/** Signs for which all of a culture goes. */
const SPOILED: ReadonlySet<string> = new Set(
  HEALTH.filter((one) => one.ends).map((one) => one.sign),
);

/** A part about to be taken. */
interface Taken {
  readonly lot: Lot;
  readonly part: Part;
  readonly massG: number;
  readonly atMs: number;
}

/** Grams of a part: whole balls of a lot of balls, else what was weighed. */
function gramsTaken(lot: Lot, { count, massG }: Part): Outcome<number> {
  const thereG = massOf(lot.composition);
  if (lot.balls !== null && lot.ballG !== null && count != null) {
    if (count > lot.balls) {
      return refused('count', tr`Balls: ${count} is not possible. Allowed: 1 to ${lot.balls}.`);
    }
    return done(Math.min(thereG, count * lot.ballG));
  }
  if (massG == null) return refused('massG', tr`Part: a weight is needed.`);
  if (massG > thereG + 0.5) {
    return refused(
      'massG',
      tr`Part: ${massG} g is not possible. Allowed: up to ${Math.floor(thereG)} g, what is left.`,
    );
  }
  return done(Math.min(massG, thereG));
}

function splitOf(context: ShopContext, state: ShopState, of: Taken): Outcome<Act> {
  const { lot, part, massG, atMs } = of;
  const placeId = part.placeId ?? '';
  if (!state.placeMap.has(placeId)) {
    return refused('placeId', tr`Place: “${placeId}” is not in the shop.`);
  }
  const leftover = part.as === 'carry-over';
  const chain = chainOf(context, state, of);
  if (!chain.ok) return chain;
  const frozen = isFrozen({ ...lot, placeId }, { state });
  const kept = leftover || part.count == null || lot.balls === null ? {} : { count: part.count };
  return done<Act>({
    kind: 'split',
    lotId: lot.id,
    partLotId: nextCode(context, state, codeOf(lot, { frozen, leftover }), atMs),
    name: nameOf(of, frozen),
    lotKind: leftover ? 'carry-over' : lot.kind,
    ...(chain.value === null ? {} : { cultureId: chain.value }),
    massG,
    ...kept,
    placeId,
    ...(part.flatMm === null ? {} : { flatMm: part.flatMm }),
  });
}

/** The line of lots that a part belongs to: leftover to the chain that is chosen, anything else to its own. */
function chainOf(
  context: ShopContext,
  state: ShopState,
  { lot, part }: Taken,
): Outcome<string | null> {
  if (part.as !== 'carry-over') return done(lot.cultureId);
  const chainId = part.cultureId == null || part.cultureId === '' ? null : part.cultureId;
  if (chainId === null) return done(null);
  const chain = culturesOf(context, state).find((one) => one.id === chainId);
  return chain?.kind === 'carry-over'
    ? done(chainId)
    : refused('cultureId', tr`Chain: “${chainId}” is not a carry-over of the shop.`);
}

const LONGEST_NAME = 60;

function nameOf({ lot, part }: Taken, frozen: boolean): string {
  if (part.name != null && part.name !== '') return part.name;
  const what = frozen ? tr`, frozen` : part.as === 'carry-over' ? tr`, left over` : tr`, part`;
  return `${lot.name.slice(0, LONGEST_NAME - what.length)}${what}`;
}

const CODES: Partial<Record<Lot['kind'], CodeFor>> = {
  poolish: 'poolish',
  balls: 'balls',
  starter: 'starter',
  'stiff starter': 'starter',
  levain: 'levain',
  discard: 'discard',
  'carry-over': 'carry-over',
};

function codeOf(lot: Lot, is: { readonly frozen: boolean; readonly leftover: boolean }): CodeFor {
  if (is.frozen) return 'frozen';
  return is.leftover ? 'carry-over' : (CODES[lot.kind] ?? 'dough');
}

import { tr } from '@/words/tr';
import type { ShopState } from '@/shop/state';
import { massOf } from '@/core/composition';
import { isAct, type Act, type ActOf, type Lot, type PlannedAct } from '@/core/journal';
import { DomainError } from '@/core/units';
import type { ShopContext } from '../context';
import { doneDrafts } from '../doing/done-drafts';
import type { EntryDraft } from '../journal/entries';
import { nextCode } from '../journal/lot-codes';
import { done, refused, type Outcome } from '@/shop/outcome';
import { placeFor, placeName, scaled } from '@/shop/trials/otherwise';
import type { Trial } from '@/shop/trials/trial-form';

/** A trial with the first lot and what the second is made by. */
export interface Second {
  readonly drafts: readonly EntryDraft[];
  readonly lotId: string;
  readonly readyMs: number;
  readonly says: string;
}
/** The least that is set apart for a trial, g. */
export const LEAST_G = 1;

/** The first dough with so much less of it, so that leaven and pizzas stay as many as they are. */
export function lessOfFirst(
  step: PlannedAct,
  about: {
    readonly trial: Trial;
    readonly plan: readonly PlannedAct[];
    readonly state: ShopState;
  },
): { readonly stepId: string; readonly atMs: number; readonly act: Act }[] {
  const { trial, plan, state } = about;
  const first = step.act as ActOf<'make'>;
  const small = scaled(first, trial.massG, state);
  const minus = <L extends { readonly massG: number }>(lines: readonly L[], off: readonly L[]) =>
    lines.map((line, i) => ({ ...line, massG: Math.max(0, line.massG - (off[i]?.massG ?? 0)) }));
  const { soaked } = first;
  const make: ActOf<'make'> = {
    ...first,
    // What soaks together is shared, as it is.
    ...(soaked === undefined || small.soaked === undefined
      ? {}
      : { soaked: { ...soaked, waterG: soaked.waterG - small.soaked.waterG } }),
    ingredients: minus(first.ingredients, small.ingredients),
    portions: minus(first.portions, small.portions),
  };
  const divide = plan.find(({ act }) => isAct(act, 'divide') && act.lotId === first.lotId);
  if (divide === undefined || !isAct(divide.act, 'divide')) return [{ ...step, act: make }];
  const { ballG, ballsLotId, count } = divide.act;
  const left = count - Math.floor(trial.massG / ballG + 1e-9);
  if (left < 1) {
    throw new DomainError(
      'trial-too-large',
      tr`Trial lot: ${trial.massG} g is all of it. Allowed: less than ${Math.floor(count * ballG)} g.`,
      {},
    );
  }
  const uses = plan.flatMap((one) =>
    isAct(one.act, 'use') && one.act.lotId === ballsLotId
      ? [{ ...one, act: { ...one.act, count: Math.min(one.act.count, left) } }]
      : [],
  );
  return [{ ...step, act: make }, { ...divide, act: { ...divide.act, count: left } }, ...uses];
}

/** A part of a lot that stands, carried to another place now. */
export function partOf(
  context: ShopContext,
  state: ShopState,
  { trial, lot }: { readonly trial: Trial; readonly lot: Lot },
): Outcome<Second> {
  if (trial.thing !== 'place') {
    return refused('thing', tr`One thing: it is mixed already. Allowed: another place for a part.`);
  }
  const place = placeFor(trial, lot.placeId, state);
  if (!place.ok) return place;
  const thereG = massOf(lot.composition);
  const { ballG, balls } = lot;
  const count = balls === null || ballG === null ? null : Math.round(trial.massG / ballG);
  const massG = count === null || ballG === null ? trial.massG : count * ballG;
  if (massG >= thereG || count === 0) {
    const most = Math.floor(thereG);
    return refused(
      'massG',
      tr`Trial lot: ${trial.massG} g is not possible. Allowed: ${Math.ceil(ballG ?? 20)} g and less than ${most} g, what is there.`,
    );
  }
  const lotId = nextCode(context, state, 'trial', state.nowMs);
  const body: ActOf<'split'> = {
    kind: 'split',
    lotId: lot.id,
    partLotId: lotId,
    name: trialName(lot.name),
    lotKind: lot.kind,
    massG,
    ...(count === null ? {} : { count }),
    placeId: place.value,
  };
  // What was to be taken of all of it is taken of what is left.
  const drafts = doneDrafts(context, state, {
    act: body,
    atMs: state.nowMs,
    by: null,
    bakeId: null,
    fulfils: null,
  });
  if (!drafts.ok) return drafts;
  return done({
    drafts: drafts.value,
    lotId,
    readyMs: state.nowMs,
    says: tr`${placeName(place.value, state)} instead of ${placeName(lot.placeId, state)}`,
  });
}

const LONGEST_NAME = 60;

/** What the second lot of a trial is called. */
export const trialName = (name: string) =>
  `${name.slice(0, LONGEST_NAME - trial().length)}${trial()}`;

/** What is added to the name of a trial’s second lot. */
export const trial = () => tr`, trial`;

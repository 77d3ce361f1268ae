import { tr } from '@/words/tr';
import { isAct, lotMadeBy, lotsTouchedBy, type Act, type PlannedAct } from '@/core/journal';
import { leavensToMake, redosed } from '@/core/planner';
import type { MovedStep, MoveFacts } from './types';
import { done, refused, type Outcome } from '../outcome';

/**
 * Steps of a bake of a method: what is made of the moved lot goes along by the same time, a step of a lot that is
 * there already moves alone. A leaven that is not made yet keeps its end: its yeast changes so that it is best at the
 * mix. Services stay, and so does what is pinned.
 */
export function movedOfBake(
  facts: MoveFacts,
  planned: readonly PlannedAct[],
  step: PlannedAct,
  atMs: number,
): Outcome<MovedStep[]> {
  if (isAct(step.act, 'use')) {
    return refused('at', tr`Bake: it stays where it is. Plan another one for another hour.`);
  }
  const { folded, pinned } = facts;
  const byMs = atMs - step.atMs;
  const isDough = isAct(step.act, 'make') && step.act.lotKind === 'dough';
  const along = planned.filter(
    (one) =>
      one !== step &&
      !isAct(one.act, 'use') &&
      !isAct(one.act, 'light') &&
      !pinned.includes(one.stepId) &&
      (one.atMs >= step.atMs || (isDough && isBeforeMix(one.act))) &&
      (isDough ? !isLeaven(one.act) : sameLot(one.act, step.act)),
  );
  const moved = [step, ...along].map((one) => ({ step: one, atMs: one.atMs + byMs, act: one.act }));
  const uses = planned.filter((one) => isAct(one.act, 'use'));
  const lastMs = Math.max(...moved.map((one) => one.atMs));
  if (moved.some((one) => isAfterService(one, uses))) {
    return refused(
      'at',
      tr`${nameOf(step.act)}: the service would be over. Allowed: before its end.`,
    );
  }
  const made = lotMadeBy(step.act);
  const mix = planned.find(
    (one) => isAct(one.act, 'make') && lotsTouchedBy(one.act).includes(made ?? ''),
  );
  if (!isDough && mix !== undefined && lastMs >= mix.atMs) {
    return refused('at', tr`${nameOf(step.act)}: it can not come after the mix that takes it.`);
  }
  const parts = isAct(step.act, 'make') ? lotsTouchedBy(step.act) : [];
  const before = [...folded.done, ...planned].filter((one) =>
    parts.includes(lotMadeBy(one.act) ?? ''),
  );
  if (before.some((one) => one.atMs >= atMs)) {
    return refused(
      'at',
      tr`${nameOf(step.act)}: it can not come before what goes into it is made.`,
    );
  }
  return done(withYeast(facts, planned, moved));
}

/** The moved steps, with the leavens of the mix that are not made yet dosed anew. */
function withYeast(
  facts: MoveFacts,
  planned: readonly PlannedAct[],
  moved: readonly MovedStep[],
): MovedStep[] {
  const mix = planned.find((one) => isAct(one.act, 'make') && one.act.lotKind === 'dough');
  if (mix === undefined) return [...moved];
  const atOf = (one: PlannedAct) => moved.find((each) => each.step === one)?.atMs ?? one.atMs;
  const shop = {
    places: new Map(facts.places.map((place) => [place.id, place])),
    pantry: facts.pantry,
    cultureSpeeds: facts.cultureSpeeds,
    nowMs: facts.nowMs,
  };
  const touched = new Set(moved.map((one) => one.step));
  const again = leavensToMake(mix, planned).filter((one) => touched.has(mix) || touched.has(one));
  const dosed = again.map((leaven): MovedStep => {
    const moves = planned
      .filter((one) => isAct(one.act, 'move') && one.act.lotId === leaven.act.lotId)
      .map((one) => ({ atMs: atOf(one), act: one.act }));
    const at = { atMs: atOf(leaven), mixAtMs: atOf(mix), stepG: facts.fineStepG };
    return { step: leaven, atMs: at.atMs, act: redosed(leaven.act, at, moves, shop) };
  });
  const ids = new Set(dosed.map((one) => one.step));
  return [...moved.filter((one) => !ids.has(one.step)), ...dosed];
}

/** True where a step comes when what it is for is eaten: its own balls, of a service in waves, else all of them. */
function isAfterService({ act, atMs }: MovedStep, uses: readonly PlannedAct[]): boolean {
  const lotId = lotMadeBy(act) ?? lotsTouchedBy(act)[0] ?? '';
  const own = uses.filter((one) => lotsTouchedBy(one.act).includes(lotId));
  const ends = (own.length > 0 ? own : uses).map((one) =>
    isAct(one.act, 'use') ? one.act.untilMs : -Infinity,
  );
  return ends.length > 0 && atMs >= Math.max(...ends);
}

/** What a step is called in a sentence about it. */
function nameOf(act: Act): string {
  if (isAct(act, 'make')) return act.lotKind === 'dough' ? tr`Mix` : act.name;
  if (isAct(act, 'divide')) return tr`Ball`;
  return isAct(act, 'move') ? tr`Move` : tr`Step`;
}

const isLeaven = (act: Act) => isAct(act, 'make') && act.lotKind !== 'dough';
const sameLot = (act: Act, moved: Act) => {
  const lotId = lotMadeBy(moved) ?? lotsTouchedBy(moved)[0];
  return !isAct(act, 'make') && lotsTouchedBy(act).includes(lotId ?? '') && !isAct(act, 'divide');
};

/** What is done before a dough is mixed and has no lot yet: flour that soaks, yeast that is woken. */
const isBeforeMix = (act: Act) =>
  isAct(act, 'soak') || (isAct(act, 'do') && act.lotId === undefined);

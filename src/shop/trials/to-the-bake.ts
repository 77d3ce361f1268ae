import { tr } from '@/words/tr';
import { lotMadeBy, lotsTouchedBy, type Act, type ActOf, type PlannedAct } from '@/core/journal';
import { done, refused, type Outcome } from '../outcome';

/** A planned entry, as far as a trial says it. */
interface EntryWords {
  readonly atMs: number;
  readonly by: string | null;
  readonly body: Act;
}

/**
 * What follows a trial of a dough up to its bake: everything that is planned for the first one, at the same hours, with as many
 * pieces as the trial is heavy. Only the pieces that are divided first are tried; the others stay with the first dough.
 * @param first the planned mix beside which the trial is made
 * @param trial its lot, and its weight, g
 */
export function toTheBake(
  first: { readonly lotId: string; readonly bakeId: string | null },
  trial: { readonly lotId: string; readonly ballsLotId: string; readonly massG: number },
  plan: readonly PlannedAct[],
): Outcome<EntryWords[]> {
  const mine = plan.filter((one) => one.bakeId !== null && one.bakeId === first.bakeId);
  const divide = mine.find(
    (one): one is PlannedAct & { act: ActOf<'divide'> } =>
      one.act.kind === 'divide' && one.act.lotId === first.lotId,
  );
  if (divide === undefined) return done([]);
  const { ballG, ballsLotId } = divide.act;
  const count = Math.floor(trial.massG / ballG + 1e-9);
  if (count < 1) {
    return refused(
      'massG',
      tr`Trial lot: ${trial.massG} g is less than one piece. Allowed: ${Math.ceil(ballG)} g or more.`,
    );
  }
  const ids = new Map([
    [first.lotId, trial.lotId],
    [ballsLotId, trial.ballsLotId],
  ]);
  const follows = mine.filter(({ act }) => FOLLOWS.has(act.kind) && isOf(act, ids));
  return done(follows.map(({ atMs, by, act }) => ({ atMs, by, body: renamed(act, ids, count) })));
}

/** What can be done with a trial as it is with the first; what is weighed in is not the same in small. */
const FOLLOWS: ReadonlySet<Act['kind']> = new Set(['move', 'work', 'divide', 'do', 'use']);

/** True for what is done to the dough or to its first pieces; other pieces stay with the first dough. */
function isOf(act: Act, ids: ReadonlyMap<string, string>): boolean {
  const made = lotMadeBy(act);
  return made === null ? lotsTouchedBy(act).some((id) => ids.has(id)) : ids.has(made);
}

function renamed(act: Act, ids: ReadonlyMap<string, string>, count: number): Act {
  const of = (id: string) => ids.get(id) ?? id;
  switch (act.kind) {
    case 'divide':
      return {
        ...act,
        lotId: of(act.lotId),
        ballsLotId: of(act.ballsLotId),
        name: tr`${act.name.slice(0, LONGEST)}, trial`,
        count,
      };
    case 'use':
      return { ...act, lotId: of(act.lotId), count };
    case 'move':
    case 'work':
      return { ...act, lotId: of(act.lotId) };
    case 'do':
      return act.lotId === undefined ? act : { ...act, lotId: of(act.lotId) };
    default:
      return act;
  }
}
const LONGEST = 52;

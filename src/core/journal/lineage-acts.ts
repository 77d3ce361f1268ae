import { isAct, lotMadeBy, lotsTouchedBy, type DoneAct } from './fold';

/** Generations back that a lot is followed; older cultures are taken as steady. */
const GENERATIONS = 4;

/**
 * What was done to some lots and to those they descend from, so that they can be run alone. What was taken from them for
 * lots outside is told as taken away: grams stay conserved.
 * @param done acts in order of time
 */
export function lineageActs(done: readonly DoneAct[], lotIds: readonly string[]): DoneAct[] {
  const wanted = withForebears(done, lotIds);
  return done.flatMap((one): DoneAct[] => {
    const made = lotMadeBy(one.act);
    const touched = lotsTouchedBy(one.act).filter((lotId) => wanted.has(lotId));
    if (made !== null && wanted.has(made)) return [withoutOthers(one, wanted)];
    if (touched.length === 0) return [];
    return made === null ? [one] : takenAway(one, touched);
  });
}

function withForebears(done: readonly DoneAct[], lotIds: readonly string[]): Set<string> {
  const parents = new Map<string, readonly string[]>();
  for (const { act } of done) {
    const made = lotMadeBy(act);
    if (made !== null) parents.set(made, lotsTouchedBy(act));
  }
  const wanted = new Set(lotIds);
  let generation = [...lotIds];
  for (let back = 0; back < GENERATIONS; back += 1) {
    generation = generation.flatMap((lotId) => parents.get(lotId) ?? []);
    for (const lotId of generation) wanted.add(lotId);
  }
  return wanted;
}

/** A make whose mothers are too far back: they are left to what the forecast takes for a mother that it does not know. */
function withoutOthers(one: DoneAct, wanted: ReadonlySet<string>): DoneAct {
  const { act } = one;
  if (!isAct(act, 'make') || act.portions.every((line) => wanted.has(line.lotId))) return one;
  return {
    ...one,
    act: { ...act, portions: act.portions.filter((line) => wanted.has(line.lotId)) },
  };
}

function takenAway(one: DoneAct, lotIds: readonly string[]): DoneAct[] {
  const { act } = one;
  return lotIds.flatMap((lotId): DoneAct[] => {
    const massG = isAct(act, 'make')
      ? act.portions
          .filter((line) => line.lotId === lotId)
          .reduce((sum, line) => sum + line.massG, 0)
      : isAct(act, 'split')
        ? act.massG
        : isAct(act, 'divide')
          ? act.count * act.ballG
          : 0;
    return massG > 0 ? [{ ...one, act: { kind: 'discard', lotId, massG } }] : [];
  });
}

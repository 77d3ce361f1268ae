import { leavenOf, usualLeaven, withLeavenFlours, type Dough, type Leaven } from '@/core/formula';
import type { Method } from '@/core/methods';
import { withLeaven } from '@/core/planner';
import { sourceFor, type DoughFacts, type SourceFact } from './facts';

/** Under this a build is a stiff one, water over flour. Source: the trade’s ranges. */
const STIFF = 0.6;
/** Kinds that are taken from a jar as they are, and can be built of a starter instead. */
const FROM_A_JAR: ReadonlySet<string> = new Set(['starter', 'discard']);

/** What a leaven that is taken from a jar would be built as, and of which starter; null where it can not be. */
function buildFor(leaven: Leaven, sources: readonly SourceFact[]) {
  if (!FROM_A_JAR.has(leaven.kind)) return null;
  const kind = leaven.hydration < STIFF ? 'stiff levain' : 'levain';
  const usual = usualLeaven(kind, leaven.id);
  const source = sourceFor(usual, sources);
  return source === null || source.thereG <= 0 ? null : { usual, source };
}

/** The starter that a leaven taken from a jar can be built of; null where there is none. */
export const buildSourceOf = (
  dough: Dough,
  leavenId: string,
  sources: readonly SourceFact[],
): SourceFact | null => buildFor(leavenOf(dough, leavenId), sources)?.source ?? null;

/**
 * A method whose leaven is built of a starter for this dough where it was taken from the jar: the same flour and water in it,
 * seeded and ripened before the mix. As it was where no starter of the shop would do.
 * @throws {DomainError} leaven-unknown
 */
export function builtInstead(method: Method, leavenId: string, facts: DoughFacts): Method {
  const leaven = leavenOf(method.dough, leavenId);
  const build = buildFor(leaven, facts.sources);
  if (build === null) return method;
  const { usual, source } = build;
  const wet = source.kind === 'stiff levain' ? usual.hydration : 1;
  const made: Leaven['made'] =
    usual.made.by === 'seed'
      ? { ...usual.made, seedHydration: wet, cultureId: source.cultureId }
      : usual.made;
  const built: Leaven = { ...leaven, kind: usual.kind, name: usual.name, made };
  const { leavenStays } = withLeaven(method, usual.kind, leavenId);
  const leavens = method.dough.leavens.map((one) => (one.id === leavenId ? built : one));
  return { ...method, leavenStays, dough: { ...method.dough, leavens } };
}

/** A method with every leaven of which a jar has not enough built instead, where it can be. */
export function builtWhereShort(method: Method, flourG: number, facts: DoughFacts): Method {
  return method.dough.leavens.reduce((all, leaven) => {
    if (leaven.made.by !== 'taken' || !FROM_A_JAR.has(leaven.kind)) return all;
    const source = sourceFor(leaven, facts.sources);
    const wantedG = leaven.flourShare * flourG * (1 + leaven.hydration + leaven.made.saltShare);
    return source !== null && source.thereG >= wantedG ? all : builtInstead(all, leaven.id, facts);
  }, method);
}

/** The leavens without a culture that one of a dough could be taken from: of its kind, standing or to come. */
export const loneFor = (leaven: Leaven, sources: readonly SourceFact[]): SourceFact[] =>
  sources.filter((one) => one.lone !== undefined && one.kind === leaven.kind);

/** A method whose leaven is taken from one that is there for another dough: with its water and its flours, and nothing to build. */
export function takenFrom(method: Method, leavenId: string, source: SourceFact): Method {
  if (source.lone === undefined) return method;
  const { hydration, flours } = source.lone;
  const leavenStays = Object.fromEntries(
    Object.entries(method.leavenStays).filter(([id]) => id !== leavenId),
  );
  const dough = withLeavenFlours(method.dough, leavenId, flours);
  const leavens = dough.leavens.map((one): Leaven => {
    if (one.id !== leavenId) return one;
    const { id, kind, name, flourShare } = one;
    const made = { by: 'taken', saltShare: 0, oilShare: 0, cultureId: source.cultureId } as const;
    return { id, kind, name, flourShare, hydration, flours: one.flours, made };
  });
  return { ...method, leavenStays, dough: { ...dough, leavens } };
}

/** A method whose leaven is built for this dough again, as its kind usually is. */
export function builtForItself(method: Method, leavenId: string): Method {
  const { kind } = leavenOf(method.dough, leavenId);
  const usual = usualLeaven(kind, leavenId);
  const dough = withLeavenFlours(method.dough, leavenId, null);
  const leavens = dough.leavens.map((one) =>
    one.id === leavenId ? { ...usual, name: one.name, flourShare: one.flourShare } : one,
  );
  const { leavenStays } = withLeaven(method, kind, leavenId);
  return { ...method, leavenStays, dough: { ...dough, leavens } };
}

import type { Method } from '@/core/methods';
import { usualHours } from '@/core/methods';
import type { LeavenSource } from '@/core/planner';
import { addHours } from '@/core/units';
import { sourceFor, type SourceFact } from '../doughs/facts';

/** When a leaven takes of its jar: hours that are held, or as its method usually has it. */
export interface JarHours {
  readonly readyFromMs: number;
  readonly held?: {
    readonly mixAtMs?: number;
    readonly leavenAtMs?: Readonly<Record<string, number>>;
  };
}

/**
 * The jar of each leaven of a method, as it is when the leaven takes of it: a feed that is planned before that hour is the jar
 * then, with what it gives; the one that stands now is used up by it.
 */
export function jarsAt(
  method: Method,
  sources: readonly SourceFact[],
  at: JarHours,
): LeavenSource[] {
  return method.dough.leavens.flatMap((leaven): LeavenSource[] => {
    const now = sourceFor(leaven, sources);
    if (now === null) return [];
    if (now.lone !== undefined) {
      return [{ leavenId: leaven.id, lotId: now.lotId, cultureId: null, thereG: now.thereG }];
    }
    const atMs = takesAtMs(leaven.id, method, at);
    const then = sources.find(
      (one) =>
        one.cultureId === now.cultureId &&
        one.kind === now.kind &&
        (one.fromMs ?? -Infinity) <= atMs &&
        atMs < (one.untilMs ?? Infinity),
    );
    const { lotId, cultureId, thereG } = then ?? now;
    return [{ leavenId: leaven.id, lotId, cultureId, thereG }];
  });
}

/** When a leaven, or the first feed before it, takes of its jar, UTC ms. */
function takesAtMs(leavenId: string, method: Method, { readyFromMs, held = {} }: JarHours): number {
  const mixMs =
    held.mixAtMs ?? addHours(readyFromMs, -usualHours(method.bulk) - usualHours(method.balls));
  const stays = method.leavenStays[leavenId];
  if (stays === undefined) return mixMs;
  const { count, everyH } = method.refreshments;
  const builtMs = held.leavenAtMs?.[leavenId] ?? addHours(mixMs, -usualHours(stays));
  return addHours(builtMs, -count * everyH);
}

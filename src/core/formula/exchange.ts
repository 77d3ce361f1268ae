import { tr } from '@/words/tr';
import type { Dough, Leaven, LeavenKind } from './dough';
import { USUAL_LEAVENS } from './leaven-kinds';
import { DomainError } from '../units';

/**
 * Exchanges a leaven for another kind, or its share for another share. Flour, water, salt, oil and so the weight of
 * the whole dough stay as they are: what the leaven brings more, the final mix gives less.
 * @throws {DomainError} leaven-unknown
 */
export function exchangeLeaven(
  dough: Dough,
  leavenId: string,
  to: { readonly kind?: LeavenKind; readonly flourShare?: number },
): Dough {
  const before = leavenOf(dough, leavenId);
  const kind = to.kind ?? before.kind;
  const flourShare = to.flourShare ?? before.flourShare;
  const usual = USUAL_LEAVENS[kind];
  const after: Leaven =
    kind === before.kind
      ? { ...before, flourShare }
      : {
          ...(usual.made.by === 'taken' ? asItIs(before) : before),
          kind,
          name: usual.name,
          hydration: usual.hydration,
          made: usual.made,
          flourShare,
        };
  return {
    ...dough,
    leavens: dough.leavens.map((one) => (one.id === leavenId ? after : one)),
  };
}

/** Without what only a leaven that is built can be asked: things added to it, and how ripe it is wanted. */
function asItIs({ id, name, flourShare, hydration, flours, kind, made }: Leaven): Leaven {
  return { id, name, flourShare, hydration, flours, kind, made };
}

/**
 * One leaven of a dough.
 * @throws {DomainError} leaven-unknown
 */
export function leavenOf(dough: Dough, leavenId: string): Leaven {
  const leaven = dough.leavens.find((one) => one.id === leavenId);
  if (leaven === undefined) {
    throw new DomainError('leaven-unknown', tr`Leaven: “${leavenId}” is not in this dough.`, {
      leavenId,
    });
  }
  return leaven;
}

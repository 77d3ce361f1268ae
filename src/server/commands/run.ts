import { tr } from '@/words/tr';
import { DomainError } from '@/core/units';
import { z } from '@/core/parse';
import {
  databaseVersion,
  addCommand,
  diskSentence,
  dropCommandsBefore,
  isDiskError,
  maybeOneCommand,
  NotFoundError,
} from '@/data';
import type { ShopContext } from '../context';
import { refused, type Outcome } from '@/shop/outcome';
import { forgetAll } from '../remembering';
import { shopLog } from '../shop-log';

/** A command as it arrives: its name, and the id that its page made for it. */
export interface Call {
  readonly name: string;
  readonly id: string;
}

/** An id of a command; made by the page, the same each time it is sent. */
export const commandId = z.string().regex(/^[\w.:-]{8,80}$/);

/** How long an answer can be asked for again. */
const KEPT_MS = 30 * 24 * 3_600_000;

class Refused extends Error {
  constructor(readonly outcome: Outcome<never>) {
    super('refused');
  }
}

/**
 * Carries out a command once: in one transaction that is rolled back whole when it is refused or fails, its answer kept by its
 * id. Sent again it answers the same and writes nothing.
 */
export function runOnce<T>(
  context: ShopContext,
  { name, id }: Call,
  run: () => Outcome<T>,
): Outcome<T> {
  const { db } = context;
  const known = answerOf<T>(context, { name, id });
  if (known !== null) return known;
  const before = databaseVersion(context.db);
  try {
    return db
      .transaction(() => {
        const outcome = run();
        if (!outcome.ok) throw new Refused(outcome);
        keepAnswer(context, { name, id }, outcome);
        return outcome;
      })
      .immediate();
  } catch (error) {
    // What was written and taken back may have been remembered meanwhile.
    if (databaseVersion(context.db) !== before) forgetAll(context);
    return refusalOf(error, name);
  }
}

/** The answer of a command that was carried out before; null where it was not. A used id of another command is refused. */
export function answerOf<T>(context: ShopContext, { name, id }: Call): Outcome<T> | null {
  const known = maybeOneCommand(context.db, id);
  if (known === null) return null;
  if (known.name !== name)
    return refused(null, tr`This was sent for something else. Nothing was stored.`);
  return JSON.parse(known.answer) as Outcome<T>;
}

/** What a command of any name answered, for a page that lost the answer; null where it did not arrive. */
export function arrived(context: ShopContext, id: unknown): Outcome<unknown> | null {
  const parsed = commandId.safeParse(id);
  if (!parsed.success) return null;
  const known = maybeOneCommand(context.db, parsed.data);
  return known === null ? null : (JSON.parse(known.answer) as Outcome<unknown>);
}

/** Keeps the answer of a command that wrote; those of past weeks go. */
export function keepAnswer(
  context: ShopContext,
  { name, id }: Call,
  outcome: Outcome<unknown>,
): void {
  const atMs = Date.now();
  addCommand(context.db, { id, name, atMs, answer: JSON.stringify(outcome) });
  dropCommandsBefore(context.db, atMs - KEPT_MS);
}

const missing = () =>
  tr`Something that this names is not in the shop (a place, a bake, a method). Nothing was stored; open the view anew.`;

/** True where the database has nothing of a name that was to be written. */
function isMissingReference(error: unknown): boolean {
  return (error as { code?: unknown } | null)?.code === 'SQLITE_CONSTRAINT_FOREIGNKEY';
}

/** What stands in the way, in words; a fault of Olvik's own is told to its log. Whatever it was, nothing was stored. */
export function refusalOf(error: unknown, name: string): Outcome<never> {
  if (error instanceof Refused) return error.outcome;
  if (error instanceof DomainError) return refused(null, error.message);
  if (error instanceof NotFoundError)
    return refused(null, tr`${error.message} Nothing was stored.`);
  if (isMissingReference(error)) return refused(null, missing());
  shopLog.error({ command: name, err: error }, 'command failed');
  if (isDiskError(error)) return refused(null, diskSentence());
  return refused(
    null,
    tr`Olvik could not do this: a fault of its own, not of what was typed. Nothing was stored, nothing was lost.`,
  );
}

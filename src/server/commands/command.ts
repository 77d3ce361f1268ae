import { tr } from '@/words/tr';
import { shopContext, type ShopContext } from '../context';
import { refused, type Outcome } from '@/shop/outcome';
import { roleRefusal } from './roles';
import { asking, type Who } from '../ways-in/who';
import { COMMANDS, type CommandName } from './registry';
import { answerOf, commandId, keepAnswer, refusalOf, runOnce, type Call } from './run';

type Run = (
  context: ShopContext,
  ...args: unknown[]
) => Outcome<unknown> | Promise<Outcome<unknown>>;

/** Those that wait for a device: they can not be one transaction. */
const WAITING: ReadonlySet<CommandName> = new Set(['printLabels', 'keepBackup', 'restoreShop']);
/**
 * Those that write nothing to the shop’s database: the scale, and who may come in. Their answers are kept nowhere: a code or a
 * key that was said once is not to be found again.
 */
const NOT_WRITING: ReadonlySet<CommandName> = new Set([
  'handleScale',
  'handlePrinter',
  'share',
  'letIn',
  'shutOut',
  'sayWho',
  'giveKey',
  'takeKeyBack',
  'lookAtDemo',
]);

/** True for a command whose answer is kept, so that it can be asked for again. */
export const isKept = (name: string): boolean => !NOT_WRITING.has(name as CommandName);

/**
 * Carries out a command that a page sends: by its name, with what it takes, once for its id. Everything is checked here and in
 * the command; whatever arrives is answered or refused in words.
 * @param who the device that asks, which its role may forbid it; left out: the machine that Olvik runs on
 */
export async function command(
  context: ShopContext,
  asked: { readonly name: unknown; readonly args: unknown; readonly id: unknown },
  who?: Who,
): Promise<Outcome<unknown>> {
  return who === undefined
    ? carriedOut(context, asked)
    : asking.run(who, () => carriedOut(context, asked));
}

async function carriedOut(
  context: ShopContext,
  asked: { readonly name: unknown; readonly args: unknown; readonly id: unknown },
): Promise<Outcome<unknown>> {
  const { name } = asked;
  const id = commandId.safeParse(asked.id);
  if (typeof name !== 'string' || !Object.hasOwn(COMMANDS, name) || !Array.isArray(asked.args)) {
    return refused(null, tr`Command: Olvik knows none of that name. Nothing was stored.`);
  }
  if (!id.success) {
    return refused(null, tr`Command: its id is missing. Allowed: 8 to 80 letters and digits.`);
  }
  if (holdsNul(asked.args)) {
    return refused(
      null,
      tr`Text: it holds a character that nobody can read (NUL). Nothing was stored.`,
    );
  }
  const forbidden = roleRefusal(asking.getStore()?.role ?? 'all', name);
  if (forbidden !== null) return refused(null, forbidden);
  const call: Call = { name, id: id.data };
  const named = name as CommandName;
  const run = COMMANDS[named] as Run;
  const args = asked.args as unknown[];
  if (WAITING.has(named)) return waiting(context, call, () => run(context, ...args));
  const now = () => run(context, ...args) as Outcome<unknown>;
  if (!NOT_WRITING.has(named)) return runOnce(context, call, now);
  try {
    return await run(context, ...args);
  } catch (error) {
    return refusalOf(error, name);
  }
}

/** How deep a form of a page goes at most. */
const DEEPEST = 12;

/** True where a text inside holds the character that ends texts in a database. */
function holdsNul(value: unknown, depth = 0): boolean {
  if (typeof value === 'string') return value.includes('\u0000');
  if (typeof value !== 'object' || value === null || depth > DEEPEST) return false;
  return Object.values(value).some((one) => holdsNul(one, depth + 1));
}

const holder = globalThis as { olvikWaiting?: Map<string, Promise<Outcome<unknown>>> };

/** A command that waits: sent again while it does, it is the same one. */
function waiting(
  context: ShopContext,
  call: Call,
  run: () => Outcome<unknown> | Promise<Outcome<unknown>>,
): Promise<Outcome<unknown>> | Outcome<unknown> {
  const known = answerOf(context, call);
  if (known !== null) return known;
  holder.olvikWaiting ??= new Map();
  const under = holder.olvikWaiting;
  const begun =
    under.get(call.id) ?? finish(context, call, run).finally(() => under.delete(call.id));
  under.set(call.id, begun);
  return begun;
}

async function finish(
  context: ShopContext,
  call: Call,
  run: () => Outcome<unknown> | Promise<Outcome<unknown>>,
): Promise<Outcome<unknown>> {
  try {
    const outcome = await run();
    // Another shop may stand in this one’s place by now: it is the one that is asked whether this arrived.
    if (outcome.ok) keepAnswer(context.db.open ? context : shopContext(), call, outcome);
    return outcome;
  } catch (error) {
    return refusalOf(error, call.name);
  }
}

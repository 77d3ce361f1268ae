import type { ShopContext } from '../context';
import { remembering } from '../remembering';
import { askThread } from './thread';
import type { HoldFacts } from '@/shop/hold/facts';
import { workedOut } from './work-out';
import { shopLog } from '../shop-log';
import type { Odds } from '@/core/planner/week';

/** Odds to be worked out, and who is told. */
interface Asked {
  readonly name: string;
  readonly dueMs: number;
  readonly question: HoldFacts;
  readonly answered: (odds: Odds | null) => void;
}

/** Odds that a shop has worked out aside, while every question is answered. */
export interface Aside {
  /** Asks for work by a name; what was asked by that name before and is not done is dropped. */
  readonly ask: (asked: Asked) => void;
  /** Does everything that is asked for, at once. */
  readonly finish: () => void;
  /** How many pieces of work were done so far. */
  readonly done: () => number;
}

const asides = remembering<Aside>('aside');

/** The work that a shop has done aside; what is due first is done first. */
export function asideOf(context: ShopContext): Aside {
  const aside = asides.get(context) ?? newAside(context.worksAside === true);
  asides.set(context, aside);
  return aside;
}

function newAside(byItself: boolean): Aside {
  const waiting = new Map<string, Asked>();
  let count = 0;
  let working = false;
  const first = () => [...waiting.values()].sort((a, b) => a.dueMs - b.dueMs)[0];
  const tell = (one: Asked, odds: Odds | null) => {
    // Asked anew meanwhile: that answer is waited for.
    if (waiting.get(one.name) !== one) return;
    waiting.delete(one.name);
    count += 1;
    one.answered(odds);
  };
  const goOn = () => {
    const one = first();
    if (one === undefined || working) return;
    working = true;
    const end = (odds: Odds | null) => {
      working = false;
      tell(one, odds);
      goOn();
    };
    askThread(one.question).then(end, (error: unknown) => {
      shopLog.error({ err: error }, 'odds');
      end(null);
    });
  };
  return {
    ask: (asked) => {
      waiting.set(asked.name, asked);
      if (byItself) goOn();
    },
    finish: () => {
      for (let one = first(); one !== undefined; one = first()) tell(one, workedOut(one.question));
    },
    done: () => count,
  };
}

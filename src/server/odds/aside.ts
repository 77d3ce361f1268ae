import type { ShopContext } from '../context';
import { remembering } from '../remembering';

type Work = () => Generator<undefined, void>;

interface Asked {
  readonly name: string;
  readonly dueMs: number;
  readonly steps: Generator<undefined, void>;
}

/** Work that a shop does aside, a little at a time, so that every question is answered in between. */
export interface Aside {
  /** Asks for work by a name; what was asked by that name before and is not done is dropped. */
  readonly ask: (name: string, dueMs: number, work: Work) => void;
  /** Does everything that is asked for, at once. */
  readonly finish: () => void;
  /** How many pieces of work were done so far. */
  readonly done: () => number;
}

const asides = remembering<Aside>('aside');

/** The work that a shop does aside; what is due first is done first. */
export function asideOf(context: ShopContext): Aside {
  const aside = asides.get(context) ?? newAside(context.worksAside === true);
  asides.set(context, aside);
  return aside;
}

function newAside(byItself: boolean): Aside {
  const asked = new Map<string, Asked>();
  let count = 0;
  let running = false;
  const first = () => [...asked.values()].sort((a, b) => a.dueMs - b.dueMs)[0];
  const step = (): boolean => {
    const one = first();
    if (one === undefined) return false;
    if (one.steps.next().done === true) {
      if (asked.get(one.name) === one) asked.delete(one.name);
      count += 1;
    }
    return true;
  };
  const goOn = () => {
    running = step();
    if (running) setImmediate(goOn);
  };
  return {
    ask: (name, dueMs, work) => {
      asked.set(name, { name, dueMs, steps: work() });
      if (!byItself || running) return;
      running = true;
      setImmediate(goOn);
    },
    finish: () => {
      while (step());
    },
    done: () => count,
  };
}

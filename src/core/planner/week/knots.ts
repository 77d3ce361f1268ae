import type { Broken } from './broken';
import { byBrokenThenPoints, type Proposal } from './proposal';

/** Conditions that stand in each other’s way: every plan that was tried breaks at least one of them. */
export interface Knot {
  /** The smallest such set, each as the plan nearest to possible breaks it. */
  readonly conditions: readonly Broken[];
  /** Conditions whose giving way alone lets a plan through, the cheapest plan first. */
  readonly waysOut: readonly { readonly condition: Broken; readonly proposal: Proposal }[];
}

/** What a dough does of itself: nobody can make it give way. */
const OF_THE_DOUGH: ReadonlySet<Broken['kind']> = new Set([
  'leaven not ripe',
  'balls not ready',
  'flour too weak',
  'dose too small',
  'keeps too short',
  'too late',
]);

/** Sets larger than this say nothing. */
const MOST_CONDITIONS = 4;

/**
 * The knot of a demand of which no plan can be taken as it is; null where one can.
 * A set of conditions blocks everything when it meets what each plan breaks: the smallest set that does so.
 */
export function knotOf(proposals: readonly Proposal[]): Knot | null {
  if (proposals.length === 0 || proposals.some((one) => one.broken.length === 0)) return null;
  const inOrder = [...proposals].sort(byBrokenThenPoints);
  const broken = inOrder.map((one) => new Set(one.broken.map(({ key }) => key)));
  const keys = [...new Set(inOrder.flatMap((one) => one.broken.map(({ key }) => key)))];
  const blocking = smallestBlocking(keys, broken);
  const worded = (key: string) =>
    inOrder.flatMap((one) => one.broken).find((one) => one.key === key) as Broken;
  const waysOut = keys.flatMap((key) => {
    if (OF_THE_DOUGH.has(worded(key).kind)) return [];
    const proposal = inOrder.find((one) => one.broken.every((broke) => broke.key === key));
    return proposal === undefined ? [] : [{ condition: worded(key), proposal }];
  });
  return {
    conditions: blocking.map(worded),
    waysOut: waysOut.sort((a, b) => a.proposal.points - b.proposal.points),
  };
}

/** The smallest set of keys that has one in each of the sets; the first of them in the order of the keys. */
export function smallestBlocking(
  keys: readonly string[],
  sets: readonly ReadonlySet<string>[],
): string[] {
  for (let size = 1; size <= Math.min(MOST_CONDITIONS, keys.length); size += 1) {
    for (const subset of subsetsOf(keys, size)) {
      if (sets.every((set) => subset.some((key) => set.has(key)))) return subset;
    }
  }
  return [...keys];
}

function* subsetsOf(keys: readonly string[], size: number, from = 0): Generator<string[]> {
  if (size === 0) {
    yield [];
    return;
  }
  for (let i = from; i <= keys.length - size; i += 1) {
    for (const rest of subsetsOf(keys, size - 1, i + 1)) yield [keys[i] as string, ...rest];
  }
}

import type { PlanSearch } from '@/shop/plan/search';

/** Plans that stand in sight on any page but a phone’s. */
const IN_SIGHT = 2;

/** The keys of plans in the order in which they were found: those before, then the new ones. */
export function foundOrder(before: readonly string[], { shown }: PlanSearch): readonly string[] {
  const keys = new Set(shown.map((one) => one.key));
  const kept = before.filter((key) => keys.has(key));
  const more = [...keys].filter((key) => !kept.includes(key));
  return more.length === 0 && kept.length === before.length ? before : [...kept, ...more];
}

/**
 * Plans as they are shown: while others are sought none moves away under a finger, each stays where it was found. Once all are
 * found they stay there, too, where the best of them is in sight; the best first where it is not.
 */
export function inFoundOrder(
  search: PlanSearch,
  order: readonly string[],
  busy: boolean,
): PlanSearch {
  const bestAt = order.indexOf(search.bestKey ?? search.shown[0]?.key ?? '');
  if (!busy && bestAt >= IN_SIGHT) return search;
  const at = (key: string) => order.indexOf(key);
  return { ...search, shown: [...search.shown].sort((a, b) => at(a.key) - at(b.key)) };
}

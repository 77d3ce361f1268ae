import { doughText } from '@/core/methods';
import type { MethodRow } from './methods';

/** The shop’s own methods that stand for a starting one: of its name, or the same dough under another; by its id, their ids. */
export function standIns(rows: readonly MethodRow[]): ReadonlyMap<string, string> {
  const own = rows.filter((row) => row.versionId !== null);
  const byName = new Map(own.map(({ id, method }) => [method.name, id]));
  const byDough = new Map(own.map(({ id, method }) => [doughText(method), id]));
  return new Map(
    rows.flatMap(({ id, versionId, method }) => {
      if (versionId !== null) return [];
      const one = byName.get(method.name) ?? byDough.get(doughText(method));
      return one === undefined ? [] : [[id, one] as const];
    }),
  );
}

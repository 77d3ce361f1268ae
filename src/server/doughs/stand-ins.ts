import { saysTheSame } from '@/core/methods';
import type { MethodRow } from './methods';

/** The shop’s own methods that stand for a starting one: of its name, or saying the same under another; by its id, their ids. */
export function standIns(rows: readonly MethodRow[]): ReadonlyMap<string, string> {
  const own = rows.filter((row) => row.versionId !== null);
  return new Map(
    rows.flatMap((row) => {
      if (row.versionId !== null) return [];
      const { name, says } = row.method;
      const one =
        own.find(({ method }) => method.name === name) ??
        own.find(({ method }) => saysTheSame({ ...method, name, says }, row.method));
      return one === undefined ? [] : [[row.id, one.id] as const];
    }),
  );
}

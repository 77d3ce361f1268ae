import { isDeepStrictEqual } from 'node:util';
import { methodSchema, type Method } from '@/core/methods';
import type { MethodRow } from './methods';

/** True where two methods are one, but for how many are made and the doses that each bake finds anew. */
export const saysTheSame = (one: Method, other: Method): boolean =>
  isDeepStrictEqual(withoutBake(methodSchema.parse(one)), withoutBake(methodSchema.parse(other)));

/** A method without what each bake finds anew: its count, and doses and seeds that are not typed. */
function withoutBake({ dough, target, ...method }: Method) {
  const made = dough.leavens.map(({ made, ...leaven }) => ({
    ...leaven,
    made:
      made.by === 'yeast' && made.typed !== true
        ? { ...made, freshShare: 0 }
        : made.by === 'seed' && made.typed !== true
          ? { ...made, seedShare: 0 }
          : made,
  }));
  const counted =
    target.by === 'products'
      ? { ...target, products: target.products.map((one) => ({ ...one, count: 0 })) }
      : target;
  return { ...method, dough: { ...dough, leavens: made }, target: counted };
}

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

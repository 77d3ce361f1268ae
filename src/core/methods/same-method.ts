import { methodSchema, type Method } from './method';

/** True where two methods are one, but for how many are made and the doses that each bake finds anew. */
export const saysTheSame = (one: Method, other: Method): boolean =>
  one.name === other.name && one.says === other.says && doughText(one) === doughText(other);

/** A method as a text by which two can be compared, whatever they are called: without what each bake finds anew. */
export const doughText = (method: Method): string =>
  JSON.stringify({ ...withoutBake(methodSchema.parse(method)), name: '', says: '' }, byName);

/** Parts of a thing in the order of their names, in whichever they were written. */
const byName = (_: string, part: unknown): unknown =>
  typeof part === 'object' && part !== null && !Array.isArray(part)
    ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
    : part;

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

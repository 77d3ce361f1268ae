import { tr } from '@/words/tr';
import { z } from '../parse';
import type { Schools } from './schools';

/** What goes into a bowl, and what is done in between: mixing steps and the rest by their numbers. */
const ADDED = [
  'water',
  'ice',
  'yeast',
  'liquid',
  'leaven',
  'salt',
  'flour',
  'held back',
  'extra',
  'oil',
] as const;
export type Added = (typeof ADDED)[number];
/** A place in the order of a mix: something added, the rest, or a step of mixing. */
export type Addition = Added | 'rest' | `mix-${number}`;

const KEYS = new Set<string>([
  ...ADDED,
  'rest',
  ...Array.from({ length: 8 }, (_, n) => `mix-${n + 1}`),
]);

/** An order of adding of a method’s own, first to last; what it does not name stands where it usually does. */
export const orderSchema = z
  .array(
    z.string().refine((key): key is Addition => KEYS.has(key), {
      error: () => tr`Order of adding: a place that is none.`,
    }),
  )
  .max(KEYS.size)
  .refine((order) => new Set(order).size === order.length, {
    error: () => tr`Order of adding: something stands in it twice.`,
  });

/** What an order rests on. */
interface Ordered {
  readonly mix: {
    readonly steps: readonly unknown[];
    /** Null, or a soak of hours before: no rest in the bowl. */
    readonly rests: boolean;
    readonly order?: readonly string[] | undefined;
  };
  readonly schools: Pick<Schools, 'yeast' | 'salt'>;
}

/**
 * The order in which a method’s schools add: what is dissolved, liquids, leavens loosened in them, flour; brought together; a
 * rest; salt by its school; mixed; held-back water by portions, seeds, oil last.
 */
export function usualOrder({ mix, schools }: Ordered): Addition[] {
  const [first, ...later] = mix.steps.map((_, n): Addition => `mix-${n + 1}`);
  const early = schools.salt === 'with the flour';
  const last = schools.salt === 'in the last water';
  const when = (is: boolean, key: Addition): Addition[] => (is ? [key] : []);
  const known = ['bloomed', 'dissolved'].includes(schools.yeast);
  return [
    ...when(schools.yeast === 'bloomed', 'yeast'),
    'water',
    'ice',
    ...when(schools.yeast === 'dissolved', 'yeast'),
    'liquid',
    'leaven',
    ...when(!known, 'yeast'),
    ...when(early, 'salt'),
    'flour',
    ...(first === undefined ? [] : [first]),
    ...when(mix.rests, 'rest'),
    ...when(!early && !last, 'salt'),
    ...later,
    ...when(last, 'salt'),
    'held back',
    'extra',
    'oil',
  ];
}

/** The order in which a method adds: its own where it has one, with what that does not name after what it usually follows. */
export function additionOrder(of: Ordered): Addition[] {
  const usual = usualOrder(of);
  const own = (of.mix.order ?? []).filter((key): key is Addition =>
    usual.includes(key as Addition),
  );
  if (own.length === 0) return usual;
  const order = [...own];
  for (const [index, key] of usual.entries()) {
    if (order.includes(key)) continue;
    const before = usual.slice(0, index).findLast((one) => order.includes(one));
    order.splice(before === undefined ? 0 : order.indexOf(before) + 1, 0, key);
  }
  return order;
}

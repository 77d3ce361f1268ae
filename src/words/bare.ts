import { tr } from './tr';

const HERE = '\u0000';

/** How the lots of a bake are called after it. */
const CALLED = {
  dough: () => tr`${HERE} dough`,
  balls: () => tr`${HERE} balls`,
  poolish: () => tr`${HERE} poolish`,
} as const;

/**
 * The name of a bake from that of its lot: “Quay” of “Quay dough”, in English and in the language of the shop.
 * @param as what the lot may be; a name that is called otherwise stays whole
 */
export function bareName(name: string, ...as: readonly (keyof typeof CALLED)[]): string {
  for (const one of as) {
    for (const called of [`${HERE} ${one}`, CALLED[one]()]) {
      const [head = '', tail = ''] = called.split(HERE);
      const bare = name.slice(head.length, name.length - tail.length);
      if (bare !== '' && name === `${head}${bare}${tail}`) return bare;
    }
  }
  return name;
}

import type { Leaven } from '@/core/formula';
import type { Method } from '@/core/methods';

/** The method as it was checked, its names as they are typed: the space before the next word is not cut off. */
export function withTypedNames(checked: Method, typed: Method): Method {
  const { target } = checked;
  const products = typed.target.by === 'products' ? typed.target.products : [];
  return {
    ...checked,
    name: typed.name,
    target:
      target.by === 'products'
        ? {
            ...target,
            products: target.products.map((one, i) => ({
              ...one,
              name: products[i]?.name ?? one.name,
            })),
          }
        : target,
  };
}

/** The method with the doses and seeds that its plan found: the table shows what is weighed. */
export function withFound(method: Method, plan: Method | null): Method {
  if (plan === null) return method;
  const leavens = method.dough.leavens.map((leaven): Leaven => {
    const found = plan.dough.leavens.find((one) => one.id === leaven.id)?.made;
    const { made } = leaven;
    if (made.by === 'yeast' && found?.by === 'yeast' && made.typed !== true) {
      return { ...leaven, made: { ...made, freshShare: found.freshShare } };
    }
    if (made.by === 'seed' && found?.by === 'seed' && made.typed !== true) {
      return { ...leaven, made: { ...made, seedShare: found.seedShare } };
    }
    return leaven;
  });
  return { ...method, dough: { ...method.dough, leavens } };
}

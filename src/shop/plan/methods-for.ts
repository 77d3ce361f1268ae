/** The methods that will do for a service: those it names that the shop has, or all where it names none of them. */
export function methodsFor<One extends { readonly key: string }>(
  named: readonly string[],
  all: readonly One[],
): readonly One[] {
  const some = all.filter((one) => named.includes(one.key));
  return some.length > 0 ? some : all;
}

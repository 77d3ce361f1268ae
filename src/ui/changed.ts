/**
 * The fields of a form that were changed since it was opened: only they are saved, so that what somebody else changed meanwhile
 * stays. Undo puts the same fields back.
 */
export function changedOnly<T extends object>(
  opened: T,
  now: T,
): { readonly changed: Partial<T>; readonly before: Partial<T> } {
  const keys = (Object.keys(now) as (keyof T)[]).filter(
    (key) => JSON.stringify(now[key]) !== JSON.stringify(opened[key]),
  );
  const only = (from: T) =>
    Object.fromEntries(keys.map((key) => [key, from[key]])) as unknown as Partial<T>;
  return { changed: only(now), before: only(opened) };
}

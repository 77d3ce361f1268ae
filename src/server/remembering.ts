/** A shop that things are remembered of. */
type Shop = object;

const holder = globalThis as { olvikMemories?: Map<string, WeakMap<Shop, unknown>> };

/** What is remembered of a shop from one question to the next. */
export interface Remembering<T> {
  readonly get: (context: Shop) => T | undefined;
  readonly set: (context: Shop, value: T) => void;
}

/**
 * A memory of its own name for each shop. It hangs on the process, not on the module: pages and route handlers are
 * built apart, and each would work out for itself what the other knows already.
 */
export function remembering<T>(name: string): Remembering<T> {
  holder.olvikMemories ??= new Map();
  const memories = holder.olvikMemories;
  const memory = (memories.get(name) ?? new WeakMap()) as WeakMap<Shop, T>;
  memories.set(name, memory);
  return {
    get: (context) => memory.get(context),
    set: (context, value) => void memory.set(context, value),
  };
}

/** Forgets everything that is remembered of a shop: it is worked out anew. */
export function forgetAll(context: Shop): void {
  for (const memory of holder.olvikMemories?.values() ?? []) memory.delete(context);
}

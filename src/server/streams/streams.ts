const holder = globalThis as { olvikStreams?: Set<() => void> };

/** How each open stream is ended; without it the server could not stop while somebody listens. */
export const openStreams: Set<() => void> = (holder.olvikStreams ??= new Set());

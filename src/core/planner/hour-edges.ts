import { MS_PER_MINUTE } from '../units';
import type { MethodRequest } from './method-request';
import { shiftsAround, workedSpans } from './working-hours';

/** What ends the room that an hour has, on one side. */
export type Limit =
  | { readonly kind: 'now' }
  | { readonly kind: 'not ripe' | 'gone over'; readonly name: string }
  | { readonly kind: 'longest' | 'shortest'; readonly of: string; readonly hours: number }
  | { readonly kind: 'nobody in'; readonly to: string; readonly who: readonly string[] }
  | { readonly kind: 'balls late' | 'balls slack' };

/** The first or the last instant that an hour could be at, and what is in the way beyond it. */
export interface Edge {
  readonly atMs: number;
  readonly limit: Limit;
}

/** An edge, where its instant is known. */
export const edge = (atMs: number | null, limit: Limit): Edge | null =>
  atMs === null ? null : { atMs, limit };

/** Where the hands that are in at an instant begin or end; null where nobody is. */
export function workEdge(
  atMs: number,
  { workingHours, timeZone }: MethodRequest,
  side: 'from' | 'to',
  to: string,
): Edge | null {
  const span = workedSpans(atMs, 2, workingHours, timeZone).find(
    (one) => one.fromMs <= atMs && atMs <= one.toMs,
  );
  if (span === undefined) return null;
  const endMs = side === 'from' ? span.fromMs : span.toMs;
  const shifts = shiftsAround(atMs, 2, workingHours, timeZone);
  const there = shifts.filter((one) => (side === 'from' ? one.fromMs : one.toMs) === endMs);
  const who = there.flatMap((one) => (one.who === null ? [] : [one.who]));
  return { atMs: endMs, limit: { kind: 'nobody in', to, who } };
}

const NEAR_MS = MS_PER_MINUTE;

/** The last of the edges before an hour; null where none is, or where it stands beyond one. */
export function last(atMs: number, edges: readonly (Edge | null)[]): Edge | null {
  const known = edges.filter((one) => one !== null);
  const found = known.reduce<Edge | null>((a, b) => (a === null || b.atMs > a.atMs ? b : a), null);
  return found === null || found.atMs > atMs + NEAR_MS ? null : found;
}

/** The first of the edges after an hour; null where none is, or where it stands beyond one. */
export function first(atMs: number, edges: readonly (Edge | null)[]): Edge | null {
  const known = edges.filter((one) => one !== null);
  const found = known.reduce<Edge | null>((a, b) => (a === null || b.atMs < a.atMs ? b : a), null);
  return found === null || found.atMs < atMs - NEAR_MS ? null : found;
}

import type { Moment, Service, TideView } from '@/server/tide';

/** What is ripe now, and until when; null: until it is used. */
export interface RipeNow {
  readonly lotId: string;
  readonly name: string;
  readonly untilMs: number | null;
}

/** What a screen on the wall shows. */
export interface OnTheWall {
  readonly next: readonly Moment[];
  readonly ripe: readonly RipeNow[];
  readonly services: readonly Service[];
}

/** Acts, ripe lots and services that are read from across the room. */
const SHOWN = { acts: 3, ripe: 4, services: 3 } as const;

/** What the wall shows at an instant: the next acts, what is ripe until when, the services to come. */
export function onTheWall(view: TideView, nowMs: number): OnTheWall {
  const ripe = view.strands.flatMap((strand): RipeNow[] => {
    const { opensMs, closesMs } = strand.window;
    const there = strand.tense === 'done' && (strand.endMs ?? Infinity) > nowMs && !strand.keeping;
    const open = opensMs !== null && opensMs <= nowMs && (closesMs ?? Infinity) > nowMs;
    return there && open ? [{ lotId: strand.lotId, name: strand.name, untilMs: closesMs }] : [];
  });
  return {
    next: view.moments.filter((moment) => moment.tense === 'planned').slice(0, SHOWN.acts),
    ripe: ripe
      .sort((a, b) => (a.untilMs ?? Infinity) - (b.untilMs ?? Infinity))
      .slice(0, SHOWN.ripe),
    services: view.services
      .filter((service) => service.toMs > nowMs)
      .sort((a, b) => a.fromMs - b.fromMs)
      .slice(0, SHOWN.services),
  };
}

/** A picture that never moves burns into a screen: so far it wanders, px, and so long a round takes, minutes. */
const WANDER_PX = 14;
const ROUND_MIN = 24;

/** Where the picture stands at an instant, px from where it is drawn: a slow circle. */
export function wander(nowMs: number): { readonly x: number; readonly y: number } {
  const turn = (2 * Math.PI * (nowMs / 60_000)) / ROUND_MIN;
  return { x: Math.round(WANDER_PX * Math.sin(turn)), y: Math.round(WANDER_PX * Math.cos(turn)) };
}

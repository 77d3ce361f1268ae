'use client';

import { useEffect, useRef, useState, type PointerEvent } from 'react';
import { MS_PER_HOUR, MS_PER_MINUTE } from '@/core/units';
import type { Moment } from '@/server/tide';
import type { Picture } from '../layout/picture-parts';

/** A moment under the finger, with the hour it would be moved to. */
export interface Dragged {
  readonly moment: Moment;
  readonly atMs: number;
}

/** What a drag on the picture may do. */
interface DragOptions {
  readonly picture: Picture;
  readonly nowMs: number;
  /** Instants that a moment catches on: edges and best of the window it is to meet. */
  readonly snaps: (moment: Moment) => readonly number[];
  /** The moment was let go at another hour. */
  readonly onDrop: (dragged: Dragged) => void;
}

/** Px a pointer moves before a touch counts as a drag. */
const SLOP_PX = 7;
const SNAP_MS = 5 * MS_PER_MINUTE;
/** How far the paper can be pulled into the past and into the days to come. */
const MOST_BACK_MS = -30 * MS_PER_HOUR;
const MOST_AHEAD_MS = 6 * 24 * MS_PER_HOUR;
/** After so long without a touch the keel is back in its place. */
const RETURN_MS = 20_000;
/** Px an hour at the near rate: the paper follows the finger at the keel. */
const PX_PER_H = 34;

interface Grip {
  readonly pointerId: number;
  readonly fromX: number;
  readonly fromPanMs: number;
  readonly moment: Moment | null;
  moved: boolean;
}

/** A moment catches on an instant this near, px. */
const CATCH_PX = 5;

/** True where an instant to come lies under the finger, to the minute that a step is planned for. */
function isNear(atMs: number, wantedMs: number, { picture, nowMs }: DragOptions): boolean {
  const { scale } = picture;
  return atMs >= nowMs && Math.abs(scale.x(atMs) - scale.x(wantedMs)) <= CATCH_PX;
}

/** The hour that a moment is held over when the finger has gone so far, px. */
function heldOver(moment: Moment, byPx: number, options: DragOptions): Dragged {
  const { scale } = options.picture;
  const wantedMs = scale.instant(scale.x(moment.atMs) + byPx);
  const near = options.snaps(moment).find((one) => isNear(one, wantedMs, options));
  const atMs = near ?? Math.round(Math.max(wantedMs, options.nowMs) / SNAP_MS) * SNAP_MS;
  return { moment, atMs };
}

/** Dragging a disc moves its moment, dragging the paper pans; Esc lets go without a change. */
export function useDrag(panMs: number, setPanMs: (ms: number) => void, options: DragOptions) {
  const grip = useRef<Grip | null>(null);
  const [dragged, setDragged] = useState<Dragged | null>(null);
  const swallow = useRef(false);

  useEffect(() => {
    if (panMs === 0) return undefined;
    const timer = setTimeout(() => setPanMs(0), RETURN_MS);
    return () => clearTimeout(timer);
  }, [panMs, setPanMs]);

  useEffect(() => {
    if (dragged === null) return undefined;
    const letGo = (event: KeyboardEvent) => {
      if (event.key !== 'Escape') return;
      grip.current = null;
      setDragged(null);
    };
    document.addEventListener('keydown', letGo);
    return () => document.removeEventListener('keydown', letGo);
  }, [dragged]);

  const take = (event: PointerEvent<SVGElement>, moment: Moment | null) => {
    if (event.button !== 0 || grip.current !== null) return;
    swallow.current = false;
    const { pointerId, clientX } = event;
    grip.current = { pointerId, fromX: clientX, fromPanMs: panMs, moment, moved: false };
  };

  const move = (event: PointerEvent<SVGSVGElement>) => {
    const held = grip.current;
    if (held === null || held.pointerId !== event.pointerId) return;
    const byPx = event.clientX - held.fromX;
    if (!held.moved && Math.abs(byPx) < SLOP_PX) return;
    if (!held.moved) event.currentTarget.setPointerCapture(event.pointerId);
    held.moved = true;
    swallow.current = true;
    if (held.moment === null) {
      const wanted = held.fromPanMs - (byPx / PX_PER_H) * MS_PER_HOUR;
      setPanMs(Math.round(Math.max(MOST_BACK_MS, Math.min(MOST_AHEAD_MS, wanted))));
      return;
    }
    setDragged(heldOver(held.moment, byPx, options));
  };

  const drop = (event: PointerEvent<SVGSVGElement>) => {
    const held = grip.current;
    if (held === null || held.pointerId !== event.pointerId) return;
    grip.current = null;
    // Where the finger is, not where the picture was last drawn: a quick hand is ahead of a slow tablet.
    if (held.moved && held.moment !== null && event.type !== 'pointercancel') {
      const letGoAt = heldOver(held.moment, event.clientX - held.fromX, options);
      if (letGoAt.atMs !== held.moment.atMs) options.onDrop(letGoAt);
    }
    setDragged(null);
  };

  /** True once after a drag: the click that ends it is no tap. */
  const wasDrag = () => {
    const was = swallow.current;
    swallow.current = false;
    return was;
  };

  return { dragged, take, move, drop, wasDrag };
}

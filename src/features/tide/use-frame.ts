'use client';

import { startTransition, useEffect, useState } from 'react';
import { frameFor } from './layout/frame';
import { rememberRoom, type Room } from './room';
import type { Frame } from './layout/picture-parts';

const WIDE = frameFor(1280, 552, 1);
/** The browser's usual text, px. */
const USUAL_REM_PX = 16;

/**
 * The picture’s frame for the room it has and the size of the reader’s text; until that is known, for the room it had last on
 * this device. On a device that says of none the view stands as for 1280 × 552, and its picture waits: drawn twice it would
 * come later. `probe` goes on an element that is 1 rem wide.
 */
export function useFrame(last: Room | null) {
  // Elements as state: they may come to life later than the view that asks for their size.
  const [element, ref] = useState<HTMLDivElement | null>(null);
  const [rem, probe] = useState<HTMLSpanElement | null>(null);
  const [known, setKnown] = useState(() =>
    last === null ? null : frameFor(last.width, last.height, last.text),
  );
  useEffect(() => {
    if (element === null || rem === null) return undefined;
    const measure = () => {
      const { width, height } = element.getBoundingClientRect();
      const room = {
        width: Math.round(width),
        height: Math.round(height),
        text: rem.offsetWidth / USUAL_REM_PX,
      };
      const next = frameFor(room.width, room.height, room.text);
      rememberRoom(room);
      // Not urgent: while the page comes to life, what stands stays.
      startTransition(() =>
        setKnown((before) => (before !== null && isEqual(before, next) ? before : next)),
      );
    };
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    observer.observe(rem);
    return () => observer.disconnect();
  }, [element, rem]);
  return { ref, probe, frame: known ?? WIDE, isKnown: known !== null };
}

/** Height that comes and goes as letters load and lines change, px: for so little nothing is drawn anew. */
const SAME_PX = 4;

function isEqual(a: Frame, b: Frame): boolean {
  return (Object.keys(a) as (keyof Frame)[]).every((key) =>
    key === 'height' ? Math.abs(a.height - b.height) <= SAME_PX : a[key] === b[key],
  );
}

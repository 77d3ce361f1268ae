import type { Frame } from './picture-parts';

/** The keel stands at this share of the whole width. */
const KEEL = 0.26;
/** Narrower than this at the usual text, the picture is tall. */
const NARROW_PX = 700;
const RULER_PX = 52;
const LABEL_PX = 104;
const LEAST_HEIGHT_PX = 360;

/** The frame for a room, px, and a text so many times the usual one. */
export function frameFor(width: number, height: number, text: number): Frame {
  const tall = width / text < NARROW_PX;
  return {
    width,
    height: Math.max(LEAST_HEIGHT_PX, height),
    keelX: Math.round(width * KEEL),
    labelWidth: tall ? 0 : Math.round(LABEL_PX * text),
    rulerHeight: Math.round(RULER_PX * text),
    text,
    tall,
  };
}

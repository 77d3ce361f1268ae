import type { ReactElement } from 'react';

/** The marks of the hands' moments, drawn in a box of 24. */
export type GlyphName = 'feed' | 'mix' | 'ball' | 'move' | 'bake' | 'look';

const PATHS: Readonly<Record<GlyphName, ReactElement>> = {
  feed: (
    <>
      <path d="M12 3v7M8.5 6.5h7" />
      <path d="M4 13h16a8 7 0 0 1-16 0z" fill="currentColor" />
    </>
  ),
  mix: <path d="M3 6c5 0 6 6 9 6h9M3 18c5 0 6-6 9-6M17 8l4 4-4 4" />,
  ball: (
    <>
      <circle cx="12" cy="7" r="4" />
      <circle cx="7" cy="15.5" r="4" />
      <circle cx="17" cy="15.5" r="4" />
    </>
  ),
  move: <path d="M12 3v11M7.5 10 12 14.5 16.500 10M4 19h16" />,
  bake: <path d="M4 20V12a8 8 0 0 1 16 0v8zM9 20v-5a3 3 0 0 1 6 0v5" />,
  look: <path d="M3 17h18M5 17a7 9 0 0 1 14 0M9 12.500h.01M13.500 10.500h.01" />,
};

/** A glyph inside an SVG, centred on a point. */
export function Glyph({
  name,
  x,
  y,
  size,
}: {
  name: GlyphName;
  x: number;
  y: number;
  size: number;
}) {
  return (
    <g
      transform={`translate(${x - size / 2} ${y - size / 2}) scale(${size / 24})`}
      fill="none"
      stroke="currentColor"
      strokeWidth={2.2}
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      {PATHS[name]}
    </g>
  );
}

/** A glyph in a filled disc, for cards. */
export function GlyphDisc({ name, size = 32 }: { name: GlyphName; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 32 32" aria-hidden="true">
      <circle cx="16" cy="16" r="16" fill="var(--disc, var(--ink))" />
      <g style={{ color: 'var(--disc-mark, var(--paper))' }}>
        <Glyph name={name} x={16} y={16} size={20} />
      </g>
    </svg>
  );
}

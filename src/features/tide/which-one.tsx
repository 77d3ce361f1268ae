'use client';

import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { GlyphDisc, type GlyphName } from '@/ui/marks/glyphs';
import type { Disc } from './layout/picture-parts';

/** Discs nearer than this to a tapped one may have been meant, px. */
const NEAR_PX = 26;

/** Discs that a tap on one of them may have meant, in order of time. */
export function nearDiscs(discs: readonly Disc[], ref: string): readonly Disc[] {
  const tapped = discs.find((disc) => disc.moment.ref === ref);
  if (tapped === undefined) return [];
  return discs
    .filter((disc) => Math.hypot(disc.x - tapped.x, disc.y - tapped.y) < NEAR_PX)
    .sort((a, b) => a.moment.atMs - b.moment.atMs);
}

/** A question which of several things under the finger was meant. */
export interface Asking {
  readonly label: string;
  readonly at: { readonly x: number; readonly y: number };
  readonly choices: readonly {
    readonly key: string;
    readonly glyph?: GlyphName;
    readonly clock?: string;
    readonly text: string;
    readonly choose: () => void;
  }[];
}

/** Asks which of several things under the finger was meant. */
export function WhichOne({ asking, onClose }: { asking: Asking | null; onClose: () => void }) {
  return (
    <Menu
      open={asking !== null}
      onClose={onClose}
      anchorReference="anchorPosition"
      anchorPosition={{ left: asking?.at.x ?? 0, top: asking?.at.y ?? 0 }}
      slotProps={{ list: { 'aria-label': asking?.label ?? '' } }}
    >
      {(asking?.choices ?? []).map(({ key, glyph, clock, text, choose }) => (
        <MenuItem
          key={key}
          onClick={() => {
            onClose();
            choose();
          }}
          sx={{ gap: 1.5 }}
        >
          {glyph === undefined ? null : <GlyphDisc name={glyph} size={30} />}
          {clock === undefined ? null : <strong>{clock}</strong>} {text}
        </MenuItem>
      ))}
    </Menu>
  );
}

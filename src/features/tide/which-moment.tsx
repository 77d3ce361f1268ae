'use client';

import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { clockText } from '@/ui/format';
import { GlyphDisc } from '@/ui/marks/glyphs';
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

/** A question which of several near discs was meant. */
export interface Asking {
  readonly near: readonly Disc[];
  readonly at: { readonly x: number; readonly y: number };
}

/** Asks which of several near moments was meant. */
export function WhichMoment(props: {
  asking: Asking | null;
  timeZone: string;
  onChoose: (ref: string) => void;
  onClose: () => void;
}) {
  const { asking, timeZone, onChoose, onClose } = props;
  return (
    <Menu
      open={asking !== null}
      onClose={onClose}
      anchorReference="anchorPosition"
      anchorPosition={{ left: asking?.at.x ?? 0, top: asking?.at.y ?? 0 }}
      slotProps={{ list: { 'aria-label': 'Which moment' } }}
    >
      {(asking?.near ?? []).map(({ moment }) => (
        <MenuItem
          key={moment.ref}
          onClick={() => {
            onClose();
            onChoose(moment.ref);
          }}
          sx={{ gap: 1.5 }}
        >
          <GlyphDisc name={moment.glyph} size={30} />
          <strong>{clockText(moment.atMs, timeZone)}</strong> {moment.title}
        </MenuItem>
      ))}
    </Menu>
  );
}

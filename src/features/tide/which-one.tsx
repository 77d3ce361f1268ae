'use client';

import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { GlyphDisc, type GlyphName } from '@/ui/marks/glyphs';

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
export function WhichOne({ asking, onClose }: { asking: Asking; onClose: () => void }) {
  return (
    <Menu
      open
      onClose={onClose}
      anchorReference="anchorPosition"
      anchorPosition={{ left: asking.at.x, top: asking.at.y }}
      slotProps={{ list: { 'aria-label': asking.label } }}
    >
      {asking.choices.map(({ key, glyph, clock, text, choose }) => (
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

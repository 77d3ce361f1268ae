'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Popover from '@mui/material/Popover';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import type { HourReason } from '@/core/planner';
import type { ShopUnits } from '@/core/units';
import { sentenceInUnits } from '@/shop/sentence-in-units';
import { reasonWords } from '@/shop/why/reason-words';
import { clockText } from '../format';

/** What an hour is of, as a baker says it. */
export function hourName({ what, name }: Pick<HourReason, 'what' | 'name'>): string {
  switch (what) {
    case 'feed':
      return name === null ? tr`Feed` : tr`Feed before ${name}`;
    case 'leaven':
      return name ?? tr`Leaven`;
    case 'soak':
      return tr`Soak`;
    case 'mix':
      return tr`Mix`;
    case 'ball':
      return tr`Ball`;
    default:
      return tr`Out of the cold`;
  }
}

/** An hour with the sentences that say why it is there. */
export function WhyLines({ reason, units }: { reason: HourReason; units: ShopUnits }) {
  const { timeZone } = units;
  return (
    <Box sx={{ '& + &': { mt: 1 } }}>
      <Typography sx={{ fontWeight: 700 }}>
        {hourName(reason)} {clockText(reason.atMs, timeZone)}
      </Typography>
      {reasonWords(reason, timeZone).map((line) => (
        <Typography key={line} variant="body2">
          {sentenceInUnits(line, units)}
        </Typography>
      ))}
    </Box>
  );
}

/** The reasons of an hour beside what was tapped. */
export function WhyPopover(props: {
  reasons: readonly HourReason[];
  units: ShopUnits;
  anchor: HTMLElement | null;
  onClose: () => void;
  /** What can be done about it. */
  foot?: ReactNode;
}) {
  const { reasons, units, anchor, onClose, foot } = props;
  return (
    <Popover
      open={anchor !== null}
      anchorEl={anchor}
      onClose={onClose}
      anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
      slotProps={{
        paper: {
          role: 'dialog',
          'aria-label': tr`Why this hour`,
          sx: { p: 2, maxWidth: 380, border: '2px solid var(--ink)' },
        },
      }}
    >
      {reasons.map((reason) => (
        <WhyLines key={`${reason.what} ${reason.name ?? ''}`} reason={reason} units={units} />
      ))}
      {foot}
    </Popover>
  );
}

'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import type { Held } from '@/core/formula';
import { Peg } from './peg';

/** What stays when a figure of the whole or the final mix is changed: the weight of the dough, or its flour. */
export function HeldChoice({ held, onHeld }: { held: Held; onHeld: (held: Held) => void }) {
  return (
    <Box sx={{ pl: 2 }}>
      <Typography variant="caption" component="p" id="held-label">
        <Peg state="held" />
        {tr` held`}
      </Typography>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={held}
        aria-labelledby="held-label"
        onChange={(_, next: Held | null) => (next === null ? null : onHeld(next))}
      >
        <ToggleButton value="dough" sx={{ minHeight: 28, py: 0, px: 1 }}>
          {tr`dough`}
        </ToggleButton>
        <ToggleButton value="flour" sx={{ minHeight: 28, py: 0, px: 1 }}>
          {tr`flour`}
        </ToggleButton>
      </ToggleButtonGroup>
    </Box>
  );
}

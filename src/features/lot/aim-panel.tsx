'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { LotAim, LotView } from '@/server/lots/lot-view';
import { decimals, momentText } from '@/ui/format';
import type { HandsActions } from '@/ui/hands/actions';
import { newBatch, useAct } from '@/ui/hands/use-act';

/** The rise at which this lot is to be best: the table’s, or the baker’s own. */
export function AimPanel(props: { view: LotView; aim: LotAim; actions: HandsActions }) {
  const { view, aim, actions } = props;
  const { run, busy, refused } = useAct(actions);
  const [text, setText] = useState(decimals(aim.own ?? aim.bestRise, 2));
  const set = (targetRise: string | null) =>
    run(
      () => actions.setAim({ lotId: view.code, batch: newBatch(), targetRise }),
      ({ bestMs }) =>
        `${view.strand.name}: ${targetRise === null ? tr`target as the table has it` : tr`target ×${targetRise}`}${
          bestMs === null ? '' : tr`, best ${momentText(bestMs, view.nowMs, view.units.timeZone)}`
        }.`,
    );
  const wrong = refused['targetRise'] ?? refused[''] ?? refused['lotId'];
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Typography variant="h3" component="h2">
        {tr`Best at a rise of`}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'start' }}>
        <TextField
          label={tr`Target, × just mixed`}
          value={text}
          onChange={(event) => setText(event.target.value)}
          error={wrong !== undefined}
          helperText={wrong ?? tr`up to ×${decimals(aim.greatest, 2)}`}
          slotProps={{ htmlInput: { inputMode: 'decimal' } }}
        />
        <Button size="small" disabled={busy} onClick={() => set(text)}>
          {tr`Set`}
        </Button>
        {aim.own === null ? null : (
          <Button size="small" disabled={busy} onClick={() => set(null)}>
            {tr`As the table`}
          </Button>
        )}
      </Box>
    </Box>
  );
}

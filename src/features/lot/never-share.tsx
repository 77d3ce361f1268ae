'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import type { WhatIfBase, WhatIfHandles } from '@/core/forecast';
import { useCompute } from '@/ui/compute/use-compute';
import { percentText } from '@/ui/format';

/** For a lot that may never be ripe: how often it is, by a thousand runs with drawn doubts. */
export function NeverShare(props: { base: WhatIfBase; handles: WhatIfHandles }) {
  const { base, handles } = props;
  const [asking, setAsking] = useState(true);
  const key = JSON.stringify(handles);
  const asks = useMemo(
    () => (asking ? { base, handles } : null),
    // Handles are made anew at each render: their figures are what counts.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [asking, base, key],
  );
  const { answer, busy, share, stop } = useCompute('draws', asks);
  if (busy) {
    return (
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
        <Typography>{tr`Calculating`}</Typography>
        <LinearProgress
          aria-label={tr`Runs drawn`}
          variant="determinate"
          value={100 * (share ?? 0)}
          sx={{ flex: 1, maxWidth: 300 }}
        />
        <Button
          size="small"
          onClick={() => {
            stop();
            setAsking(false);
          }}
        >
          {tr`Stop`}
        </Button>
      </Box>
    );
  }
  if (answer === null) return null;
  return (
    <Typography>
      {tr`In ${percentText(answer.neverShare, 0)} of ${answer.runs} runs with drawn doubts it never gets there.`}
    </Typography>
  );
}

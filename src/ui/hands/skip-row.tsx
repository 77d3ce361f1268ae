'use client';

import { tr, trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';

/** A step left out, with the reason for the Log. */
export function SkipRow(props: {
  busy: boolean;
  wrong: string | undefined;
  onSkip: (reason: string) => void;
}) {
  const { busy, wrong, onSkip } = props;
  const [reason, setReason] = useState('');
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Typography>{tr`Or skip it, because`}</Typography>
      <Box
        role="group"
        aria-label={tr`Skip it, because`}
        sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}
      >
        {SKIPPED_BECAUSE.map((one) => (
          <Chip
            key={one}
            label={trOf(one)}
            variant="outlined"
            disabled={busy}
            onClick={() => onSkip(one)}
            sx={{ minHeight: 44 }}
          />
        ))}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
        <TextField
          label={tr`another reason`}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
          error={wrong !== undefined}
          helperText={wrong}
          slotProps={{ htmlInput: { maxLength: 200 } }}
        />
        <Button onClick={() => onSkip(reason)} disabled={busy}>
          {tr`Skip`}
        </Button>
      </Box>
    </Box>
  );
}

/** Why bakers leave a step out, as a rule: one tap says it. */
const SKIPPED_BECAUSE = [
  'not needed',
  'no time',
  'nothing left of it',
  'done another way',
] as const;

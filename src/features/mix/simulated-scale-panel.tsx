'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { MixActions } from './mix-actions';

/** The scale that ships is simulated: here a hand pours onto it. */
export function SimulatedScalePanel(props: {
  wantedG: number;
  connected: boolean;
  handle: MixActions['handleScale'];
}) {
  const { wantedG, connected, handle } = props;
  const pour = (massG: number) => void handle({ act: 'pour', massG: Math.round(massG * 10) / 10 });
  return (
    <Box component="details" className="no-print">
      <Typography component="summary" variant="body2">
        {tr`Simulated scale`}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        <Button size="small" onClick={() => pour(wantedG)}>
          {tr`Pour all of it`}
        </Button>
        <Button size="small" onClick={() => pour(wantedG / 2)}>
          {tr`Half`}
        </Button>
        <Button size="small" onClick={() => pour(wantedG * 1.08)}>
          {tr`8 % too much`}
        </Button>
        <Button size="small" onClick={() => pour(-wantedG * 0.05)}>
          {tr`A spoon off`}
        </Button>
        <Button size="small" onClick={() => void handle({ act: 'clear' })}>
          {tr`Everything off`}
        </Button>
        <Button size="small" onClick={() => void handle({ act: 'connect', connected: !connected })}>
          {connected ? tr`Pull the plug` : tr`Plug it in`}
        </Button>
      </Box>
    </Box>
  );
}

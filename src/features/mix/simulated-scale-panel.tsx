'use client';

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
        Simulated scale
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        <Button size="small" onClick={() => pour(wantedG)}>
          Pour all of it
        </Button>
        <Button size="small" onClick={() => pour(wantedG / 2)}>
          Half
        </Button>
        <Button size="small" onClick={() => pour(wantedG * 1.08)}>
          8 % too much
        </Button>
        <Button size="small" onClick={() => pour(-wantedG * 0.05)}>
          A spoon off
        </Button>
        <Button size="small" onClick={() => void handle({ act: 'clear' })}>
          Everything off
        </Button>
        <Button size="small" onClick={() => void handle({ act: 'connect', connected: !connected })}>
          {connected ? 'Pull the plug' : 'Plug it in'}
        </Button>
      </Box>
    </Box>
  );
}

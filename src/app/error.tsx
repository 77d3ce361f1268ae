'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';

export default function ErrorView({ reset }: { error: Error; reset: () => void }) {
  return (
    <Box
      component="main"
      role="alert"
      sx={{ p: 4, display: 'grid', gap: 2, justifyItems: 'start' }}
    >
      <Typography variant="h1">{tr`This view could not be shown`}</Typography>
      <Typography>
        {tr`What was logged is safe: Olvik writes every entry before it says so. Try again; if it stays, the Log still opens, and what was written last can be taken back there.`}
      </Typography>
      <Button variant="contained" size="large" onClick={reset}>
        {tr`Try again`}
      </Button>
      <Button variant="outlined" size="large" href="/log">
        {tr`Open the Log`}
      </Button>
    </Box>
  );
}

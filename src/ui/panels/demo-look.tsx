'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useState, useTransition } from 'react';
import { sentencesOf, type Outcome } from '@/shop/outcome';

/** A demo shop that is opened beside this one. */
export type LookAtDemo = () => Promise<Outcome<{ readonly url: string }>>;

/** A demo shop to look at, with nothing of one’s own touched: set up at a tap, then opened in a page of its own. */
export function DemoLook({ look }: { look: LookAtDemo }) {
  const [found, setFound] = useState<Outcome<{ readonly url: string }> | null>(null);
  const [busy, start] = useTransition();
  if (found?.ok === true) {
    return (
      <Box>
        <Button component="a" href={found.value.url} target="_blank" rel="noopener">
          {tr`Open the demo shop`}
        </Button>
        <Typography variant="body2" color="text.secondary">
          {tr`In a page of its own, with data of its own: it goes when Olvik is stopped.`}
        </Typography>
      </Box>
    );
  }
  return (
    <Box>
      <Button disabled={busy} onClick={() => start(async () => setFound(await look()))}>
        {tr`Look at a demo shop`}
      </Button>
      {busy ? (
        <Box sx={{ mt: 1, maxWidth: 320 }} role="status">
          <Typography variant="body2">{tr`Setting up a week of a made-up shop`}</Typography>
          <LinearProgress aria-label={tr`Setting up the demo shop`} />
        </Box>
      ) : null}
      {found?.ok === false ? (
        <Alert severity="warning" sx={{ mt: 1 }}>
          {sentencesOf(found)}
        </Alert>
      ) : null}
    </Box>
  );
}

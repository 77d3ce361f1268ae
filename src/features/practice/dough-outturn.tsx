'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { DoughRun } from '@/core/practice';
import { percentText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { leavenSentences, openingSentence } from './dough-words';

/** How a dough turned out, beside the same dough left to its plan. */
export function DoughOutturn(props: {
  run: DoughRun;
  asPlanned: DoughRun;
  timeZone: string;
  /** False while it is still on its way. */
  over: boolean;
}) {
  const { run, asPlanned, timeZone, over } = props;
  return (
    <Box
      data-testid="dough-outturn"
      sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' } }}
    >
      <Side
        title={over ? tr`How it turned out` : tr`As it stands, it will come to`}
        run={run}
        timeZone={timeZone}
        strong
      />
      <Side title={tr`Left to its plan`} run={asPlanned} timeZone={timeZone} />
    </Box>
  );
}

function Side(props: { title: string; run: DoughRun; timeZone: string; strong?: boolean }) {
  const { title, run, timeZone, strong = false } = props;
  return (
    <Box>
      <Typography variant="h3" component="h2" sx={{ fontSize: rem(20) }}>
        {title}
      </Typography>
      {leavenSentences(run).map((sentence) => (
        <Typography key={sentence}>{sentence}</Typography>
      ))}
      <Typography sx={{ fontWeight: strong ? 700 : 400 }}>
        {openingSentence(run, timeZone)}
      </Typography>
      <Typography color="text.secondary">
        {tr`Strength left at the last ball: ${percentText(run.glutenLeft, 0)}.`}
      </Typography>
    </Box>
  );
}

'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { LearnedRow, LearnedView } from '@/server/learned/learned';
import type { Outcome } from '@/shop/outcome';
import { dateText } from '@/ui/format';
import { BandLine } from './band-line';
import { HowItFared } from './how-it-fared';
import { errorText, fromText, verdictText } from './words';
import { rem } from '@/ui/rem';
import { useSend } from '@/ui/hands/use-send';

type Change = (key: string) => Promise<Outcome<{ key: string }>>;

/** What looks, readings and done steps have taught: each value with its band, and what that did to the forecasts. */
export function Learned(props: { view: LearnedView; reset: Change; undo: Change }) {
  const { view, reset, undo } = props;
  if (view.rows.length === 0) {
    return (
      <Typography sx={{ p: 3 }}>
        {tr`Nothing learned yet. Log a look at a starter or a poolish, a temperature measured in a place, or the warmth of a dough out of the bowl: from then on the forecasts follow what you see.`}
      </Typography>
    );
  }
  return (
    <Box sx={{ background: 'var(--paper)', flex: 1 }}>
      {view.rows.map((row) => (
        <Row key={row.key} row={row} view={view} reset={reset} undo={undo} />
      ))}
      <HowItFared record={view.record} units={view.units} />
    </Box>
  );
}

function Row(props: { row: LearnedRow; view: LearnedView; reset: Change; undo: Change }) {
  const { row, view, reset, undo } = props;
  const { send, busy } = useSend('notice');
  const forget = () =>
    send(() => reset(row.key), {
      said: tr`${row.name}: back to the book.`,
      undo: () => () => undo(row.key),
    });
  return (
    <Box
      component="section"
      aria-label={row.name}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '230px minmax(0, 1fr) 320px auto' },
        columnGap: 2,
        rowGap: 1,
        alignItems: 'center',
        px: 2,
        py: 1,
        borderBottom: '1.5px solid var(--line)',
      }}
    >
      <Said row={row} view={view} />
      <BandLine row={row} units={view.units} />
      <Lessons row={row} view={view} />
      <Button size="small" disabled={busy} onClick={forget} aria-label={tr`Reset ${row.name}`}>
        {tr`Reset`}
      </Button>
    </Box>
  );
}

function Said({ row, view }: { row: LearnedRow; view: LearnedView }) {
  return (
    <Box>
      <Typography variant="h2">{row.name}</Typography>
      <Typography sx={{ fontSize: rem(22), fontWeight: 700, lineHeight: 1.2 }}>
        {verdictText(row, view.units)}
      </Typography>
      <Typography variant="body2" color="text.secondary">
        {fromText(row)}
      </Typography>
    </Box>
  );
}

function Lessons({ row, view }: { row: LearnedRow; view: LearnedView }) {
  return (
    <Box>
      <Typography variant="body2">
        {tr`Off by ${errorText(row, row.bookError, view.units)} by the book, `}
        <strong>{errorText(row, row.learnedError, view.units)}</strong>
        {tr` as learned so far.`}
      </Typography>
      {row.lessons.slice(0, row.about === 'culture' ? 3 : 1).map((lesson) => (
        <Typography key={`${lesson.atMs} ${lesson.label}`} variant="caption" component="p">
          {[dateText(lesson.atMs, view.units.timeZone), lesson.label].join(' ').trim()}:{' '}
          {errorText(row, lesson.bookError, view.units)} →{' '}
          {errorText(row, lesson.learnedError, view.units)}
        </Typography>
      ))}
    </Box>
  );
}

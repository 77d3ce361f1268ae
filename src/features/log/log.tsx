'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { LogView } from '@/server/log/log';
import type { Outcome } from '@/shop/outcome';
import { LinkButton } from '@/ui/link-button';
import { rem } from '@/ui/rem';
import { daysOf, type LogDay } from './log-days';
import { LogSearchBar } from './log-search';
import { NoteLine, type WriteNote } from './note-line';
import { useSend } from '@/ui/hands/use-send';
import { WIDE_ONLY, Row } from './log-row';

/** What happened, the newest first; it can be searched, and everything can be taken back. */
export function Log(props: {
  view: LogView;
  undo: (batch: string) => Promise<Outcome<{ batch: string }>>;
  note: WriteNote;
}) {
  const { view, undo, note } = props;
  const { send, busy, sentence: refusal } = useSend();
  const takeBack = (batch: string) => send(() => undo(batch));
  return (
    <Box sx={{ background: 'var(--paper)', flex: 1 }}>
      <LogSearchBar view={view} />
      <NoteLine view={view} write={note} undo={undo} />
      {refusal === null ? null : <Alert severity="warning">{refusal}</Alert>}
      {view.rows.length === 0 ? (
        <Nothing view={view} />
      ) : (
        <Rows view={view} busy={busy} takeBack={takeBack} />
      )}
      {view.olderBefore === null ? null : (
        <Box sx={{ p: 2 }}>
          <LinkButton href={olderHref(view)} data-testid="log-older">
            {tr`Older entries`}
          </LinkButton>
        </Box>
      )}
    </Box>
  );
}

function Nothing({ view }: { view: LogView }) {
  const asked = Object.values(view.search).some((value) => value !== undefined);
  return (
    <Typography sx={{ p: 3 }}>
      {asked
        ? tr`Nothing in the journal answers this. Fewer words find more; “Show all again” brings back the rest.`
        : tr`Nothing logged yet. What the hands do on the Tide is written here and can be taken back.`}
    </Typography>
  );
}

function Rows(props: { view: LogView; busy: boolean; takeBack: (batch: string) => void }) {
  const { view, busy, takeBack } = props;
  return (
    <TableContainer>
      <Table
        size="small"
        aria-label={tr`Journal`}
        sx={{
          '& td, & th': { fontSize: rem(16), borderColor: 'var(--line)', px: { xs: 1, sm: 2 } },
        }}
      >
        <TableHead>
          <TableRow>
            <TableCell>{tr`When`}</TableCell>
            <TableCell>{tr`What`}</TableCell>
            <TableCell sx={WIDE_ONLY}>{tr`Who`}</TableCell>
            <TableCell sx={WIDE_ONLY}>{tr`Lot or bake`}</TableCell>
            <TableCell>
              <span className="visually-hidden">{tr`Take back`}</span>
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {daysOf(view).map((day) => (
            <Day key={day.name} day={day} view={view} busy={busy} takeBack={takeBack} />
          ))}
        </TableBody>
      </Table>
    </TableContainer>
  );
}

/** One day: its plans folded into a line that opens, then what was done. */
function Day(props: {
  day: LogDay;
  view: LogView;
  busy: boolean;
  takeBack: (batch: string) => void;
}) {
  const { day, view, busy, takeBack } = props;
  const [open, setOpen] = useState(false);
  const rows = open ? [...day.plans, ...day.rows] : day.rows;
  return (
    <>
      <TableRow>
        <TableCell
          colSpan={5}
          component="th"
          scope="rowgroup"
          sx={{ background: 'var(--flour)', fontWeight: 700 }}
        >
          {day.name}
          {day.plans.length === 0 ? null : (
            <Button
              size="small"
              variant="text"
              aria-expanded={open}
              onClick={() => setOpen(!open)}
              sx={{ ml: 2, textDecoration: 'underline', fontWeight: 400 }}
            >
              {open ? tr`Fold the plans` : tr`${day.plans.length} planned`}
            </Button>
          )}
        </TableCell>
      </TableRow>
      {rows.map((row) => (
        <Row key={row.batch} row={row} view={view} busy={busy} takeBack={takeBack} />
      ))}
    </>
  );
}

function olderHref({ search, olderBefore }: LogView): string {
  const pairs = Object.entries({ ...search, before: olderBefore }).flatMap(([key, value]) =>
    value === undefined || value === null ? [] : [[key, String(value)] as [string, string]],
  );
  return `/log?${new URLSearchParams(pairs).toString()}`;
}

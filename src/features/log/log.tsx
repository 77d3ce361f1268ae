'use client';

import { useAskAnew } from '@/ui/ask-anew';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useState, useTransition } from 'react';
import type { LogView } from '@/services/log';
import type { Outcome } from '@/services/outcome';
import { clockText, dateText } from '@/ui/format';
import { rem } from '@/ui/rem';

/** Columns that a phone has no room for. */
const WIDE_ONLY = { display: { xs: 'none', sm: 'table-cell' } };

/** What happened, the newest first; everything can be taken back. */
export function Log(props: {
  view: LogView;
  undo: (batch: string) => Promise<Outcome<{ batch: string }>>;
}) {
  const { view, undo } = props;
  const [refusal, setRefusal] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const askAnew = useAskAnew();
  const takeBack = (batch: string) =>
    start(async () => {
      const outcome = await undo(batch);
      setRefusal(outcome.ok ? null : outcome.refusals.map((one) => one.sentence).join(' '));
      askAnew();
    });
  if (view.rows.length === 0) {
    return (
      <Typography sx={{ p: 3 }}>
        Nothing logged yet. What the hands do on the Tide is written here and can be taken back.
      </Typography>
    );
  }
  return (
    <TableContainer sx={{ background: 'var(--paper)', flex: 1 }}>
      {refusal === null ? null : <Alert severity="warning">{refusal}</Alert>}
      <Table
        size="small"
        aria-label="Journal"
        sx={{
          '& td, & th': { fontSize: rem(16), borderColor: 'var(--line)', px: { xs: 1, sm: 2 } },
        }}
      >
        <TableHead>
          <TableRow>
            <TableCell>When</TableCell>
            <TableCell>What</TableCell>
            <TableCell sx={WIDE_ONLY}>Who</TableCell>
            <TableCell sx={WIDE_ONLY}>Lot</TableCell>
            <TableCell>
              <span className="visually-hidden">Take back</span>
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {view.rows.map((row) => (
            <TableRow
              key={row.batch}
              sx={row.struck ? { textDecoration: 'line-through', opacity: 0.7 } : {}}
            >
              <TableCell sx={{ whiteSpace: { sm: 'nowrap' } }}>
                {dateText(row.atMs, view.units.timeZone)}{' '}
                <strong>{clockText(row.atMs, view.units.timeZone)}</strong>
              </TableCell>
              <TableCell>{row.says}</TableCell>
              <TableCell sx={WIDE_ONLY}>{row.by ?? ''}</TableCell>
              <TableCell sx={WIDE_ONLY}>{row.lotId ?? ''}</TableCell>
              <TableCell align="right">
                {row.struck ? (
                  'taken back'
                ) : (
                  <Button size="small" disabled={busy} onClick={() => takeBack(row.batch)}>
                    Take back
                  </Button>
                )}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      {view.total > view.rows.length ? (
        <Typography variant="body2" sx={{ p: 2 }}>
          The newest {view.rows.length} of {view.total}.
        </Typography>
      ) : null}
    </TableContainer>
  );
}

'use client';

import { tr } from '@/words/tr';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import NextLink from 'next/link';
import type { LogView } from '@/server/log/log';
import type { LogRow } from '@/server/log/log-row';
import { clockText, dateText } from '@/ui/format';

/** Columns that a phone has no room for. */
export const WIDE_ONLY = { display: { xs: 'none', sm: 'table-cell' } };

/** Quiet until its row is pointed at or entered: what happened is read first. */
const QUIET_ACT = {
  whiteSpace: 'nowrap',
  fontWeight: 400,
  color: 'var(--ink2)',
  'tr:hover &, &:focus-visible': {
    color: 'var(--ink)',
    fontWeight: 700,
    textDecoration: 'underline',
  },
} as const;

export function Row(props: {
  row: LogRow;
  view: LogView;
  busy: boolean;
  takeBack: (batch: string) => void;
}) {
  const { row, view, busy, takeBack } = props;
  const { timeZone } = view.units;
  const day = dateText(row.atMs, timeZone);
  return (
    <TableRow hover sx={row.struck ? { textDecoration: 'line-through', opacity: 0.7 } : {}}>
      <TableCell sx={{ whiteSpace: { sm: 'nowrap' } }}>
        <strong>{clockText(row.atMs, timeZone)}</strong>
        {day === dateText(row.standsMs, timeZone) ? null : ` ${day}`}
      </TableCell>
      <TableCell>
        {row.says}
        {row.doesNotCount === null || row.struck ? null : (
          <strong>{tr` · does not count: ${row.doesNotCount}`}</strong>
        )}
      </TableCell>
      <TableCell sx={WIDE_ONLY}>{row.by ?? ''}</TableCell>
      <TableCell sx={WIDE_ONLY}>
        <Belongs row={row} />
      </TableCell>
      <TakeBackCell row={row} busy={busy} onTakeBack={takeBack} />
    </TableRow>
  );
}

function TakeBackCell({
  row,
  busy,
  onTakeBack,
}: {
  row: LogRow;
  busy: boolean;
  onTakeBack: (batch: string) => void;
}) {
  return (
    <TableCell align="right">
      {row.struck ? (
        tr`taken back`
      ) : (
        <Button
          size="small"
          variant="text"
          disabled={busy}
          onClick={() => onTakeBack(row.batch)}
          sx={QUIET_ACT}
        >
          {tr`Take back`}
        </Button>
      )}
    </TableCell>
  );
}

/** The lot and the bake of a row, each one tap away. */
function Belongs({ row }: { row: LogRow }) {
  const link = (href: string, text: string) => (
    <Link component={NextLink} href={href} color="inherit" prefetch={false}>
      {text}
    </Link>
  );
  return (
    <>
      {row.lotId === null ? null : link(`/lots/${encodeURIComponent(row.lotId)}`, row.lotId)}
      {row.lotId !== null && row.bake !== null ? ', ' : null}
      {row.bake === null ? null : link(`/bakes/${encodeURIComponent(row.bake.id)}`, row.bake.name)}
    </>
  );
}

'use client';

import { inSentence, tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { hoursRange, usualHours, type Method } from '@/core/methods';
import type { MethodRow } from '@/server/doughs/methods';
import type { DoughsView } from '@/server/doughs/view';
import { decimals } from '@/ui/format';
import { useInUnits } from '@/ui/fields/in-units';
import { LinkButton } from '@/ui/link-button';
import { rem } from '@/ui/rem';
import { figures, TableHeads } from '@/ui/table-heads';

/** The methods: the shop’s own, then the starting ones, each with its leaven, water and hours. */
export function DoughsList({ view }: { view: DoughsView }) {
  const own = view.rows.filter((row) => row.versionId !== null);
  const starting = view.rows.filter((row) => row.versionId === null);
  return (
    <Box sx={{ background: 'var(--paper)', flex: 1, p: 2.5 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, mb: 2 }}>
        <LinkButton href="/doughs/check">{tr`Check a recipe`}</LinkButton>
        <LinkButton href="/doughs/flours">{tr`Flours and blends`}</LinkButton>
        <LinkButton href="/bakes/new" variant="text">
          {tr`A quick bake from a poolish`}
        </LinkButton>
      </Box>
      {own.length === 0 ? (
        <Typography sx={{ mb: 2, maxWidth: 640 }}>
          {tr`No method of your own yet. Open one of the starting methods, change what you do differently and keep it; or paste a recipe and let Olvik read it.`}
        </Typography>
      ) : (
        <Methods title={tr`Your methods`} rows={own} />
      )}
      <Methods title={tr`Starting methods`} rows={starting} />
    </Box>
  );
}

function Methods({ title, rows }: { title: string; rows: readonly MethodRow[] }) {
  const inUnits = useInUnits();
  return (
    <Box component="section" sx={{ mb: 3, overflowX: 'auto' }}>
      <Typography variant="h2">{title}</Typography>
      <Table size="small" aria-label={title} sx={{ '& td, & th': { borderColor: 'var(--line)' } }}>
        <TableHeads
          of={[
            { name: tr`Method`, sx: { width: '38%' } },
            { name: tr`Raised by`, sx: { width: '24%' } },
            figures(tr`Water`),
            figures(tr`Salt`),
            figures(tr`From the first step`, { width: '16%' }),
            { name: tr`To take along`, sx: { width: '10%' } },
          ]}
        />
        <TableBody>
          {rows.map((row) => (
            <MethodLine key={row.id} row={row} inUnits={inUnits} />
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}

function MethodLine({ row, inUnits }: { row: MethodRow; inUnits: (sentence: string) => string }) {
  return (
    <TableRow hover>
      <TableCell component="th" scope="row" sx={{ py: 0.5, minWidth: 220 }}>
        <Link
          href={`/doughs/${encodeURIComponent(row.id)}`}
          className="name"
          style={{ fontSize: rem(18), display: 'inline-block', padding: '6px 0' }}
        >
          {row.method.name}
        </Link>
        {row.number === null ? null : (
          <Typography component="span" variant="caption" color="text.secondary">
            {tr` version ${row.number}`}
          </Typography>
        )}
        <Typography variant="body2" color="text.secondary">
          {inUnits(row.method.says)}
        </Typography>
      </TableCell>
      <TableCell>{raisedBy(row.method)}</TableCell>
      <TableCell align="right">{decimals(row.method.dough.hydration * 100, 0)} %</TableCell>
      <TableCell align="right">{decimals(row.method.dough.saltShare * 100, 1)} %</TableCell>
      <TableCell align="right">{hours(row.method)}</TableCell>
      <TableCell>
        <a
          href={`/recipes/${encodeURIComponent(row.id)}`}
          download
          aria-label={tr`${row.method.name} as a recipe file`}
          style={{ color: 'inherit', display: 'inline-block', padding: '6px 0' }}
        >
          {tr`recipe file`}
        </a>
      </TableCell>
    </TableRow>
  );
}

function raisedBy({ dough }: Method): string {
  const leavens = dough.leavens.map(
    (one) => `${inSentence(one.name)} ${decimals(one.flourShare * 100, 0)} %`,
  );
  const yeast =
    dough.yeast.freshShare > 0 ? [tr`yeast ${decimals(dough.yeast.freshShare * 100, 2)} %`] : [];
  return [...leavens, ...yeast].join(', ');
}

/** Hours from the first step to the service, from the fewest to the most. */
function hours(method: Method): string {
  const all = [...method.bulk, ...method.balls];
  const leavens = Object.values(method.leavenStays);
  const longest = (of: (stays: typeof all) => number) =>
    of(all) + Math.max(0, ...leavens.map((stays) => of(stays)));
  const usual = longest(usualHours);
  const least = longest((stays) => hoursRange(stays).leastH);
  const most = longest((stays) => hoursRange(stays).mostH);
  return `${decimals(usual, 0)} h (${decimals(least, 0)}–${decimals(most, 0)})`;
}

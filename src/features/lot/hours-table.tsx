import { tr } from '@/words/tr';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import { MS_PER_HOUR, type ShopUnits } from '@/core/units';
import type { LotHours } from '@/shop/lots/lot-hours';
import { momentText, spanText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { figures, TableHeads } from '@/ui/table-heads';

/** Hours gone and hours to go, by stage and in all. */
export function HoursTable(props: { hours: LotHours; units: ShopUnits; nowMs: number }) {
  const { hours, units, nowMs } = props;
  const rows = [
    ...hours.stages,
    ...(hours.stages.length > 1 ? [{ ...hours, name: tr`in all`, fromMs: null }] : []),
  ];
  return (
    <Table
      size="small"
      aria-label={tr`Hours by stage`}
      sx={{ maxWidth: 380, '& td, & th': { px: 0.5, py: 0.25, fontSize: rem(15), border: 0 } }}
    >
      <TableHeads of={[tr`Stage`, figures(tr`gone`), figures(tr`to go`)]} />
      <TableBody>
        {rows.map((row) => (
          <TableRow key={`${row.name} ${row.fromMs}`}>
            <TableCell>
              {row.name}
              {row.fromMs === null
                ? ''
                : tr`, from ${momentText(row.fromMs, nowMs, units.timeZone)}`}
            </TableCell>
            <TableCell align="right">{spanText(row.goneH * MS_PER_HOUR)}</TableCell>
            <TableCell align="right">
              {row.leftH === null ? tr`no end planned` : spanText(row.leftH * MS_PER_HOUR)}
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}

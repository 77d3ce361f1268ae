import { tr } from '@/words/tr';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import type { Pantry } from '@/core/composition';
import type { Columns } from '@/core/formula';
import type { ShopUnits } from '@/core/units';
import { decimals, massText, percentText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { figures, TableHeads } from '@/ui/table-heads';

/** The formula in three columns that add up: whole = poolish + final mix, as weighed. */
export function FormulaTable(props: { columns: Columns; pantry: Pantry; units: ShopUnits }) {
  const { columns, pantry, units } = props;
  const mass = (massG: number) =>
    massG === 0
      ? '–'
      : units.massUnit === 'oz'
        ? massText(massG, units)
        : decimals(massG, massG < 10 ? 2 : 1);
  return (
    <Table
      size="small"
      aria-label={tr`Formula`}
      sx={{
        '& th, & td': { px: { xs: 0.5, sm: 2 } },
        '& td, & th': { fontSize: rem(16), borderColor: 'var(--line)', py: 0.75 },
        '& td': { fontVariantNumeric: 'tabular-nums slashed-zero' },
      }}
    >
      <TableHeads
        of={[
          units.massUnit,
          figures(tr`Whole dough`),
          figures(tr`% of flour`),
          figures(tr`Poolish`),
          figures(tr`Final mix`),
        ]}
      />
      <TableBody>
        {columns.rows.map((row) => (
          <TableRow key={row.ingredientId} data-row={row.ingredientId}>
            <TableCell component="th" className="name">
              {pantry.get(row.ingredientId)?.name ?? row.ingredientId}
            </TableCell>
            <TableCell align="right">
              <strong>{mass(row.wholeG)}</strong>
            </TableCell>
            <TableCell align="right" sx={{ color: 'var(--ink2)' }}>
              {percentText(row.wholeShare, row.wholeShare < 0.01 ? 3 : 1)}
            </TableCell>
            <TableCell align="right">{mass(row.poolishG)}</TableCell>
            <TableCell align="right">{mass(row.finalG)}</TableCell>
          </TableRow>
        ))}
        <TableRow sx={{ '& td, & th': { borderTop: '2px solid var(--ink)' } }} data-row="together">
          <TableCell component="th" className="name">
            {tr`Together`}
          </TableCell>
          <TableCell align="right">
            <strong>{mass(columns.wholeG)}</strong>
          </TableCell>
          <TableCell />
          <TableCell align="right">
            <strong>{mass(columns.poolishG)}</strong>
          </TableCell>
          <TableCell align="right">
            <strong>{mass(columns.finalG)}</strong>
          </TableCell>
        </TableRow>
      </TableBody>
    </Table>
  );
}

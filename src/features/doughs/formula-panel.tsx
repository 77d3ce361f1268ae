'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import type { Pantry } from '@/core/composition';
import { strengthOf } from '@/core/flour';
import type { CellChange, DoughColumns, DoughRow, Held } from '@/core/formula';
import type { ShopUnits } from '@/core/units';
import { decimals, massText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { useWidth } from '@/ui/use-width';
import { flowLayout } from './flow-layout';
import { HeldChoice } from './held-choice';
import { Together } from './formula-together';
import { FormulaFlow } from './formula-flow';
import { Peg } from './peg';
import { type Cell, Figures } from './formula-figures';

/** Height of a row, px: with many of them a little less, so that the act stays in sight. */
const ROW = { few: 46, many: 40 } as const;
const MANY = 6;
const HEAD = 62;
const NAME = 150;
const WHOLE = 190;
const LEAST_COLUMN = 150;

/** The formula in its columns, each figure to be typed over, its flows under the figures. */
export function FormulaPanel(props: {
  columns: DoughColumns;
  pantry: Pantry;
  units: ShopUnits;
  held: Held;
  onHeld: (held: Held) => void;
  onEdit: (change: CellChange) => void;
}) {
  const { columns, pantry, units, held, onHeld, onEdit } = props;
  const { ref, width: shown } = useWidth(920);
  const parts = columns.leavens.length + 1;
  const width = Math.max(shown, NAME + WHOLE + parts * LEAST_COLUMN);
  const rowHeight = columns.rows.length >= MANY ? ROW.many : ROW.few;
  const frame = { width, nameWidth: NAME, wholeWidth: WHOLE, rowHeight };
  const layout = flowLayout(columns, frame);
  const column = (width - NAME - WHOLE) / parts;
  const cell = (row: DoughRow, at: Cell) => (
    <TableCell key={at.column} sx={{ width: at.width }}>
      <Figures row={row} at={at} columns={columns} pantry={pantry} units={units} onEdit={onEdit} />
    </TableCell>
  );
  return (
    <Box ref={ref} sx={{ minWidth: 0, overflowX: 'auto' }}>
      <Box sx={{ position: 'relative', width, minHeight: HEAD + layout.height + 4 }}>
        <Box sx={{ position: 'absolute', top: HEAD, left: 0 }}>
          <FormulaFlow
            layout={layout}
            width={width}
            pantry={pantry}
            tub={massText(columns.wholeG, units)}
          />
        </Box>
        <Table
          aria-label={tr`Formula`}
          sx={{
            position: 'relative',
            tableLayout: 'fixed',
            width,
            '& td, & th': { border: 0, p: 0, verticalAlign: 'top', lineHeight: 1.15 },
            '& tbody tr': { height: rowHeight },
          }}
        >
          <TableHead>
            <TableRow sx={{ height: HEAD }}>
              <TableCell sx={{ width: NAME }}>
                <HeldChoice held={held} onHeld={onHeld} />
              </TableCell>
              <ColumnHead
                width={WHOLE}
                name={tr`Whole dough`}
                says={tr`${units.massUnit}, % of all flour`}
              />
              {columns.leavens.map(({ leaven }) => (
                <ColumnHead
                  key={leaven.id}
                  width={column}
                  name={leaven.name}
                  says={tr`${decimals(leaven.flourShare * 100, 1)} % of the flour`}
                  peg="held"
                />
              ))}
              <ColumnHead
                width={column}
                name={tr`Final mix`}
                says={columns.leavens.length > 0 ? tr`gives way: weigh this` : tr`weigh this`}
                {...(columns.leavens.length > 0 ? { peg: 'gives way' as const } : {})}
              />
            </TableRow>
          </TableHead>
          <TableBody>
            {columns.rows.map((row) => (
              <TableRow key={row.ingredientId} data-row={row.ingredientId}>
                <TableCell component="th" scope="row">
                  <RowName id={row.ingredientId} pantry={pantry} />
                </TableCell>
                {cell(row, {
                  column: 'whole',
                  massG: row.wholeG,
                  width: WHOLE,
                  name: tr`whole dough`,
                })}
                {columns.leavens.map(({ leaven }, index) =>
                  cell(row, {
                    column: leaven.id,
                    massG: row.leavensG[index] ?? 0,
                    width: column,
                    name: leaven.name,
                  }),
                )}
                {cell(row, {
                  column: 'final',
                  massG: row.finalG,
                  width: column,
                  name: tr`final mix`,
                })}
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </Box>
      <Together columns={columns} widths={[NAME, WHOLE, column]} pantry={pantry} width={width} />
    </Box>
  );
}

function RowName({ id, pantry }: { id: string; pantry: Pantry }) {
  const one = pantry.get(id);
  return (
    <Box sx={{ pl: 2, pt: 0.5 }}>
      <Typography className="name" noWrap sx={{ fontSize: rem(17), lineHeight: 1.15 }}>
        {one?.name ?? id}
      </Typography>
      {one?.kind === 'flour' ? (
        <Typography
          variant="caption"
          component="p"
          color="text.secondary"
          noWrap
          sx={{ lineHeight: 1.1 }}
        >
          W {Math.round(strengthOf(one))}
        </Typography>
      ) : null}
    </Box>
  );
}

function ColumnHead(props: {
  width: number;
  name: string;
  says: string;
  peg?: 'held' | 'gives way';
}) {
  const { width, name, says, peg } = props;
  return (
    <TableCell scope="col" sx={{ width }}>
      <Box sx={{ pl: 1.5 }}>
        <Typography className="name" noWrap component="p" sx={{ fontSize: rem(18) }}>
          {name} {peg === undefined ? null : <Peg state={peg} />}
        </Typography>
        <Typography variant="caption" color="text.secondary" component="p" noWrap>
          {says}
        </Typography>
      </Box>
    </TableCell>
  );
}

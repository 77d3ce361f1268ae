import { inSentence, tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import type { StockRow, StockView } from '@/shop/stock-view';
import { decimals, massText, momentText } from '@/ui/format';
import { PrintButton } from '@/ui/print-button';
import { StockRowFields, type StockActions } from './stock-row-fields';
import type { ShopUnits } from '@/core/units';
import { TableHeads } from '@/ui/table-heads';

/** What the plans of the coming days take, what is there of it, what to buy by when, what it costs. */
export function Stock({ view, actions }: { view: StockView; actions: StockActions }) {
  const { rows, units } = view;
  return (
    <Box
      className="print-sheet"
      sx={{ background: 'var(--paper)', flex: 1, p: 2, position: 'relative' }}
    >
      <PrintButton what={tr`what to buy`} />
      <Box className="no-print" sx={{ mb: 2 }}>
        <Button href="/stock/to-buy.csv" size="small">
          {tr`CSV`}
        </Button>
      </Box>
      {rows.length === 0 ? (
        <Typography>
          {tr`Nothing is planned for the next ${view.days} days. Take a plan of a service under Plan first.`}
        </Typography>
      ) : (
        <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="group" aria-label={tr`What to buy`}>
          <Table size="small" aria-label={tr`What to buy`}>
            <Heads units={units} />
            <TableBody>
              {rows.map((row) => (
                <StockLine key={row.ingredientId} row={row} actions={actions} view={view} />
              ))}
            </TableBody>
          </Table>
        </Box>
      )}
      <Costs view={view} />
    </Box>
  );
}

function Heads({ units }: { units: ShopUnits }) {
  return (
    <TableHeads
      of={[
        tr`What`,
        tr`Plans take`,
        tr`There`,
        tr`To buy`,
        tr`Short from`,
        units.massUnit === 'oz' ? tr`A pound costs` : tr`A kilo costs`,
        tr`Cost`,
      ]}
    />
  );
}

function StockLine({
  row,
  actions,
  view,
}: {
  row: StockRow;
  actions: StockActions;
  view: StockView;
}) {
  const { units } = view;
  return (
    <TableRow>
      <TableCell component="th" scope="row">
        {row.name}
      </TableCell>
      <TableCell>{massText(row.neededG, units)}</TableCell>
      <StockRowFields
        row={row}
        units={units}
        actions={actions}
        toBuy={
          <>
            <TableCell>{toBuyText(row, view)}</TableCell>
            <TableCell>
              {row.shortMs === null ? '' : momentText(row.shortMs, view.nowMs, units.timeZone)}
            </TableCell>
          </>
        }
      />
      <TableCell>{row.cost === null ? '' : decimals(row.cost, 2)}</TableCell>
    </TableRow>
  );
}

function toBuyText({ missingG }: StockView['rows'][number], { units }: StockView): string {
  if (missingG === null) return tr`not counted`;
  return missingG === 0 ? tr`enough` : massText(missingG, units);
}

/** What the planned bakes and the week’s discard cost, once something has a price. */
function Costs({ view }: { view: StockView }) {
  const { bakes, thrown, units, rows } = view;
  if (rows.every((row) => row.pricePerKg === null)) {
    return (
      <Typography variant="body2" color="text.secondary" sx={{ mt: 2 }}>
        {tr`With what the ingredients cost, the cost of a ball and of what is thrown away stand here.`}
      </Typography>
    );
  }
  return (
    <Box component="section" aria-label={tr`Costs`} sx={{ mt: 3 }}>
      <Typography variant="h2">{tr`Ingredients of the planned bakes`}</Typography>
      {bakes.map((bake) => (
        <Typography key={bake.bakeId}>
          <b>{bake.name}</b>, {momentText(bake.atMs, view.nowMs, units.timeZone)}:{' '}
          {decimals(bake.cost, 2)}
          {bake.balls === 0 ? '' : tr`, a ball ${decimals(bake.cost / bake.balls, 3)}`}
          {bake.without.length === 0 ? '' : tr`; without ${inSentence(bake.without.join(', '))}`}
        </Typography>
      ))}
      <Typography sx={{ mt: 1 }}>
        {tr`Flour thrown away this week: ${massText(thrown.flourG, units)}${thrown.cost === null ? '' : tr`, about ${decimals(thrown.cost, 2)}`}`}
      </Typography>
    </Box>
  );
}

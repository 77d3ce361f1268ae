import { tr } from '@/words/tr';
import type { MixView } from '@/shop/mix/view';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';

import { decimals } from '@/ui/format';
import { figures, TableHeads } from '@/ui/table-heads';

/** What was really weighed beside what was planned, where the two differ, and what was added by feel. */
export function Differences({ view }: { view: MixView }) {
  const { card } = view;
  const lines = card.lines.flatMap(({ item, weighedG }) =>
    item.kind === 'weigh' && Math.abs((weighedG ?? 0) - item.massG) > item.toleranceG
      ? [{ name: item.name, plannedG: item.massG, weighedG: weighedG ?? 0 }]
      : [],
  );
  const felt = card.felt.map((one) => ({
    name: tr`${one.ingredientId === 'water' ? tr`Water` : tr`Flour`}, by feel`,
    plannedG: 0,
    weighedG: one.massG,
  }));
  const all = [...lines, ...felt];
  if (all.length === 0) {
    return <Typography variant="body2">{tr`Every line was weighed as planned.`}</Typography>;
  }
  const grams = (massG: number) => decimals(massG, massG < 100 ? 1 : 0);
  return (
    <Table size="small" aria-label={tr`Weighed beside planned`}>
      <TableHeads of={[tr`Line`, figures(tr`planned, g`), figures(tr`weighed, g`)]} />
      <TableBody>
        {all.map((one, index) => (
          <TableRow key={`${one.name}-${index}`}>
            <TableCell component="th" scope="row">
              {one.name}
            </TableCell>
            <TableCell align="right">{grams(one.plannedG)}</TableCell>
            <TableCell align="right">{grams(one.weighedG)}</TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import type { KeptStage } from '@/shop/doughs/recipe-notes';

/** The stages that a method of a recipe gets, those that it does not tell marked as usual, and what can not be kept. */
export function RecipeStagesKept({
  kept,
  lost,
}: {
  readonly kept: readonly KeptStage[];
  readonly lost: readonly string[];
}) {
  return (
    <Box component="section" aria-label={tr`Its stages`}>
      <Typography variant="h3">{tr`Its stages`}</Typography>
      <Table size="small" aria-label={tr`Its stages`} sx={{ '& td, & th': { px: 0 } }}>
        <TableBody>
          {kept.map(({ name, says, said }) => (
            <TableRow key={`${name} ${says}`} data-stage={name}>
              <TableCell component="th">{name}</TableCell>
              <TableCell align="right">{says}</TableCell>
              <TableCell align="right" sx={{ color: 'var(--ink2)' }}>
                {said ? '' : tr`usual`}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      {lost.length === 0 ? null : (
        <Box role="note" aria-label={tr`Not kept`} sx={{ mt: 1 }}>
          <Typography sx={{ fontWeight: 700 }}>{tr`Not kept in the method:`}</Typography>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {lost.map((sentence) => (
              <Typography key={sentence} component="li" variant="body2">
                {sentence}
              </Typography>
            ))}
          </Box>
        </Box>
      )}
    </Box>
  );
}

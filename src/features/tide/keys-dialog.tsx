import { tr } from '@/words/tr';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';

const keysWords = (): readonly (readonly [string, string])[] => [
  ['d', tr`Next step: done now`],
  ['o', tr`Next step: other time, grams, move`],
  ['l', tr`Log a look`],
  ['u', tr`Take back what was done last`],
  ['n', tr`New bake`],
  [
    tr`g, then t p c d l`,
    tr`Tide, Plan, Cultures, Doughs, Log; the others’ letters stand under More`,
  ],
  ['/', tr`Find a lot, a bake, a word`],
  ['← →', tr`Through the moments to come`],
  ['↑ ↓', tr`Through the strands`],
  [tr`Enter`, tr`Open the lit moment or strand`],
  [tr`Esc`, tr`Leave; let go of a dragged moment; back to now`],
  ['?', tr`This list`],
];

/** The keys of the home view. */
export function KeysDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="keys-title">
      <DialogTitle id="keys-title">{tr`Keys`}</DialogTitle>
      <DialogContent>
        <Table size="small">
          <TableBody>
            {keysWords().map(([key, says]) => (
              <TableRow key={key}>
                <TableCell component="th" sx={{ fontWeight: 700 }}>
                  {key}
                </TableCell>
                <TableCell>{says}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{tr`Close`}</Button>
      </DialogActions>
    </Dialog>
  );
}

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';

const KEYS: readonly (readonly [string, string])[] = [
  ['d', 'Next step: done now'],
  ['o', 'Next step: other time, grams, move'],
  ['l', 'Log a look'],
  ['u', 'Take back what was done last'],
  ['n', 'New bake'],
  ['g, then t p c d l', 'Tide, Plan, Cultures, Doughs, Log; the others’ letters stand under More'],
  ['/', 'Find a lot, a bake, a word'],
  ['← →', 'Through the moments to come'],
  ['↑ ↓', 'Through the strands'],
  ['Enter', 'Open the lit moment or strand'],
  ['Esc', 'Leave; let go of a dragged moment; back to now'],
  ['?', 'This list'],
];

/** The keys of the home view. */
export function KeysDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="keys-title">
      <DialogTitle id="keys-title">Keys</DialogTitle>
      <DialogContent>
        <Table size="small">
          <TableBody>
            {KEYS.map(([key, says]) => (
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
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}

'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { PrinterState } from '@/server/labels/printer';
import type { Outcome } from '@/shop/outcome';
import { useSend } from '@/ui/hands/use-send';

/** Takes the roll out of the simulated printer, or puts one in. */
export type HandlePrinter = (form: { roll: boolean }) => Promise<Outcome<{ roll: boolean }>>;

/** How the label printer stands; the simulated one has a roll that can be taken out. */
export function PrinterLine({ printer, handle }: { printer: PrinterState; handle: HandlePrinter }) {
  const { name, simulated, ready } = printer;
  const { send, busy } = useSend('notice');
  const turn = () => send(() => handle({ roll: !ready }));
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', mb: 1 }}>
      <Typography data-testid="printer">
        <strong>{name}</strong>: {stateText(printer)}
      </Typography>
      {simulated ? (
        <Button size="small" disabled={busy} onClick={turn}>
          {ready ? tr`Take the roll out` : tr`Put a roll in`}
        </Button>
      ) : null}
    </Box>
  );
}

function stateText({ simulated, ready }: PrinterState): string {
  if (simulated)
    return ready ? tr`it keeps what a real one would have printed.` : tr`no roll in it.`;
  return ready
    ? tr`asks for its labels.`
    : tr`does not ask for its labels; is it on, and what stands by it running?`;
}

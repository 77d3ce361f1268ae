import { inSentence, tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { CautionLine } from '@/ui/cautions/caution-line';
import { useInUnits } from '@/ui/fields/in-units';
import { HEALTH } from '@/core/cultures';
import { newBatch, useAct } from '@/ui/hands/use-act';
import type { CultureActions } from './culture-actions';

/** Signs of a culture, what each means and what to do; what is seen can be logged, and what is spoiled thrown away. */
export function HealthDialog(props: {
  name: string;
  lotId: string | null;
  massG: number;
  actions: CultureActions;
  onClose: () => void;
}) {
  const { name, lotId, massG, actions, onClose } = props;
  const inUnits = useInUnits();
  const [sign, setSign] = useState(HEALTH[0]?.sign ?? 'slow');
  const { run, busy, refused } = useAct(actions);
  const advice = HEALTH.find((one) => one.sign === sign);
  if (advice === undefined) return null;
  const log = () =>
    run(
      () => actions.logLook({ lotId, batch: newBatch(), found: sign }),
      () => tr`${name}: ${inSentence(advice.name)}, logged.`,
      onClose,
    );
  const throwAway = () =>
    run(
      () => actions.takePart({ lotId, batch: newBatch(), as: 'gone', massG, found: sign }),
      () => tr`${name}: all of it thrown away.`,
      onClose,
    );
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="health-title">
      <DialogTitle id="health-title" component="h2">
        {tr`What do you see in ${name}?`}
      </DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        <ToggleButtonGroup
          exclusive
          value={sign}
          aria-label={tr`Sign`}
          onChange={(_, chosen: typeof sign | null) => {
            if (chosen !== null) setSign(chosen);
          }}
          sx={{ flexWrap: 'wrap' }}
        >
          {HEALTH.map((one) => (
            <ToggleButton key={one.sign} value={one.sign} sx={{ minHeight: 48 }}>
              {one.name}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <Box aria-live="polite" sx={{ display: 'grid', gap: 1 }}>
          <Typography>
            <strong>{tr`Looks like:`}</strong> {advice.looks}.
          </Typography>
          <Typography>
            <strong>{tr`Means:`}</strong> {advice.means}
          </Typography>
          <Typography>
            <strong>{tr`Do:`}</strong> {inUnits(advice.does)}
          </Typography>
        </Box>
        {advice.ends ? (
          <Alert severity="error">
            <CautionLine at="culture" />
          </Alert>
        ) : null}
        {Object.values(refused).map((sentence) => (
          <Alert key={sentence} severity="warning">
            {sentence}
          </Alert>
        ))}
      </DialogContent>
      <DialogActions sx={{ p: 2, gap: 1, flexWrap: 'wrap' }}>
        <Button variant="text" onClick={onClose}>
          {tr`Close`}
        </Button>
        {advice.ends && lotId !== null ? (
          <Button disabled={busy} onClick={throwAway}>
            {tr`Throw all of it away`}
          </Button>
        ) : null}
        {lotId === null ? null : (
          <Button variant="contained" disabled={busy} onClick={log}>
            {tr`Log this sign`}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}

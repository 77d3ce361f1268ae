'use client';

import { tr } from '@/words/tr';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, useTransition } from 'react';
import type { Weights } from '@/core/planner/week';
import { rem } from '@/ui/rem';
import type { PlanActions } from './plan-actions';

/** What each weight is, in points. */
const LABELS: Readonly<Record<keyof Weights, string>> = {
  get odds() {
    return tr`Each per cent that the odds lack`;
  },
  get offPeakHour() {
    return tr`An hour off the leaven’s peak`;
  },
  get nightMoment() {
    return tr`A moment at night`;
  },
  get move() {
    return tr`A move to another place`;
  },
  get discard100G() {
    return tr`100 g thrown away`;
  },
  get trip() {
    return tr`A trip to the kitchen`;
  },
};
const KEYS = Object.keys(LABELS) as (keyof Weights)[];

/** The shop’s own weights for plans, typed over from those that hold now. */
export function WeightsDialog(props: {
  weights: Weights;
  actions: PlanActions;
  onClose: () => void;
  onSaved: () => void;
}) {
  const { weights, actions, onClose, onSaved } = props;
  const [texts, setTexts] = useState(
    () =>
      Object.fromEntries(KEYS.map((key) => [key, String(weights[key])])) as Record<string, string>,
  );
  const [wrong, setWrong] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const save = () => {
    const values = KEYS.map((key) => [key, Number((texts[key] ?? '').replace(',', '.'))] as const);
    const bad = values.find(([, value]) => !(value >= 0 && value <= 1000));
    if (bad !== undefined) {
      return setWrong(
        tr`${LABELS[bad[0]]}: “${texts[bad[0]] ?? ''}” is not possible. Allowed: 0 to 1000.`,
      );
    }
    start(async () => {
      const outcome = await actions.setWish(Object.fromEntries(values));
      if (outcome.ok) onSaved();
      else setWrong(outcome.refusals.map((one) => one.sentence).join(' '));
    });
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="weights-title">
      <DialogTitle id="weights-title">{tr`Weights of your own`}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2, gridTemplateColumns: { sm: '1fr 1fr' } }}>
        <Typography sx={{ gridColumn: '1 / -1', fontSize: rem(15) }}>
          {tr`In points: the plan with the fewest is the best.`}
        </Typography>
        {KEYS.map((key) => (
          <TextField
            key={key}
            name={key}
            label={LABELS[key]}
            value={texts[key] ?? ''}
            onChange={(event) => setTexts({ ...texts, [key]: event.target.value })}
            slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 7 } }}
          />
        ))}
        {wrong === null ? null : (
          <Typography role="alert" sx={{ gridColumn: '1 / -1', fontWeight: 700 }}>
            {wrong}
          </Typography>
        )}
      </DialogContent>
      <DialogActions sx={{ p: 2 }}>
        <Button variant="text" onClick={onClose}>
          {tr`Cancel`}
        </Button>
        <Button variant="contained" disabled={busy} onClick={save}>
          {tr`Weigh plans by these`}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

'use client';

import { tr } from '@/words/tr';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import type { Weights } from '@/core/planner/week';
import { rem } from '@/ui/rem';
import { FormRefusal } from '@/ui/fields/form-frame';
import { useFormFields } from '@/ui/fields/use-form-fields';
import { useSend } from '@/ui/hands/use-send';
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

const textsOf = (weights: Weights) =>
  Object.fromEntries(KEYS.map((key) => [key, String(weights[key])])) as Record<
    keyof Weights,
    string
  >;

/** The shop’s own weights for plans, typed over from those that hold now. */
export function WeightsDialog(props: {
  weights: Weights;
  actions: PlanActions;
  onClose: () => void;
  onSaved: () => void;
}) {
  const { weights, actions, onClose, onSaved } = props;
  const { send, busy, wrong, sentence, setWrong } = useSend();
  const { values: texts, text } = useFormFields(textsOf(weights), wrong, false);
  const save = () => {
    const values = KEYS.map((key) => [key, Number((texts[key] ?? '').replace(',', '.'))] as const);
    const bad = values.find(([, value]) => !(value >= 0 && value <= 1000));
    if (bad !== undefined) {
      const [key] = bad;
      return setWrong({
        [key]: tr`${LABELS[key]}: “${texts[key] ?? ''}” is not possible. Allowed: 0 to 1000.`,
      });
    }
    send(() => actions.setWish(Object.fromEntries(values)), { then: onSaved });
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="weights-title">
      <DialogTitle id="weights-title">{tr`Weights of your own`}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2, gridTemplateColumns: { sm: '1fr 1fr' } }}>
        <Typography sx={{ gridColumn: '1 / -1', fontSize: rem(15) }}>
          {tr`In points: the plan with the fewest is the best.`}
        </Typography>
        {KEYS.map((key) => text(key, LABELS[key], { figures: true, longest: 7 }))}
        <FormRefusal sentence={sentence} />
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

'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { PlanSearch } from '@/shop/plan/search';
import type { DemandRow, PlanView } from '@/server/plan/view';
import { FormRefusal } from '@/ui/fields/form-frame';
import { backInTurn, inTurn, type InTurn } from './in-turn';
import { putBack } from './put-back';
import { useFormFields } from '@/ui/fields/use-form-fields';
import { useSend } from '@/ui/hands/use-send';
import { SpanFields } from '@/ui/fields/span-fields';
import { changedForm, newForm, type DemandForm } from './demand-form';
import type { PlanActions, Stored } from './plan-actions';
import { dayName, onDays, SameOn } from './same-on';
import { SplitOff } from './split-off';

/** "Friday: changed." or "3 services asked for. Not the next: …" */
function storedText(name: string, { all, why }: InTurn<Stored>): string {
  if (all.length === 1 && why === '') {
    return all[0]?.before === null ? tr`${name}: asked for.` : tr`${name}: changed.`;
  }
  return tr`${all.length === 1 ? tr`1 service` : tr`${all.length} services`} asked for.${why === '' ? '' : tr` Not the next: ${why}`}`;
}

/** States a service, or changes one. */
export function DemandDialog(props: {
  view: PlanView;
  /** Null: a new one. */
  demand: DemandRow | null;
  /** The day of it that is looked at, "2026-12-04". */
  day: string | null;
  /** The nearest that fits, to begin with. */
  nearest: PlanSearch['nearest'];
  actions: PlanActions;
  onClose: () => void;
  onSaved: (id: string) => void;
}) {
  const { view, demand, day, nearest, actions, onClose, onSaved } = props;
  const [days, setDays] = useState<readonly number[]>([]);
  const { send, busy, wrong } = useSend();
  const fields = useFormFields<DemandForm>(
    () => (demand === null ? newForm(view) : changedForm(view, demand, nearest)),
    wrong,
  );
  const { values: form, change: set, text, errors } = fields;
  const save = () => {
    const perHour = form.perHour.split(/[\s,;]+/).filter((part) => part !== '');
    const state = (one: DemandForm) => actions.stateDemand({ ...one, perHour });
    send(() => inTurn(onDays(form, days), state), {
      said: (stored) => storedText(form.name.trim(), stored),
      undo: ({ all }) => backInTurn(all, (one) => putBack(one, view, actions)),
      then: ({ all }) => onSaved(all[0]?.id ?? ''),
    });
  };
  const remove = ({ id, name }: DemandRow) =>
    send(() => actions.withdrawDemand(id, true), {
      said: tr`${name}: removed. A bake that is planned for it stays.`,
      undo: () => () => actions.withdrawDemand(id, false),
      then: () => onSaved(id),
    });
  const date = day?.slice(0, 10) ?? null;
  const leaveOut = ({ id, name }: DemandRow, date: string) => {
    const skip = { demandId: id, date };
    send(() => actions.skipDemandDay({ ...skip, skipped: true }), {
      said: tr`${name}: not on ${dayName(date)}.`,
      undo: () => () => actions.skipDemandDay({ ...skip, skipped: false }),
      then: () => onSaved(id),
    });
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="demand-title">
      <DialogTitle id="demand-title">{demand === null ? tr`A service` : demand.name}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2, gridTemplateColumns: { sm: '1fr 1fr' } }}>
        {text('name', tr`Name`)}
        {text('balls', tr`Pizzas`)}
        <SpanFields
          readyFrom={form.readyFrom}
          readyTo={form.readyTo}
          wrong={errors}
          onChange={set}
        />
        {text('perHour', tr`Pizzas in each hour`, {
          hint: tr`such as 8 14 14 8; empty: even`,
          longest: 80,
        })}
        {text('doughs', tr`Doughs`, { hint: tr`more than 1: each for its own stretch` })}
        <FormControlLabel
          control={
            <Checkbox
              checked={form.weekly}
              onChange={(event) => set({ weekly: event.target.checked })}
            />
          }
          label={tr`every week`}
        />
        {demand === null ? (
          <SameOn readyFrom={form.readyFrom} days={days} onChange={setDays} />
        ) : null}
        <SplitOff view={view} demand={demand} actions={actions} onSaved={onSaved} />
        <MethodChoice view={view} chosen={form.methods} onChoose={(methods) => set({ methods })} />
        <FormRefusal sentence={wrong['']} />
      </DialogContent>
      <DialogActions sx={{ p: 2 }}>
        {demand === null ? null : (
          <Button
            variant="text"
            disabled={busy}
            onClick={() => remove(demand)}
            sx={{ mr: 'auto' }}
            data-testid="remove-demand"
          >
            {demand.weekly ? tr`Remove it, every week` : tr`Remove this service`}
          </Button>
        )}
        {demand?.weekly === true && date !== null ? (
          <Button
            variant="text"
            disabled={busy}
            onClick={() => leaveOut(demand, date)}
            data-testid="skip-day"
          >
            {tr`Not on ${dayName(date)}`}
          </Button>
        ) : null}
        <Button variant="text" onClick={onClose}>
          {tr`Cancel`}
        </Button>
        <Button variant="contained" disabled={busy} onClick={save} data-testid="save-demand">
          {demand === null ? tr`Ask for it` : tr`Save`}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function MethodChoice(props: {
  view: PlanView;
  chosen: readonly string[];
  onChoose: (methods: string[]) => void;
}) {
  const { view, chosen, onChoose } = props;
  const toggle = (key: string) =>
    onChoose(chosen.includes(key) ? chosen.filter((one) => one !== key) : [...chosen, key]);
  return (
    <Box sx={{ gridColumn: '1 / -1' }}>
      <Typography variant="body2" color="text.secondary">
        {tr`Methods that will do; none marked: any of them`}
      </Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: { sm: '1fr 1fr' } }}>
        {view.methods.map((one) => (
          <FormControlLabel
            key={one.key}
            control={
              <Checkbox checked={chosen.includes(one.key)} onChange={() => toggle(one.key)} />
            }
            label={one.method.name}
          />
        ))}
      </Box>
    </Box>
  );
}

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
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, useTransition } from 'react';
import type { PlanSearch } from '@/shop/plan/search';
import type { DemandRow, PlanView } from '@/server/plan/view';
import { useAskAnew } from '@/ui/ask-anew';
import { useSay } from '@/ui/snack';
import { SpanFields } from '@/ui/fields/span-fields';
import { changedForm, newForm, type DemandForm } from './demand-form';
import { askForAll } from './ask-for-all';
import type { PlanActions } from './plan-actions';
import { dayName, onDays, SameOn } from './same-on';
import { SplitOff } from './split-off';

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
  const [form, setForm] = useState(() =>
    demand === null ? newForm(view) : changedForm(view, demand, nearest),
  );
  const [days, setDays] = useState<readonly number[]>([]);
  const [wrong, setWrong] = useState<Readonly<Record<string, string>>>({});
  const [busy, start] = useTransition();
  const say = useSay();
  const askAnew = useAskAnew();
  const set = (changes: Partial<DemandForm>) => setForm((before) => ({ ...before, ...changes }));
  const save = () =>
    start(async () => {
      const perHour = form.perHour.split(/[\s,;]+/).filter((part) => part !== '');
      const asked = await askForAll(onDays(form, days), perHour, actions);
      const [first] = asked.ids;
      if (first === undefined) return setWrong(asked.refused ?? {});
      if (days.length > 0) {
        const why = Object.values(asked.refused ?? {}).join(' ');
        say({
          text: tr`${asked.ids.length === 1 ? tr`1 service` : tr`${asked.ids.length} services`} asked for.${why === '' ? '' : tr` Not the next: ${why}`}`,
          action: { label: tr`Undo`, run: () => void takeBack(asked.ids) },
        });
      }
      onSaved(first);
    });
  const takeBack = async (ids: readonly string[]) => {
    for (const id of ids) await actions.withdrawDemand(id, true);
    askAnew();
  };
  const remove = () =>
    start(async () => {
      if (demand === null) return;
      const outcome = await actions.withdrawDemand(demand.id, true);
      if (!outcome.ok) {
        return setWrong({ '': outcome.refusals.map((one) => one.sentence).join(' ') });
      }
      say({
        text: tr`${demand.name}: removed. A bake that is planned for it stays.`,
        action: {
          label: tr`Undo`,
          run: () => void actions.withdrawDemand(demand.id, false).then(askAnew),
        },
      });
      onSaved(demand.id);
    });
  const date = day?.slice(0, 10) ?? null;
  const leaveOut = () =>
    start(async () => {
      if (demand === null || date === null) return;
      const skip = { demandId: demand.id, date };
      const outcome = await actions.skipDemandDay({ ...skip, skipped: true });
      if (!outcome.ok) {
        return setWrong({ '': outcome.refusals.map((one) => one.sentence).join(' ') });
      }
      say({
        text: tr`${demand.name}: not on ${dayName(date)}.`,
        action: {
          label: tr`Undo`,
          run: () => void actions.skipDemandDay({ ...skip, skipped: false }).then(askAnew),
        },
      });
      onSaved(demand.id);
    });
  const text = (name: 'name' | 'balls' | 'perHour' | 'doughs', label: string, hint = '') => (
    <TextField
      name={name}
      label={label}
      value={form[name]}
      onChange={(event) => set({ [name]: event.target.value })}
      error={wrong[name] !== undefined}
      helperText={wrong[name] ?? hint}
      slotProps={{ htmlInput: { maxLength: 80 } }}
    />
  );
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="demand-title">
      <DialogTitle id="demand-title">{demand === null ? tr`A service` : demand.name}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2, gridTemplateColumns: { sm: '1fr 1fr' } }}>
        {text('name', tr`Name`)}
        {text('balls', tr`Pizzas`)}
        <SpanFields
          readyFrom={form.readyFrom}
          readyTo={form.readyTo}
          wrong={wrong}
          onChange={set}
        />
        {text('perHour', tr`Pizzas in each hour`, tr`such as 8 14 14 8; empty: even`)}
        {text('doughs', tr`Doughs`, tr`more than 1: each for its own stretch`)}
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
        {wrong[''] === undefined ? null : <Typography role="alert">{wrong['']}</Typography>}
      </DialogContent>
      <DialogActions sx={{ p: 2 }}>
        {demand === null ? null : (
          <Button
            variant="text"
            disabled={busy}
            onClick={remove}
            sx={{ mr: 'auto' }}
            data-testid="remove-demand"
          >
            {demand.weekly ? tr`Remove it, every week` : tr`Remove this service`}
          </Button>
        )}
        {demand?.weekly === true && date !== null ? (
          <Button variant="text" disabled={busy} onClick={leaveOut} data-testid="skip-day">
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

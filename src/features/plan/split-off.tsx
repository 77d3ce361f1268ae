'use client';

import { tr, trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { DemandRow, PlanView } from '@/server/plan/view';
import { useSend } from '@/ui/hands/use-send';
import { putBack } from './put-back';
import type { PlanActions } from './plan-actions';

interface About {
  view: PlanView;
  demand: DemandRow;
  actions: PlanActions;
  onSaved: (id: string) => void;
}

/** Some of the pizzas as a service of their own: for other hours, another method, other hands. Nothing of a new service. */
export function SplitOff({
  demand,
  ...about
}: Omit<About, 'demand'> & { demand: DemandRow | null }) {
  return demand === null ? null : <Split demand={demand} {...about} />;
}

function Split(props: About) {
  const { view, demand, actions, onSaved } = props;
  const [balls, setBalls] = useState('');
  const { send, busy, sentence } = useSend();
  const split = () =>
    send(() => actions.splitDemand({ demandId: demand.id, balls }), {
      said: tr`${demand.name}: ${balls} split off, a service of their own.`,
      undo:
        ({ id, before }) =>
        async () => {
          const gone = await actions.withdrawDemand(id, true);
          return gone.ok ? putBack({ id: before.id, before }, view, actions) : gone;
        },
      then: ({ id }) => onSaved(id),
    });
  const always = demand.weekly ? tr`, every week` : '';
  return (
    <Box sx={{ gridColumn: '1 / -1', display: 'flex', gap: 1, alignItems: 'start' }}>
      <TextField
        name="splitOff"
        label={tr`Split off, pizzas`}
        value={balls}
        onChange={(event) => setBalls(event.target.value)}
        error={sentence !== null}
        helperText={sentence ?? tr`a service of their own${trOf(always)}, to be changed by itself`}
        slotProps={{ htmlInput: { inputMode: 'numeric', maxLength: 8 } }}
        sx={{ flex: 1 }}
      />
      <Button size="small" disabled={busy || balls.trim() === ''} onClick={split} sx={{ mt: 1.5 }}>
        {tr`Split`}
      </Button>
    </Box>
  );
}

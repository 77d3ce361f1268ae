'use client';

import { tr } from '@/words/tr';
import Add from '@mui/icons-material/Add';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { ChangedService, PlanSearch } from '@/shop/plan/search';
import type { PlanView } from '@/server/plan/view';
import type { WeekService } from '@/server/plan/week-services';
import { DemandDialog } from './demand-dialog';
import type { PlanActions } from './plan-actions';
import { PlanSide } from './plan-side';
import { type usePlan } from './use-plan';
import { WeekDialog } from './week-dialog';

/** What a service that nobody asked for yet begins with. */
const NEW_SERVICE = { demand: null, day: null, nearest: null };

/** What the service that is looked at begins with when it is changed. */
const changeOf = (view: PlanView, service: WeekService | null, answer: PlanSearch | null) => ({
  demand: view.demands.find((one) => one.id === service?.demandId) ?? null,
  day: service?.date ?? null,
  nearest: answer?.nearest ?? null,
});

/** What changed, what is in the way, and services to ask for or change. */
export function Aside(props: {
  view: PlanView;
  actions: PlanActions;
  plan: ReturnType<typeof usePlan>;
  /** What was chosen to be asked for instead: the service opens changed to it. */
  instead: ChangedService | null;
  onClosed: () => void;
}) {
  const { view, actions, plan, instead, onClosed } = props;
  const { service, search } = plan;
  const [asking, setAsking] = useState<'new' | 'change' | null>(instead === null ? null : 'change');
  const close = () => {
    setAsking(null);
    onClosed();
  };
  const changing = {
    ...changeOf(view, service, search.answer),
    ...(instead === null ? {} : { nearest: instead }),
  };
  const [together, setTogether] = useState(false);
  const open = view.services.filter((one) => one.state === 'open');
  return (
    <Box>
      <PlanSide
        view={view}
        search={service?.state === 'open' ? search.answer : null}
        onNearest={() => setAsking('change')}
        onFeeds={plan.planFeeds}
      />
      <Box sx={{ p: 2, display: 'grid', gap: 1 }}>
        {changing.demand === null ? null : (
          <Button onClick={() => setAsking('change')}>{tr`Change this service`}</Button>
        )}
        {open.length < 2 ? null : (
          <Button onClick={() => setTogether(true)} data-testid="plan-all">
            {tr`Plan all ${open.length} open ones`}
          </Button>
        )}
        <Button startIcon={<Add />} onClick={() => setAsking('new')} data-testid="new-demand">
          {tr`Ask for a service`}
        </Button>
      </Box>
      {together ? (
        <WeekDialog
          view={view}
          services={open}
          actions={actions}
          onClose={() => setTogether(false)}
          onTaken={() => {
            setTogether(false);
            plan.askAnew();
          }}
        />
      ) : null}
      {asking === null ? null : (
        <DemandDialog
          view={view}
          {...(asking === 'change' ? changing : NEW_SERVICE)}
          actions={actions}
          onClose={close}
          onSaved={() => {
            close();
            plan.askAnew();
          }}
        />
      )}
    </Box>
  );
}

export function NoService() {
  return (
    <Box sx={{ p: 3 }}>
      <Typography variant="h2">{tr`No service in this week`}</Typography>
      <Typography>
        {tr`Ask for a service: how many pizzas, from when to when. Olvik finds the plans that have its dough ready, side by side.`}
      </Typography>
    </Box>
  );
}

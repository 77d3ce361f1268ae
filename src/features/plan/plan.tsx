'use client';

import { tr } from '@/words/tr';
import Add from '@mui/icons-material/Add';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { ChangedService, PlanSearch } from '@/shop/plan/search';
import type { PlanView, WeekService } from '@/server/plan/view';
import { clockText, dateText } from '@/ui/format';
import { useWidth } from '@/ui/use-width';
import { ViewFrame } from '@/ui/view-frame';
import { DemandDialog } from './demand-dialog';
import type { PlanActions } from './plan-actions';
import { PlanSide } from './plan-side';
import { PlanTells } from './plan-tells';
import { PlannedService } from './planned-service';
import { laddersAcross, SideBySide } from './side-by-side';
import { usePlan } from './use-plan';
import { usePlanKeys } from './use-plan-keys';
import { WeekDialog } from './week-dialog';
import { useOdds } from '@/ui/odds/use-odds';
import { WeekStrip } from './week-strip';

/** The week, and the plans of one service side by side. */
export function Plan(props: { view: PlanView; actions: PlanActions; opened: string | null }) {
  const { view, actions, opened } = props;
  const plan = usePlan(view, actions, opened);
  const { units, nowMs, shopName } = view;
  return (
    <ViewFrame
      title={tr`Plan`}
      subtitle={`${shopName} · ${dateText(nowMs, units.timeZone)}`}
      clock={clockText(nowMs, units.timeZone)}
      aside={
        <PlanTells
          view={view}
          service={plan.service}
          search={plan.search.answer}
          actions={actions}
        />
      }
    >
      <PlanBody view={view} actions={actions} plan={plan} />
    </ViewFrame>
  );
}

const SIDE_PX = 258;
const BESIDE_FROM_PX = 900;
const START = { page: 0, chosen: 0, rung: -1 };

function PlanBody(props: {
  view: PlanView;
  actions: PlanActions;
  plan: ReturnType<typeof usePlan>;
}) {
  const { view, actions, plan } = props;
  const { service, search } = plan;
  const { ref, width } = useWidth(1280);
  const [at, setAt] = useState(START);
  const [instead, setInstead] = useState<ChangedService | null>(null);
  const beside = width >= BESIDE_FROM_PX;
  const roomPx = width - (beside ? SIDE_PX : 0);
  const ladders = search.answer?.shown ?? [];
  const services = useOdds(view.services);
  const select = (one: WeekService) => {
    plan.select(one);
    setAt(START);
  };
  usePlanKeys({
    service: (by) => {
      const index = view.services.findIndex((one) => one.key === service?.key);
      const next = view.services[index + by];
      if (next !== undefined) select(next);
    },
    plan: (index) =>
      setAt({ page: Math.floor(index / laddersAcross(roomPx)), chosen: index, rung: -1 }),
    moment: (by) => {
      const most = (ladders[at.chosen]?.rungs.length ?? 0) - 1;
      setAt((one) => ({ ...one, rung: Math.min(most, Math.max(0, one.rung + by)) }));
    },
    take: () => {
      const ladder = ladders[at.chosen];
      if (ladder !== undefined && !plan.busy) plan.take(ladder);
    },
  });
  return (
    <Box ref={ref} sx={{ display: 'flex', flexDirection: 'column', flex: 1, minWidth: 0 }}>
      <WeekStrip
        view={{ ...view, services }}
        width={width}
        selectedKey={service?.key ?? null}
        onSelect={select}
      />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: beside ? `minmax(0, 1fr) ${SIDE_PX}px` : 'minmax(0, 1fr)',
          flex: 1,
        }}
      >
        <Box sx={{ minWidth: 0, borderRight: beside ? '2px solid var(--line)' : 0 }}>
          {service?.state === 'open' ? (
            <SideBySide
              key={service.key}
              view={view}
              service={service}
              search={search}
              width={roomPx}
              page={at.page}
              onPage={(page) => setAt({ ...START, page })}
              chosen={at.chosen}
              rung={at.rung}
              busy={plan.busy}
              onTake={plan.take}
              holding={plan.holding}
              onInstead={setInstead}
            />
          ) : (
            <NotOpen view={view} service={service} actions={actions} onReplanned={plan.setKey} />
          )}
        </Box>
        <Aside
          key={instead === null ? '' : `${instead.name} ${instead.laterMs}`}
          view={view}
          actions={actions}
          plan={plan}
          instead={instead}
          onClosed={() => setInstead(null)}
        />
      </Box>
    </Box>
  );
}

function NotOpen(props: {
  view: PlanView;
  service: WeekService | null;
  actions: PlanActions;
  onReplanned: (bakeId: string) => void;
}) {
  const { view, service, actions, onReplanned } = props;
  if (service === null) return <NoService />;
  return (
    <PlannedService view={view} service={service} actions={actions} onReplanned={onReplanned} />
  );
}

/** What a service that nobody asked for yet begins with. */
const NEW_SERVICE = { demand: null, day: null, nearest: null };

/** What the service that is looked at begins with when it is changed. */
const changeOf = (view: PlanView, service: WeekService | null, answer: PlanSearch | null) => ({
  demand: view.demands.find((one) => one.id === service?.demandId) ?? null,
  day: service?.date ?? null,
  nearest: answer?.nearest ?? null,
});

/** What changed, what is in the way, and services to ask for or change. */
function Aside(props: {
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

function NoService() {
  return (
    <Box sx={{ p: 3 }}>
      <Typography variant="h2">{tr`No service in this week`}</Typography>
      <Typography>
        {tr`Ask for a service: how many pizzas, from when to when. Olvik finds the plans that have its dough ready, side by side.`}
      </Typography>
    </Box>
  );
}

'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import { useState } from 'react';
import type { ChangedService } from '@/shop/plan/search';
import type { PlanView } from '@/server/plan/view';
import type { WeekService } from '@/server/plan/week-services';
import { clockText, dateText } from '@/ui/format';
import { useWidth } from '@/ui/use-width';
import { ViewFrame } from '@/ui/view-frame';
import type { PlanActions } from './plan-actions';
import { PlanTells } from './plan-tells';
import { PlannedService } from './planned-service';
import { laddersAcross, SideBySide } from './side-by-side';
import { usePlan } from './use-plan';
import { usePlanKeys } from './use-plan-keys';
import { useOdds } from '@/ui/odds/use-odds';
import { WeekStrip } from './week-strip';
import { Aside, NoService } from './plan-aside';

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

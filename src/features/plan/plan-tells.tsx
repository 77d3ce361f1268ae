'use client';

import { tr, trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { WISHES } from '@/core/planner/week';
import type { PlanSearch } from '@/shop/plan/search';
import type { PlanView } from '@/server/plan/view';
import type { WeekService } from '@/server/plan/week-services';
import { useAskAnew } from '@/ui/ask-anew';
import { clockText, dayText, momentText, weekDateText } from '@/ui/format';
import { TellsList, type PlainTell } from '@/ui/tells-list';
import { useSend } from '@/ui/hands/use-send';
import type { PlanActions } from './plan-actions';
import { WeightsDialog } from './weights-dialog';

/** What plans are weighed by, as a baker says it. */
const WISH_NAMES: Readonly<Record<string, string>> = {
  get 'sure dough'() {
    return tr`safest dough`;
  },
  get sleep() {
    return tr`whole nights`;
  },
  get 'little waste'() {
    return tr`least waste`;
  },
};

/** The header of the Plan: the service, until when to choose, how much is planned, and what plans are weighed by. */
export function PlanTells(props: {
  view: PlanView;
  service: WeekService | null;
  search: PlanSearch | null;
  actions: PlanActions;
}) {
  const { view, service, search, actions } = props;
  return (
    <Box
      sx={{
        display: 'flex',
        flex: { xs: '1 0 100%', md: 1 },
        minWidth: 0,
        flexWrap: 'wrap',
        alignItems: 'center',
      }}
    >
      <TellsList tells={tellsOf(view, service, search)} />
      <WeighedFor view={view} actions={actions} />
    </Box>
  );
}

const waysText = (count: number) => (count === 1 ? tr`1 way` : tr`${count} ways`);

function tellsOf(
  view: PlanView,
  service: WeekService | null,
  search: PlanSearch | null,
): PlainTell[] {
  const { nowMs, units, services } = view;
  const ahead = services.filter((one) => one.toMs > nowMs);
  const planned = ahead.filter((one) => one.state !== 'open').length;
  const closed = view.days.filter((day) => day.closed).length;
  return [
    service === null
      ? { ask: tr`Service`, says: tr`none`, detail: tr`ask for one` }
      : {
          ask: `${weekDateText(service.fromMs, units.timeZone)}, ${clockText(service.fromMs, units.timeZone)}–${clockText(service.toMs, units.timeZone)}`,
          says: tr`${service.balls} pizzas${search === null ? '' : `, ${waysText(search.shown.length)}`}`,
          detail:
            service.state === 'open'
              ? tr`${service.name}: none taken yet`
              : `${service.name}: ${trOf(service.state)}`,
        },
    chooseBy(view, service, search),
    {
      ask: tr`Services planned`,
      says: tr`${planned} of ${ahead.length}`,
      detail: closed === 0 ? tr`open all week` : tr`closed ${closedDays(view)}`,
    },
  ];
}

/** The hour up to which all its methods can still begin, as the Tide says it, and when the best that was found begins. */
function chooseBy(
  { unplanned, nowMs, units }: PlanView,
  service: WeekService | null,
  search: PlanSearch | null,
): PlainTell {
  const ask = tr`Choose by`;
  const at = (atMs: number) => momentText(atMs, nowMs, units.timeZone);
  const planBy = unplanned.find((one) => one.key === service?.key)?.planBy ?? null;
  const bestMs = search?.shown.find((one) => one.key === search.bestKey)?.rungs[0]?.atMs;
  if (planBy === null) {
    return bestMs === undefined
      ? { ask, says: '–', detail: tr`no plan to choose` }
      : { ask, says: at(bestMs), detail: tr`then the best is too late` };
  }
  return {
    ask,
    says: at(planBy.atMs),
    detail:
      bestMs === undefined
        ? tr`then ${planBy.method} is too late`
        : tr`the best begins ${at(bestMs)}`,
  };
}

function closedDays(view: PlanView): string {
  return view.days
    .filter((day) => day.closed)
    .map((day) => dayText(day.fromMs, view.units.timeZone))
    .join(', ');
}

function WeighedFor({ view, actions }: { view: PlanView; actions: PlanActions }) {
  const { send } = useSend('notice');
  const askAnew = useAskAnew();
  const [weighing, setWeighing] = useState(false);
  const wish = typeof view.wish === 'string' ? view.wish : own();
  const choose = (value: string) => {
    if (value === own()) setWeighing(true);
    else send(() => actions.setWish(value));
  };
  return (
    <Box sx={{ width: 170, px: 1.25, borderLeft: '2px solid var(--line)' }}>
      <Typography variant="caption" component="p" color="text.secondary">
        {tr`Priority`}
      </Typography>
      <Priority wish={wish} onChoose={choose} />
      {wish === own() ? (
        <Button size="small" variant="text" onClick={() => setWeighing(true)}>
          {tr`Change them`}
        </Button>
      ) : null}
      {weighing ? (
        <WeightsDialog
          weights={view.facts.weights}
          actions={actions}
          onClose={() => setWeighing(false)}
          onSaved={() => {
            setWeighing(false);
            askAnew();
          }}
        />
      ) : null}
    </Box>
  );
}

function Priority({ wish, onChoose }: { wish: string; onChoose: (value: string) => void }) {
  return (
    <TextField
      select
      name="wish"
      value={wish}
      onChange={(event) => onChoose(event.target.value)}
      slotProps={{ select: { native: true }, htmlInput: { 'aria-label': tr`Priority` } }}
    >
      {[...Object.keys(WISHES), own()].map((one) => (
        <option key={one} value={one}>
          {WISH_NAMES[one] ?? one}
        </option>
      ))}
    </TextField>
  );
}
const own = () => tr`own weights`;

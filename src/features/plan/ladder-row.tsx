import Box from '@mui/material/Box';
import type { PlanView } from '@/server/plan/view';
import type { WeekService } from '@/server/plan/week-services';
import type { Ladder } from '@/shop/plan/ladder';
import type { LadderClock } from './ladder-clock';
import { ClockColumn, LadderPicture } from './ladders';
import { NightBands } from './night-bands';
import { RungHours } from './rung-hours';
import type { Holding } from './use-held-hours';

/** The ladders of a service on one clock, the nights behind them; the hours of each can be held. */
export function LadderRow(props: {
  view: PlanView;
  service: WeekService;
  shown: readonly Ladder[];
  clock: LadderClock;
  /** Of one ladder, px. */
  width: number;
  /** The rung that the keys have come to, in which of the shown ladders. */
  lit: { readonly index: number; readonly rung: number };
  onHold: Holding['hold'];
}) {
  const { view, service, shown, clock, width, lit, onHold } = props;
  const { units, nowMs, worked } = view;
  const firstMs = Math.min(service.fromMs, ...shown.map((one) => one.rungs[0]?.atMs ?? Infinity));
  const at = { clock, units, readyFromMs: service.fromMs };
  return (
    <Box
      sx={{
        gridColumn: '1 / -1',
        position: 'relative',
        display: 'grid',
        gridTemplateColumns: 'subgrid',
        borderBottom: '2px solid var(--ink)',
      }}
    >
      <NightBands clock={clock} worked={worked} fromMs={firstMs} toMs={service.fromMs} />
      <Box sx={{ background: 'var(--dry)', mixBlendMode: 'normal' }}>
        <ClockColumn clock={clock} units={units} service={service} />
      </Box>
      {shown.map((ladder, index) => (
        <Box
          key={ladder.key}
          sx={{ borderLeft: '2px solid var(--line)', minWidth: 0, position: 'relative' }}
        >
          <LadderPicture
            {...at}
            ladder={ladder}
            width={width}
            nowMs={nowMs}
            rung={index === lit.index ? lit.rung : -1}
          />
          <RungHours {...at} ladder={ladder} onHold={(of, atMs) => onHold(ladder, of, atMs)} />
        </Box>
      ))}
    </Box>
  );
}

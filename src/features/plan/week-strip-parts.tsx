'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import type { PlanView } from '@/server/plan/view';
import type { WeekService } from '@/server/plan/week-services';
import { chanceText } from '@/ui/odds/odds-text';
import { rem } from '@/ui/rem';

export const HEIGHT = 124;
export const LABELS_PX = 104;
export const BASE_Y = 88;
export const HANDS_Y = 99;
export const GAUGE = { y: 106, height: 16 } as const;

/** Where an instant, ms, stands across, px. */
export type X = (atMs: number) => number;

/** The nights behind the week. */
export function Nights({ view, x }: { view: PlanView; x: X }) {
  return view.worked.slice(1).map((span, i) => {
    const before = view.worked[i];
    if (before === undefined) return null;
    const width = x(span.fromMs) - x(before.toMs);
    return (
      <rect
        key={span.fromMs}
        x={x(before.toMs)}
        width={Math.max(0, width)}
        height={HEIGHT}
        fill="var(--night)"
      />
    );
  });
}

/** How full the fullest place is. */
export function Gauge({ view, x }: { view: PlanView; x: X }) {
  const { fullest } = view;
  if (fullest === null) return null;
  const { fromMs, stepMs, load, capacityL } = fullest;
  return (
    <g>
      {load.map((litres, i) => {
        const share = Math.min(1, litres / capacityL);
        const at = fromMs + i * stepMs;
        return (
          <rect
            key={at}
            x={x(at)}
            width={x(at + stepMs) - x(at) + 0.5}
            y={GAUGE.y + GAUGE.height * (1 - share)}
            height={GAUGE.height * share}
            fill={litres > capacityL ? 'var(--ink)' : 'var(--water)'}
          />
        );
      })}
    </g>
  );
}

/** A service as an arch to be pressed. */
export function ArchButton(props: {
  service: WeekService;
  at: { x: number; width: number; height: number; labelRight: boolean };
  selected: boolean;
  day: string;
  onSelect: () => void;
}) {
  const { service, at, selected, day, onSelect } = props;
  const { state, odds, balls } = service;
  const says = state === 'baked' ? tr`baked` : odds === null ? tr`no plan` : chanceText(odds);
  const touch = Math.max(44, at.width);
  return (
    <Box
      component="button"
      type="button"
      aria-pressed={selected}
      aria-label={tr`${balls} ${service.changed ? '▼ ' : ''}${says}, pizzas: ${day} ${service.name}`}
      data-testid={`service-${service.state}`}
      onClick={onSelect}
      sx={{
        position: 'absolute',
        left: at.x - touch / 2,
        top: BASE_Y - 60,
        width: touch,
        height: 62,
        p: 0,
        border: 0,
        background: 'none',
        color: 'var(--ink)',
        font: 'inherit',
        cursor: 'pointer',
      }}
    >
      <Box
        component="span"
        sx={{
          position: 'absolute',
          left: (touch - at.width) / 2,
          bottom: 0,
          width: at.width,
          height: at.height,
          borderRadius: '50% 50% 0 0 / 60% 60% 0 0',
          border: `2px ${state === 'open' ? 'dashed' : 'solid'} var(--ink)`,
          borderBottom: 0,
          background: state === 'baked' ? 'var(--dry)' : 'var(--lamp)',
          display: 'grid',
          placeItems: 'end center',
          fontWeight: 700,
          fontSize: rem(16),
          lineHeight: 1.5,
        }}
      >
        {balls}
      </Box>{' '}
      {at.labelRight ? (
        <Box
          component="span"
          sx={{
            position: 'absolute',
            left: (touch + at.width) / 2 + 3,
            bottom: 1,
            fontSize: rem(13),
            whiteSpace: 'nowrap',
            textShadow: '0 0 3px var(--paper), 0 0 3px var(--paper), 0 0 3px var(--paper)',
          }}
        >
          {service.changed ? '▼ ' : ''}
          {says}
        </Box>
      ) : null}
    </Box>
  );
}

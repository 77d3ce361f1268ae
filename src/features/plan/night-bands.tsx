'use client';

import Box from '@mui/material/Box';
import type { LadderClock } from './ladder-clock';

/** Hours at which nobody is in, across all ladders. */
export function NightBands(props: {
  clock: LadderClock;
  worked: readonly { readonly fromMs: number; readonly toMs: number }[];
  fromMs: number;
  toMs: number;
}) {
  const { clock, worked, fromMs, toMs } = props;
  const nights = worked.slice(1).flatMap((span, i) => {
    const start = Math.max(fromMs, worked[i]?.toMs ?? span.fromMs);
    const end = Math.min(toMs, span.fromMs);
    return end > start ? [{ start, end }] : [];
  });
  return nights.map(({ start, end }) => (
    <Box
      key={start}
      aria-hidden="true"
      sx={{
        position: 'absolute',
        left: 0,
        right: 0,
        top: clock.y(start),
        height: Math.max(2, clock.y(end) - clock.y(start)),
        background: 'var(--night)',
        pointerEvents: 'none',
      }}
    />
  ));
}

'use client';

import { tr } from '@/words/tr';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useTransition } from 'react';
import type { TideView } from '@/server/tide';
import { useAskAnew } from '@/ui/ask-anew';
import type { HandsActions } from '@/ui/hands/actions';

const RATES = [1, 10, 60];

/** The demo shop’s clock: at real speed, or fast enough to watch strands grow. */
export function DemoClockControl(props: {
  clock: TideView['clock'];
  setRate: HandsActions['setDemoRate'];
}) {
  const { clock, setRate } = props;
  const { rate } = clock;
  const askAnew = useAskAnew();
  const [busy, start] = useTransition();
  if (!clock.demo || rate === 0) return null;
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      aria-label={tr`Speed of the demo clock`}
      value={rate}
      disabled={busy}
      onChange={(_, value: number | null) => {
        if (value === null) return;
        start(async () => {
          await setRate(value);
          askAnew();
        });
      }}
      sx={{ position: 'absolute', right: 12, bottom: 12, background: 'var(--paper)' }}
    >
      {RATES.map((value) => (
        <ToggleButton key={value} value={value} sx={{ minHeight: 44, minWidth: 48 }}>
          ×{value}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}

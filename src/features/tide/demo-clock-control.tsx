'use client';

import { tr } from '@/words/tr';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { TideView } from '@/server/tide';
import type { HandsActions } from '@/ui/hands/actions';
import { useSend } from '@/ui/hands/use-send';

const RATES = [1, 10, 60];

/** The demo shop’s clock: at real speed, or fast enough to watch strands grow. */
export function DemoClockControl(props: {
  clock: TideView['clock'];
  setRate: HandsActions['setDemoRate'];
}) {
  const { clock, setRate } = props;
  const { rate } = clock;
  const { send, busy } = useSend('notice');
  if (!clock.demo || rate === 0) return null;
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      aria-label={tr`Speed of the demo clock`}
      value={rate}
      disabled={busy}
      onChange={(_, value: number | null) => {
        if (value !== null) send(() => setRate(value));
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

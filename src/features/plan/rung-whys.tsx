'use client';

import ButtonBase from '@mui/material/ButtonBase';
import { useState } from 'react';
import type { ShopUnits } from '@/core/units';
import type { Ladder, Rung } from '@/shop/plan/ladder';
import { clockText } from '@/ui/format';
import { WhyPopover } from '@/ui/panels/why-hour';
import type { LadderClock } from './ladder-clock';

const HIGH = 30;

/** Over the hours of a ladder: each can be tapped for why it is there. */
export function RungWhys(props: {
  ladder: Ladder;
  clock: LadderClock;
  units: ShopUnits;
  /** Hours from here on are told in one line under the bake. */
  readyFromMs: number;
}) {
  const { ladder, clock, units, readyFromMs } = props;
  const [asked, setAsked] = useState<{ rung: Rung; anchor: HTMLElement } | null>(null);
  const told = ladder.rungs.filter((one) => one.why.length > 0 && one.atMs < readyFromMs);
  return (
    <>
      {told.map((rung) => (
        <ButtonBase
          key={`${rung.atMs} ${rung.title}`}
          aria-label={`${ladder.name}, ${clockText(rung.atMs, units.timeZone)} ${rung.title}: why this hour`}
          onClick={({ currentTarget }) => setAsked({ rung, anchor: currentTarget })}
          sx={{
            position: 'absolute',
            left: 2,
            right: 2,
            top: clock.y(rung.atMs) - HIGH / 2,
            height: HIGH,
            borderRadius: '6px',
            '&:hover': { background: 'color-mix(in srgb, var(--lamp) 40%, transparent)' },
          }}
        />
      ))}
      <WhyPopover
        reasons={asked?.rung.why ?? []}
        units={units}
        anchor={asked?.anchor ?? null}
        onClose={() => setAsked(null)}
      />
    </>
  );
}

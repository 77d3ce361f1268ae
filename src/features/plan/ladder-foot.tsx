'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ShopUnits } from '@/core/units';
import type { Ladder } from '@/shop/plan/ladder';
import { clockText, massText, percentText, spanText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { Grains } from './grains';
import type { PlanCosts } from '@/core/planner/week';

/** Under a ladder: the odds in figures and grains, what it costs, and the act. */
export function LadderFoot(props: {
  ladder: Ladder;
  units: ShopUnits;
  best: boolean;
  busy: boolean;
  onTake: () => void;
}) {
  const { ladder, units, best, busy, onTake } = props;
  const { odds, costs, broken } = ladder;
  const clock = (atMs: number | null | undefined) =>
    atMs == null ? '…' : clockText(atMs, units.timeZone);
  const [window] = ladder.windows;
  const last = odds.halfHours.at(-1);
  return (
    <Box sx={{ px: 1.5, pt: 0.5, pb: 1, display: 'flex', flexDirection: 'column', gap: 0.25 }}>
      <Peaks ladder={ladder} window={window} clock={clock} last={last} />
      <Hands costs={costs} units={units} />
      <Button
        variant={best ? 'contained' : 'outlined'}
        size="large"
        disabled={busy}
        onClick={onTake}
        data-testid={best ? 'take-best' : 'take-plan'}
      >
        {broken.length === 0 ? tr`Take this plan` : tr`Take it all the same`}
      </Button>
    </Box>
  );
}

function Peaks(props: {
  ladder: Ladder;
  window: Ladder['windows'][number] | undefined;
  clock: (atMs: number | null | undefined) => string;
  last: Ladder['odds']['halfHours'][number] | undefined;
}) {
  const { ladder, window, clock, last } = props;
  const { odds } = ladder;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
      <Chance
        share={ladder.windows.length === 0 ? null : odds.leaven}
        says={ladder.windows.length === 0 ? tr`no leaven to ripen` : tr`leaven ripe at the mix`}
        detail={window === undefined ? '' : `${clock(window.opensMs)}–${clock(window.closesMs)}`}
      />
      <Chance
        share={odds.service}
        says={tr`balls ready to ${clock(last?.toMs)}`}
        detail={tr`${percentText(last?.ready ?? 0, 0)} in the last ½ h`}
      />
    </Box>
  );
}

function Hands({ costs, units }: { costs: PlanCosts; units: ShopUnits }) {
  return (
    <Typography variant="body2" sx={{ display: 'flex', justifyContent: 'space-between' }}>
      <span>
        {tr`hands `}
        <b>{spanText(costs.handsMin * 60_000)}</b>
      </span>
      <span>
        {tr`night `}
        <b>{costs.nightMoments}</b>
      </span>
      <span>
        {tr`discard `}
        <b>{massText(costs.discardG, units)}</b>
      </span>
    </Typography>
  );
}

function Chance(props: { share: number | null; says: string; detail: string }) {
  return (
    <Box sx={{ minWidth: 0 }}>
      <Typography component="p" sx={{ fontSize: rem(25), fontWeight: 700, lineHeight: 1.1 }}>
        {props.share === null ? '–' : percentText(props.share, 0)}
      </Typography>
      <Grains share={props.share ?? 0} />
      <Typography variant="caption" component="p" noWrap sx={{ lineHeight: 1.3 }}>
        {props.says}
      </Typography>
      <Typography variant="caption" component="p" noWrap sx={{ lineHeight: 1.3 }}>
        {props.detail}
      </Typography>
    </Box>
  );
}

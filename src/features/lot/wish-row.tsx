'use client';

import { inSentence, tr, trOf } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import type { Inversion, WhatIfBase, WhatIfHandles, Wish } from '@/core/forecast';
import { addHours, fromLocalText, hoursBetween, toLocalText, type ShopUnits } from '@/core/units';
import { useCompute } from '@/ui/compute/use-compute';
import { momentText } from '@/ui/format';
import { WallTimeField } from '@/ui/fields/wall-time-field';
import { rem } from '@/ui/rem';

/** One handle that a wish may turn. */
export interface Turn extends Omit<Wish, 'wantedH'> {
  readonly label: string;
  /** A value in words. */
  readonly text: (value: number) => string;
}

interface WishRowProps {
  readonly base: WhatIfBase;
  readonly handles: WhatIfHandles;
  /** The moment of the base. */
  readonly fromMs: number;
  readonly firstWishMs: number;
  readonly nowMs: number;
  readonly units: ShopUnits;
  readonly turns: readonly Turn[];
  readonly onAdopt: (turns: Turn['turns'], value: number) => void;
}

/** The other way round: say when it is to be best, and what may be turned; the value, or the nearest there is, comes back. */
export function WishRow(props: WishRowProps) {
  const { base, handles, fromMs, nowMs, units, turns } = props;
  const [wish, setWish] = useState(toLocalText(props.firstWishMs, units.timeZone));
  const [chosen, setChosen] = useState(turns[0]?.turns ?? 'place');
  const [asked, setAsked] = useState<{ turn: Turn; wantedH: number } | null>(null);
  const asks = useMemo(
    () =>
      asked === null
        ? null
        : { base, handles, wish: { ...rangeOf(asked.turn), wantedH: asked.wantedH } },
    // A wish is answered for the lot as it stood when it was asked.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [asked],
  );
  const { answer, busy, refused, stop } = useCompute('wish', asks);
  const turn = turns.find((one) => one.turns === chosen);
  const find = () => {
    if (turn === undefined) return;
    const wantedH = hoursBetween(fromMs, fromLocalText(wish, units.timeZone));
    setAsked({ turn, wantedH });
  };
  return (
    <Box
      component="section"
      aria-label={tr`Ripe at a wanted hour`}
      sx={{ display: 'grid', gap: 1, borderTop: '1px solid var(--line)', pt: 1.5 }}
    >
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'end', flexWrap: 'wrap' }}>
        <Box sx={{ flex: '0 1 250px' }}>
          <WallTimeField label={tr`To be best at`} value={wish} onChange={setWish} />
        </Box>
        {turns.length > 1 ? (
          <ToggleButtonGroup
            exclusive
            aria-label={tr`What may be turned`}
            value={chosen}
            onChange={(_, value: Turn['turns'] | null) => setChosen(value ?? chosen)}
          >
            {turns.map((one) => (
              <ToggleButton key={one.turns} value={one.turns} sx={{ px: 2 }}>
                {one.label}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        ) : (
          <Typography sx={{ pb: 1 }}>
            {tr`by its `}
            {inSentence(turns[0]?.label)}
            {tr` from now on`}
          </Typography>
        )}
        <Button onClick={find} disabled={busy}>
          {tr`Find`}
        </Button>
        {busy ? <Button onClick={stop}>{tr`Stop`}</Button> : null}
      </Box>
      {refused === null ? null : <Alert severity="warning">{refused}</Alert>}
      {answer === null || asked === null || busy ? null : (
        <Typography aria-live="polite" sx={{ fontSize: rem(17) }}>
          {says(answer, asked.turn, { fromMs, nowMs, units })}{' '}
          <Button
            size="small"
            onClick={() =>
              props.onAdopt(
                asked.turn.turns,
                answer.kind === 'found' ? answer.value : answer.nearest,
              )
            }
          >
            {tr`Try it`}
          </Button>
        </Typography>
      )}
    </Box>
  );
}

const rangeOf = ({ turns, least, most, linear }: Turn) => ({ turns, least, most, linear });

/** The answer in words, with the hours that the bounds reach. */
function says(
  answer: Inversion,
  turn: Turn,
  at: { fromMs: number; nowMs: number; units: ShopUnits },
): string {
  const moment = (hour: number | null) =>
    hour === null ? 'never' : momentText(addHours(at.fromMs, hour), at.nowMs, at.units.timeZone);
  const { atLeastH, atMostH } = answer.range;
  const reach = tr`${turn.text(turn.most)} gives ${moment(atMostH)}, ${turn.text(turn.least)} gives ${moment(atLeastH)}.`;
  if (answer.kind === 'found') return tr`${turn.text(answer.value)} would do. ${reach}`;
  const why = answer.bound === 'most' ? tr`too soon` : tr`too late`;
  return tr`That is ${trOf(why)}: the nearest is ${turn.text(answer.nearest)}. ${reach}`;
}

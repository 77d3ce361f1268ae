'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { CompareView } from '@/server/scores/compare-view';
import { dateText, percentText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { changeReason, changeTitle, standingAt } from './change-words';
import type { CompareActions } from './compare-actions';
import { LETTERS } from './letters';
import { OpeningZones, zoneX } from './opening-zones';
import { useSend } from '@/ui/hands/use-send';

/** One thing to change: the surest first, the others a tap away. */
export function ChangePanel({ view, actions }: { view: CompareView; actions: CompareActions }) {
  const { changes, changed, nextVersion } = view;
  const [index, setIndex] = useState(0);
  const { send, busy } = useSend('notice');
  const router = useRouter();
  const change = changes[Math.min(index, changes.length - 1)];
  const bake = view.bakes.find((one) => one.bakeId === changed);
  const frame = (children: React.ReactNode) => (
    <Box
      component="section"
      aria-label={tr`Change one thing`}
      sx={{ p: 2 }}
      data-testid="change-one"
    >
      <Typography variant="body2" color="text.secondary" sx={{ fontWeight: 700 }}>
        {tr`Change one thing`}
      </Typography>
      {children}
    </Box>
  );
  if (bake === undefined) {
    return frame(
      <Typography>{tr`Score the bakes: then the one that turned out worse is mended.`}</Typography>,
    );
  }
  if (change === undefined) {
    return frame(
      <Typography>
        {tr`No single change of warmth, hours, place or leaven brings this bake nearer to right than it is forecast to be. Look at its balls next time: what is seen teaches.`}
      </Typography>,
    );
  }
  const take = () => {
    const { key, placeId } = change;
    send(() => actions.takeChange({ bakeId: bake.bakeId, key, placeId }), {
      said: ({ number, bakeId, readyFromMs, because }) =>
        bakeId === null
          ? tr`Version ${number} saved. It can not be planned yet: ${because ?? ''}`
          : tr`Version ${number} saved and planned for ${dateText(readyFromMs, view.units.timeZone)}.`,
      then: ({ bakeId, methodId }) =>
        router.push(
          bakeId === null
            ? `/doughs/${encodeURIComponent(methodId)}`
            : `/plan?service=${encodeURIComponent(bakeId)}`,
        ),
    });
  };
  const sure = change.odds - change.oddsBefore >= SURE;
  return frame(
    <>
      <Typography variant="h2" sx={{ fontSize: rem(26) }}>
        {changeTitle(change, view)}
      </Typography>
      <Typography sx={{ my: 1 }}>
        {tr`${changeReason(change, view)} Right to the last pizza: `}
        <strong>{percentText(change.odds, 0)}</strong>
        {tr`, was ${percentText(change.oddsBefore, 0)}.${sure ? '' : tr` Not sure yet: the doubt is wider than the gain.`}`}
      </Typography>
      <Forecast view={view} change={change} letter={LETTERS[view.bakes.indexOf(bake)] ?? ''} />
      <Box sx={{ display: 'flex', gap: 1, mt: 2, flexWrap: 'wrap' }}>
        <Button
          variant={sure ? 'contained' : 'outlined'}
          size="large"
          disabled={busy}
          onClick={take}
          data-testid="take-change"
        >
          {tr`Put in version ${nextVersion ?? 1} and plan it`}
        </Button>
        {changes.length < 2 ? null : (
          <Button size="large" onClick={() => setIndex((index + 1) % changes.length)}>
            {changes.length - 1} {changes.length === 2 ? tr`other` : tr`others`}
          </Button>
        )}
      </Box>
    </>,
  );
}
const SURE = 0.1;
const PANEL_PX = 412;

function Forecast(props: {
  view: CompareView;
  change: CompareView['changes'][number];
  letter: string;
}) {
  const { view, change, letter } = props;
  const before = view.bakes.find((one) => one.bakeId === view.changed)?.standing;
  const at = (one: number) => zoneX(standingAt(one), PANEL_PX);
  const first = at(change.first);
  const last = at(change.last);
  const low = at(change.last - change.doubt);
  const high = at(change.last + change.doubt);
  return (
    <OpeningZones
      height={78}
      width={PANEL_PX}
      label={tr`Forecast with the change, first to last pizza; ${letter} as it was below it`}
    >
      <rect x={low} width={Math.max(4, high - low)} y={34} height={10} rx={5} fill="var(--doubt)" />
      <path
        d={`M${first} 39H${last}l-9 -5m9 5l-9 5`}
        stroke="var(--ink)"
        strokeWidth={2.6}
        fill="none"
      />
      <circle cx={first} cy={39} r={8} fill="var(--ink)" />
      {before === undefined ? null : <Before at={at} before={before} letter={letter} />}
    </OpeningZones>
  );
}

function Before({
  at,
  before,
  letter,
}: {
  at: (one: number) => number;
  before: { readonly first: number; readonly last: number };
  letter: string;
}) {
  return (
    <>
      <path
        d={`M${at(before.first)} 63H${at(before.last)}l-8 -4m8 4l-8 4`}
        stroke="var(--ink)"
        strokeDasharray="2 4"
        strokeWidth={2}
        fill="none"
      />
      <text x={Math.max(18, at(before.first) - 16)} y={68} fontSize={14} fill="var(--ink)">
        {letter}
      </text>
    </>
  );
}

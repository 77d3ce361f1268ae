'use client';

import { tr } from '@/words/tr';
import { ChoiceField } from '@/ui/fields/choice-field';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { LotView } from '@/server/lots/lot-view';
import { massText, momentText } from '@/ui/format';
import type { HandsActions } from '@/ui/hands/actions';
import { newBatch, useAct } from '@/ui/hands/use-act';
import { FigureField } from '@/ui/fields/figure-field';
import { type As, type To, firstTo, WhereTo, FreezeLine } from './where-to';

const DOUGHS: ReadonlySet<string> = new Set(['dough', 'balls', 'carry-over']);

/** A part of a lot its own way: to another place, the freezer, a chain of carry-over, or out of the shop. */
export function PartPanel({ view, actions }: { view: LotView; actions: HandsActions }) {
  const { run, busy, refused } = useAct(actions);
  const balls = view.ballsLeft;
  const [amount, setAmount] = useState(String(balls ?? Math.round(view.leftG)));
  const [as, setAs] = useState<As>('as it is');
  const [to, setTo] = useState(() => firstTo(view));
  const change = (changed: Partial<To>) => setTo((before) => ({ ...before, ...changed }));
  const { placeId, flatMm, chainId, service } = to;
  const { name } = view.strand;
  const take = () => (as === 'another service' ? keep() : part());
  const keep = () =>
    run(
      () =>
        actions.keepFor({
          lotId: view.code,
          batch: newBatch(),
          count: amount,
          placeId,
          ...service,
        }),
      ({ lotId, outMs }) =>
        tr`${lotId} kept; out of there ${momentText(outMs, view.nowMs, view.units.timeZone)}, planned.`,
      () => setAmount(''),
    );
  const part = () =>
    run(
      () =>
        actions.takePart({
          lotId: view.code,
          batch: newBatch(),
          as,
          ...partForm(view, { amount, as, placeId, flatMm, chainId }),
        }),
      (value) => (as === 'gone' ? tr`${name}: gone.` : tr`${name}: ${value.lotId} stored.`),
      // What was taken is taken: the next part is said anew.
      () => setAmount(''),
    );
  const wrong = Object.values(refused)[0];
  return (
    <Box component="section" aria-label={tr`A part of it`} sx={{ display: 'grid', gap: 1.25 }}>
      <Typography variant="h3" component="h2">
        {tr`A part of it`}
      </Typography>
      <Typography variant="body2" color="text.secondary">
        {leftText(view)}
      </Typography>
      {wrong === undefined ? null : <Alert severity="warning">{wrong}</Alert>}
      <FreezeLine view={view} as={as} placeId={placeId} />
      <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: '1fr 1fr', alignItems: 'end' }}>
        <FigureField
          {...(balls === null ? OF_MASS : OF_BALLS)}
          name="part"
          value={amount}
          onChange={setAmount}
        />
        <ChoiceField
          label={tr`Goes on`}
          value={as}
          options={waysOf(view)}
          onChange={(value) => setAs(value as As)}
        />
        <WhereTo view={view} as={as} to={to} change={change} wrong={refused} />
        <Button
          size="small"
          disabled={[busy, amount.trim() === ''].includes(true)}
          onClick={take}
          sx={{ minHeight: 48 }}
        >
          {as === 'gone' ? tr`It is gone` : tr`Store it`}
        </Button>
      </Box>
    </Box>
  );
}

const leftText = ({ ballsLeft, leftG, units }: LotView) =>
  tr`${ballsLeft === null ? massText(leftG, units) : tr`${ballsLeft} balls`} left of it.`;

const OF_MASS = {
  get label() {
    return tr`Part`;
  },
  of: 'mass',
} as const;
const OF_BALLS = {
  get label() {
    return tr`Balls taken`;
  },
  whole: true,
} as const;

/** What the server takes of a part. */
function partForm(
  { ballsLeft }: LotView,
  of: { amount: string; as: As; placeId: string; flatMm: string; chainId: string },
) {
  const { amount, as, placeId, flatMm, chainId } = of;
  return {
    ...(ballsLeft === null ? { massG: amount } : { count: amount }),
    ...(as === 'gone' ? {} : { placeId, flatMm }),
    ...(as === 'carry-over' ? { cultureId: chainId } : {}),
  };
}

function waysOf(view: LotView): { id: As; name: string }[] {
  return [
    { id: 'as it is', name: tr`as it is` },
    ...(view.ballsLeft === null
      ? []
      : [{ id: 'another service' as const, name: tr`for another service` }]),
    ...(DOUGHS.has(view.strand.kind)
      ? [{ id: 'carry-over' as const, name: tr`as carry-over` }]
      : []),
    { id: 'gone', name: tr`baked, given, thrown` },
  ];
}

'use client';

import { tr } from '@/words/tr';
import { ChoiceField } from '@/ui/fields/choice-field';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { addHours, toLocalText } from '@/core/units';
import type { LotView } from '@/server/lots/lot-view';
import { massText, momentText, percentText } from '@/ui/format';
import type { HandsActions } from '@/ui/hands/actions';
import { newBatch, useAct } from '@/ui/hands/use-act';
import { FigureField } from '@/ui/fields/figure-field';
import { SpanFields } from '@/ui/fields/span-fields';

type As = 'as it is' | 'another service' | 'carry-over' | 'gone';
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

/** Where a part goes. */
interface To {
  readonly placeId: string;
  readonly chainId: string;
  readonly flatMm: string;
  /** The service that balls are kept for, on the wall clock. */
  readonly service: { readonly readyFrom: string; readonly readyTo: string };
}

const firstTo = (view: LotView): To => ({
  placeId: view.places[0]?.id ?? '',
  chainId: view.chains[0]?.id ?? '',
  flatMm: '',
  service: nextService(view),
});

/** The place of a part, and what else its way asks for. */
function WhereTo(props: {
  view: LotView;
  as: As;
  to: To;
  change: (changed: Partial<To>) => void;
  wrong: Readonly<Record<string, string>>;
}) {
  const { view, as, to, change, wrong } = props;
  if (as === 'gone') return null;
  return (
    <>
      <ChoiceField
        label={tr`To`}
        value={to.placeId}
        options={view.places}
        onChange={(placeId) => change({ placeId })}
      />
      {as === 'another service' ? (
        <SpanFields
          {...to.service}
          wrong={wrong}
          onChange={(span) => change({ service: { ...to.service, ...span } })}
        />
      ) : null}
      {as === 'carry-over' ? (
        <ChoiceField
          label={tr`Chain`}
          value={to.chainId}
          options={[...view.chains, NO_CHAIN]}
          onChange={(chainId) => change({ chainId })}
        />
      ) : null}
      {as === 'another service' ? null : (
        <FigureField
          label={tr`Flat bag`}
          of="thickness"
          value={to.flatMm}
          onChange={(flatMm) => change({ flatMm })}
        />
      )}
    </>
  );
}

/** Beside a freezer that is chosen: whether now is the moment. */
function FreezeLine({ view, as, placeId }: { view: LotView; as: As; placeId: string }) {
  const { freeze } = view;
  if (freeze === null || as === 'gone' || !freeze.placeIds.includes(placeId)) return null;
  return (
    <Typography variant="body2" data-testid="freeze-when">
      {freezeText(view, freeze)}
    </Typography>
  );
}

/** Whether now is the moment to freeze it, and when it is: "Best frozen until 11:40 …". */
function freezeText({ nowMs, units }: LotView, when: NonNullable<LotView['freeze']>): string {
  const { fromMs, untilMs, risenNow } = when;
  const at = (atMs: number) => momentText(atMs, nowMs, units.timeZone);
  const risen = tr`${percentText(risenNow, 0)} of its rise to its best now`;
  if (nowMs > untilMs) {
    return tr`Best frozen until ${at(untilMs)}; ${risen}: the more it holds, the more is lost in the thaw.`;
  }
  return fromMs !== null && nowMs < fromMs
    ? tr`Best frozen ${at(fromMs)} to ${at(untilMs)}, with its cells grown and food left; ${risen}.`
    : tr`Now is a good moment to freeze it, until ${at(untilMs)}; ${risen}.`;
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
const NO_CHAIN = {
  id: '',
  get name() {
    return tr`none`;
  },
};

/** Tomorrow at this hour, to the half hour, for three hours: what another service begins with. */
function nextService({ nowMs, units }: LotView): { readyFrom: string; readyTo: string } {
  const fromMs = Math.ceil(addHours(nowMs, 24) / HALF_MS) * HALF_MS;
  const text = (atMs: number) => toLocalText(atMs, units.timeZone).slice(0, 16);
  return { readyFrom: text(fromMs), readyTo: text(addHours(fromMs, 3)) };
}
const HALF_MS = 30 * 60_000;

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

'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { scaleLinear } from 'd3';
import { useMemo, useState } from 'react';
import { addHours, atWallMinute, fromLocalText, toLocalText } from '@/core/units';
import type { ThawAnswer, ThawQuestion } from '@/core/cultures';
import type { FrozenFacts } from '@/services/cultures/frozen-facts';
import { useCompute } from '@/ui/compute/use-compute';
import { decimals, massText, momentText, percentText, spanText, tempText } from '@/ui/format';
import { newBatch, useAct } from '@/ui/hands/use-act';
import { LinkButton } from '@/ui/link-button';
import { rem } from '@/ui/rem';
import { useSettled } from '@/ui/use-settled';
import { useWidth } from '@/ui/use-width';
import { WallTimeField } from '@/ui/wall-time-field';
import type { CultureActions } from './culture-actions';
import { HoursCurve } from './hours-curve';
import { ActButton, ChoiceField, FieldRow, Finding, PanelHead, PanelRefusal } from './panel-parts';

const COLD_C = 8;
const FREEZES_C = -5;
const tempOf = (place: FrozenFacts['places'][number]) => place.settings.at(-1)?.tempC ?? 20;

/** A frozen lot: what is left of its power, and its thaw worked out back from an hour. */
export function FrozenPanel({ facts, actions }: { facts: FrozenFacts; actions: CultureActions }) {
  const { nowMs, timeZone, units } = facts;
  const [readyAt, setReady] = useState(() =>
    toLocalText(Math.max(atWallMinute(nowMs, 1, 17 * 60, timeZone), addHours(nowMs, 24)), timeZone),
  );
  const fridges = facts.places.filter((one) => tempOf(one) <= COLD_C && tempOf(one) > FREEZES_C);
  const rooms = facts.places.filter((one) => tempOf(one) > COLD_C);
  const [fridgeId, setFridge] = useState(fridges[0]?.id ?? '');
  const [roomId, setRoom] = useState(rooms[0]?.id ?? '');
  const { run, busy, refused } = useAct(actions);
  const { ref, width } = useWidth(900);
  const asks = useMemo(
    () => questionOf(facts, { readyAt, fridgeId, roomId }),
    [facts, readyAt, fridgeId, roomId],
  );
  const { answer, refused: notFound } = useCompute('thaw', useSettled(asks, 120));
  const at = (ms: number) => momentText(ms, nowMs, timeZone);
  const plan = answer?.kind === 'plan' ? answer : null;
  const take = () =>
    run(
      () =>
        actions.takeThaw({
          lotId: facts.lotId,
          batch: newBatch(),
          outAt: toLocalText(plan?.outMs ?? nowMs, timeZone),
          roomAt: toLocalText(plan?.roomMs ?? nowMs, timeZone),
          fridgeId,
          roomId,
        }),
      () => `${facts.name}: out of the freezer ${at(plan?.outMs ?? nowMs)}, planned.`,
    );
  const names = (places: typeof rooms) =>
    places.map((one) => ({ id: one.id, name: `${one.name} ${tempText(tempOf(one), units)}` }));
  return (
    <Box ref={ref}>
      <PanelHead title={`${facts.name}, ${facts.lotId}`}>
        {massText(facts.massG, units)}{' '}
        {facts.flatMm === null ? 'as a lump' : `flat, ${facts.flatMm} mm`}, {Math.floor(facts.days)}{' '}
        days in the freezer:{' '}
        {facts.contents
          .map((one) => `${massText(one.massG, units)} ${one.name.toLowerCase()}`)
          .join(', ')}
        .
      </PanelHead>
      <Power facts={facts} />
      <FieldRow columns={4}>
        <Box sx={{ gridColumn: { md: 'span 2' } }}>
          <WallTimeField
            label={facts.backUp ? 'Awake at' : 'Ready at'}
            name="readyAt"
            value={readyAt}
            onChange={setReady}
            error={undefined}
          />
        </Box>
        <ChoiceField
          name="fridgeId"
          label="Thaws in"
          value={fridgeId}
          options={names(fridges)}
          onChange={setFridge}
        />
        <ChoiceField
          name="roomId"
          label="Rises in"
          value={roomId}
          options={names(rooms)}
          onChange={setRoom}
        />
      </FieldRow>
      <PanelRefusal sentence={notFound ?? Object.values(refused)[0] ?? null} />
      {answer === null ? (
        <Typography color="text.secondary" sx={{ p: 2 }}>
          {asks === null
            ? 'Ready at: that hour has passed. Allowed: from now on.'
            : 'Working back from the hour…'}
        </Typography>
      ) : null}
      {answer?.kind === 'no plan' ? <Finding figure="None">{noneText(answer, at)}</Finding> : null}
      {plan === null ? null : (
        <>
          <Finding figure={at(plan.outMs)}>
            out of the freezer
            {plan.fridgeH > 0.2
              ? `; ${decimals(plan.fridgeH, 1)} h in the fridge (thawed through after ${decimals(plan.thawedH ?? plan.fridgeH, 1)}); ${at(plan.roomMs)} into the room`
              : ' straight into the room: there is no time for the fridge'}
            ;{' '}
            {plan.readyMs === null
              ? 'never ready'
              : `ready ${at(plan.readyMs)} after ${decimals(plan.roomH, 1)} h there`}
            {plan.missedH === null || Math.abs(plan.missedH) < 0.1
              ? '.'
              : `, ${spanText(plan.missedH * 3_600_000)} ${plan.missedH < 0 ? 'before' : 'after'} the hour.`}
          </Finding>
          <HoursCurve
            sheet={{ ...plan, atMs: plan.outMs }}
            label="Level from the freezer to the hour it is ready"
            readyMs={fromLocalText(readyAt, timeZone)}
            nowMs={nowMs}
            timeZone={timeZone}
            width={Math.max(320, width)}
            height={194}
          />
        </>
      )}
      <Box sx={{ display: 'flex', gap: 2, p: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Typography variant="body2" sx={{ flex: '1 1 18rem' }}>
          {facts.planned.length > 0
            ? `Planned: ${facts.planned.map((one) => at(one.atMs)).join(', ')}. A new plan takes its place. `
            : ''}
          {facts.backUp
            ? 'A back-up is fed once it has thawed, two or three times in a row before it raises a dough.'
            : 'Thaw in the fridge; what has thawed is not frozen again.'}
        </Typography>
        <LinkButton href={`/lots/${encodeURIComponent(facts.lotId)}/label`}>Label</LinkButton>
        <ActButton
          title="Plan the thaw"
          under={plan === null ? 'nothing found yet' : `${at(plan.outMs)} and ${at(plan.roomMs)}`}
          glyph="move"
          disabled={busy || plan === null}
          onAct={take}
        />
      </Box>
    </Box>
  );
}

function questionOf(
  facts: FrozenFacts,
  wish: { readonly readyAt: string; readonly fridgeId: string; readonly roomId: string },
): ThawQuestion | null {
  const readyMs = fromLocalText(wish.readyAt, facts.timeZone);
  if (readyMs <= facts.nowMs || wish.fridgeId === '' || wish.roomId === '') return null;
  const { jar, nowMs, workingHours, timeZone, places, pantry } = facts;
  const { fridgeId, roomId } = wish;
  return { jar, nowMs, readyMs, fridgeId, roomId, workingHours, timeZone, places, pantry };
}

function noneText(
  answer: Extract<ThawAnswer, { kind: 'no plan' }>,
  at: (ms: number) => string,
): string {
  if (answer.because === 'never ready' || answer.earliestMs === null) {
    return 'It does not come to its rise there: a warmer room, or use it with fresh yeast in another dough.';
  }
  return `Too late for that hour. Taken out now and left in the room it is ready ${at(answer.earliestMs)}.`;
}

const BAR = { width: 300, height: 16 };

/** Raising power left, as bands: now and in the months to come. */
function Power({ facts }: { facts: FrozenFacts }) {
  const x = scaleLinear([0, 1], [0, BAR.width]);
  return (
    <Box
      component="section"
      aria-label="Raising power left"
      sx={{
        px: 2,
        py: 0.5,
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' },
        columnGap: 3,
      }}
    >
      {facts.power.map(({ inMonths, left }) => (
        <Box key={inMonths} sx={{ display: 'flex', gap: 1.5, alignItems: 'center', minHeight: 30 }}>
          <Typography variant="body2" sx={{ width: 96 }}>
            {inMonths === 0 ? 'power now' : `in ${inMonths} ${inMonths === 1 ? 'month' : 'months'}`}
          </Typography>
          <svg
            width={BAR.width / 2 + 20}
            height={BAR.height}
            viewBox={`0 0 ${BAR.width} ${BAR.height}`}
            preserveAspectRatio="none"
            aria-hidden="true"
          >
            <rect x={0} y={3} width={BAR.width} height={10} fill="none" stroke="var(--edge)" />
            <rect
              x={x(left.low)}
              y={3}
              width={x(left.high - left.low)}
              height={10}
              fill="var(--doubt)"
            />
            <rect x={x(left.share) - 2} y={0} width={4} height={16} fill="var(--ink)" />
          </svg>
          <Typography variant="body2" sx={{ fontWeight: 700, fontSize: rem(15) }}>
            {percentText(left.low, 0)}–{percentText(left.high, 0)}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}

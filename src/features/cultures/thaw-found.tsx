'use client';

import { inSentence, tr } from '@/words/tr';
import { fromLocalText } from '@/core/units';
import type { ThawAnswer } from '@/core/cultures';
import type { FrozenFacts } from '@/server/cultures/frozen-facts';
import { decimals, massText, thicknessText, momentText, spanText } from '@/ui/format';
import { HoursCurve } from './hours-curve';
import { Finding } from '@/ui/panels/panel-parts';

/** What the bag is and what is in it. */
export function headText({ massG, flatMm, days, contents, units }: FrozenFacts): string {
  const as = flatMm === null ? tr`as a lump` : tr`flat, ${thicknessText(flatMm, units)}`;
  const inIt = contents.map((one) => `${massText(one.massG, units)} ${inSentence(one.name)}`);
  return tr`${massText(massG, units)} ${as}, ${Math.floor(days)} days in the freezer: ${inIt.join(', ')}.`;
}

/** The thaw found, its curve, or why there is none. */
export function ThawFound(props: {
  answer: ThawAnswer;
  facts: FrozenFacts;
  readyAt: string;
  width: number;
}) {
  const { answer, facts, readyAt, width } = props;
  const { nowMs, timeZone } = facts;
  const at = (ms: number) => momentText(ms, nowMs, timeZone);
  if (answer.kind === 'no plan') return <Finding figure={tr`None`}>{noneText(answer, at)}</Finding>;
  return (
    <>
      <Finding figure={at(answer.outMs)}>{planText(answer, at)}</Finding>
      <HoursCurve
        sheet={{ ...answer, atMs: answer.outMs }}
        label={tr`Level from the freezer to the hour it is ready`}
        readyMs={fromLocalText(readyAt, timeZone)}
        nowMs={nowMs}
        timeZone={timeZone}
        width={width}
        height={194}
      />
    </>
  );
}

/** The moments of a thaw in words. */
function planText(plan: Extract<ThawAnswer, { kind: 'plan' }>, at: (ms: number) => string): string {
  const { fridgeH, thawedH, roomMs, readyMs, roomH, missedH, atNight } = plan;
  const fridge =
    fridgeH > 0.2
      ? tr`; ${decimals(fridgeH, 1)} h in the fridge (thawed through after ${decimals(thawedH ?? fridgeH, 1)}); ${at(roomMs)} into the room`
      : tr` straight into the room: there is no time for the fridge`;
  const ready =
    readyMs === null
      ? tr`never ready`
      : tr`ready ${at(readyMs)} after ${decimals(roomH, 1)} h there`;
  const missed =
    missedH === null || Math.abs(missedH) < 0.1
      ? ''
      : tr`, ${spanText(missedH * 3_600_000)} ${missedH < 0 ? tr`before` : tr`after`} the hour`;
  const night = atNight ? tr` That is outside your hours: a warmer place, or another hour.` : '';
  return tr`out of the freezer${fridge}; ${ready}${missed}.${night}`;
}

/** What was planned before, and what goes for such a thaw. */
export function footText({ planned, backUp }: FrozenFacts, at: (ms: number) => string): string {
  const before =
    planned.length > 0
      ? tr`Planned: ${planned.map((one) => at(one.atMs)).join(', ')}. A new plan takes its place. `
      : '';
  return backUp
    ? tr`${before}A back-up is fed once it has thawed, two or three times in a row before it raises a dough.`
    : tr`${before}Thaw in the fridge; what has thawed is not frozen again.`;
}

function noneText(
  answer: Extract<ThawAnswer, { kind: 'no plan' }>,
  at: (ms: number) => string,
): string {
  if (answer.because === 'never ready' || answer.earliestMs === null) {
    return tr`It does not come to its rise there: a warmer room, or use it with fresh yeast in another dough.`;
  }
  return tr`Too late for that hour. Taken out now and left in the room it is ready ${at(answer.earliestMs)}.`;
}

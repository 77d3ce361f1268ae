'use client';

import { tr, trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import { line, scaleLinear } from 'd3';
import { useMemo } from 'react';
import {
  choiceOutcomes,
  doughHours,
  lapse,
  whyOf,
  type Choice,
  type ChoiceOutcome,
  type PracticeRound,
} from '@/core/practice';
import { decimals, spanText } from '@/ui/format';
import { useInUnits } from '@/ui/fields/in-units';
import { rem } from '@/ui/rem';

const WIDTH = 620;
const HEIGHT = 190;
const HOUR_MS = 3_600_000;

/** What was true of a jar: its curve and window, why, what it would have done to a dough; hour by hand. */
export function Truth(props: {
  round: PracticeRound;
  hour: number;
  onHour: (hour: number) => void;
  /** What they would do; null where they did not say. */
  choice: Choice | null;
}) {
  const inUnits = useInUnits();
  const { round, hour, onHour, choice } = props;
  const { window, atH, truth } = round;
  const lastH = Math.max(atH, window.closesH ?? 0, window.bestH ?? 0) * 1.25;
  const dough = useMemo(() => doughHours(round), [round]);
  return (
    <Box data-testid="truth">
      <Typography variant="h2" sx={{ fontSize: rem(26) }}>
        {tr`It was: ${trOf(truth)}`}
      </Typography>
      {whyOf(round).map((sentence) => (
        <Typography key={sentence}>{sentence}</Typography>
      ))}
      <Typography>{bestWords(round)}</Typography>
      {dough === null ? null : (
        <Typography>
          {inUnits(tr`A dough with a quarter of its flour from it doubles at 21° in `)}
          <strong>{hoursWords(dough.now)}</strong>
          {tr`; from one at its best in `}
          <strong>{hoursWords(dough.best)}</strong>.
        </Typography>
      )}
      <Outcomes round={round} choice={choice} />
      <Curve round={round} lastH={lastH} hour={hour} />
      <Typography id="lapse-label" variant="body2">
        {tr`Turn the hours by hand`}
      </Typography>
      <HourSlider hour={hour} lastH={lastH} onHour={onHour} />
    </Box>
  );
}

function HourSlider({
  hour,
  lastH,
  onHour,
}: {
  hour: number;
  lastH: number;
  onHour: (hour: number) => void;
}) {
  return (
    <Slider
      aria-labelledby="lapse-label"
      value={hour}
      min={0}
      max={lastH}
      step={0.1}
      onChange={(_, value) => onHour(value)}
      getAriaValueText={(value) => tr`${decimals(value, 1)} hours`}
      sx={{ maxWidth: WIDTH }}
    />
  );
}

/** What each choice would have come to at the hour at which it is needed, the best first. */
function Outcomes({ round, choice }: { round: PracticeRound; choice: Choice | null }) {
  const outcomes = useMemo(() => choiceOutcomes(round), [round]);
  const needed = spanText(round.neededInH * HOUR_MS);
  return (
    <Box
      component="ul"
      sx={{ m: 0, my: 0.5, pl: 2.5 }}
      data-testid="choices"
      aria-label={tr`In ${needed}`}
    >
      {outcomes.map((one, index) => (
        <Typography component="li" key={one.choice}>
          <strong>{trOf(one.choice)}</strong>
          {tr`${one.choice === choice ? tr` (yours)` : ''}: ${outcomeWords(one)} in ${needed}${index === 0 ? tr`, the best there is` : ''}.`}
        </Typography>
      ))}
    </Box>
  );
}

function outcomeWords({ was, offBestH, outsideH }: ChoiceOutcome): string {
  if (!Number.isFinite(outsideH)) return tr`not ripe at all`;
  const apart = (hours: number) => spanText(Math.abs(hours) * HOUR_MS);
  if (was === 'not yet') return tr`still ${apart(outsideH)} before its window`;
  if (was === 'late') return tr`${apart(outsideH)} past its window`;
  if (offBestH === null || Math.abs(offBestH) < 0.1) return tr`ripe, at its best`;
  return offBestH < 0
    ? tr`ripe, ${apart(offBestH)} before its best`
    : tr`ripe, ${apart(offBestH)} past its best`;
}

function bestWords({ bestInH, window }: PracticeRound): string {
  const what = window.bestH === null ? tr`It opens` : tr`Its best`;
  const apart = spanText(Math.abs(bestInH) * HOUR_MS);
  if (Math.abs(bestInH) < 0.1) return tr`${trOf(what)} is now.`;
  return bestInH > 0 ? tr`${trOf(what)} comes in ${apart}.` : tr`${trOf(what)} was ${apart} ago.`;
}

const hoursWords = (hours: number | null) =>
  hours === null ? tr`more than 40 h` : `${decimals(hours, 1)} h`;

function Curve({ round, lastH, hour }: { round: PracticeRound; lastH: number; hour: number }) {
  const { window, atH } = round;
  const points = useMemo(
    () =>
      Array.from({ length: 81 }, (_, i): [number, number] => {
        const at = (i / 80) * lastH;
        return [at, lapse(round, at).rise];
      }),
    [round, lastH],
  );
  const x = scaleLinear([0, lastH], [30, WIDTH - 10]);
  const y = scaleLinear([0.9, window.peakRise * 1.1], [HEIGHT - 24, 10]);
  const path = line<[number, number]>(
    ([at]) => x(at),
    ([, rise]) => y(rise),
  )(points);
  const from = window.opensH === null ? null : x(window.opensH);
  const to = x(Math.min(lastH, window.closesH ?? lastH));
  return (
    <Box
      component="svg"
      role="img"
      aria-label={tr`Level over ${Math.round(lastH)} hours, its window marked, the look at ${decimals(atH, 1)} h`}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      sx={{ display: 'block', width: '100%', maxWidth: WIDTH }}
    >
      {from === null ? null : (
        <rect
          x={from}
          width={Math.max(2, to - from)}
          y={6}
          height={HEIGHT - 30}
          fill="var(--ripe)"
          opacity={0.25}
        />
      )}
      <path d={path ?? ''} fill="none" stroke="var(--ink)" strokeWidth={3} />
      {x.ticks(7).map((at) => (
        <text key={at} x={x(at)} y={HEIGHT - 6} fontSize={13} textAnchor="middle" fill="var(--ink)">
          {`${at} h`}
        </text>
      ))}
      <line
        x1={x(hour)}
        x2={x(hour)}
        y1={6}
        y2={HEIGHT - 24}
        stroke="var(--ink)"
        strokeDasharray="3 4"
      />
      <circle
        cx={x(atH)}
        cy={y(round.sight.rise)}
        r={7}
        fill="var(--paper)"
        stroke="var(--ink)"
        strokeWidth={3}
      />
    </Box>
  );
}

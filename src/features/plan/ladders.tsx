'use client';

import { tr } from '@/words/tr';
import { sentenceInUnits } from '@/shop/sentence-in-units';
import Box from '@mui/material/Box';
import type { ShopUnits } from '@/core/units';
import type { Ladder } from '@/shop/plan/ladder';
import { clockText, dayText } from '@/ui/format';
import { Glyph } from '@/ui/marks/glyphs';
import { StrandPaths } from '@/ui/strand/strand-paths';
import { strandShape } from '@/ui/strand/strand-shape';
import { BakeRow } from '@/ui/odds/bake-row';
import type { LadderClock } from './ladder-clock';

/** Where the rope of a ladder hangs, and its words begin, px from its left. */
const ROPE_X = 48;
const HOUR_X = 72;
const TITLE_X = 122;
const WIDTH_FACTOR = 0.75;

/** One plan falling to its bake, on the clock that all share. */
export function LadderPicture(props: {
  ladder: Ladder;
  clock: LadderClock;
  width: number;
  units: ShopUnits;
  nowMs: number;
  readyFromMs: number;
  /** The rung that the keys are on; −1 for none. */
  rung: number;
}) {
  const { ladder, clock, width, units, nowMs, rung } = props;
  const height = clock.height + BAKE_HEIGHT;
  const first = ladder.rungs[0]?.atMs ?? props.readyFromMs;
  const during = ladder.rungs.filter((one) => one.atMs >= props.readyFromMs);
  return (
    <Box
      component="svg"
      role="img"
      aria-label={sentenceInUnits(
        `${ladder.name}: ${ladder.rungs.map((one) => `${clockText(one.atMs, units.timeZone)} ${one.title}`).join(', ')}`,
        units,
      )}
      sx={{ display: 'block', width, height, overflow: 'visible' }}
      viewBox={`0 0 ${width} ${height}`}
    >
      <line
        x1={ROPE_X}
        x2={ROPE_X}
        y1={0}
        y2={clock.y(first)}
        stroke="var(--edge2)"
        strokeDasharray="2 5"
      />
      <rect y={clock.height} width={width} height={BAKE_HEIGHT} fill="var(--lamp)" />
      <line
        x2={width}
        y1={clock.height}
        y2={clock.height}
        stroke="var(--ink)"
        strokeDasharray="2 5"
      />
      <Strands ladder={ladder} clock={clock} nowMs={nowMs} readyFromMs={props.readyFromMs} />
      <Brackets ladder={ladder} clock={clock} />
      {ladder.rungs.map((one, index) =>
        during.includes(one) ? null : (
          <RungMark
            key={`${one.atMs} ${one.title}`}
            rung={one}
            y={clock.y(one.atMs)}
            width={width}
            units={units}
            held={index === rung}
          />
        ),
      )}
      <During
        rungs={during}
        held={during.includes(ladder.rungs[rung] as Ladder['rungs'][number])}
        y={clock.height}
        units={units}
      />
      <Disc y={clock.height} glyph="bake" />
      <BakeRow odds={ladder.odds} x={HOUR_X + 8} y={clock.height + 6} width={width - HOUR_X - 20} />
    </Box>
  );
}
const BAKE_HEIGHT = 62;

/** What is to be done while the service goes on: the waves taken out of the cold, in one line under the bake. */
function During(props: { rungs: Ladder['rungs']; held: boolean; y: number; units: ShopUnits }) {
  const { rungs, held, y, units } = props;
  if (rungs.length === 0) return null;
  const said = rungs.map(({ title, atMs, alsoMs }) => {
    const hours = [atMs, ...alsoMs].map((one) => clockText(one, units.timeZone)).join(' ');
    return `${title} ${hours}`;
  });
  return (
    <text
      x={HOUR_X + 8}
      y={y + 53}
      fontSize={13}
      fill="var(--ink)"
      textDecoration={held ? 'underline' : undefined}
    >
      {said.join(', ')}
    </text>
  );
}

/** Leaven, dough and balls hanging one under the other, as thick as they are alive. */
function Strands(props: {
  ladder: Ladder;
  clock: LadderClock;
  nowMs: number;
  readyFromMs: number;
}) {
  const { ladder, clock, nowMs, readyFromMs } = props;
  return (
    <g transform={`matrix(0 1 1 0 ${ROPE_X} 0)`}>
      {ladder.strands.map((strand) => {
        const toMs = Math.min(strand.endMs ?? readyFromMs, readyFromMs);
        if (toMs <= strand.startMs) return null;
        const shape = strandShape({
          strand,
          fromMs: strand.startMs,
          toMs,
          y: 0,
          k: WIDTH_FACTOR,
          nowMs: Math.min(nowMs, strand.startMs),
          scale: { x: clock.y },
        });
        return <StrandPaths key={strand.lotId} shape={shape} />;
      })}
    </g>
  );
}

/** Window of each leaven beside its rope: opens, best, closes. */
function Brackets({ ladder, clock }: { ladder: Ladder; clock: LadderClock }) {
  return ladder.windows.map(({ opensMs, bestMs, closesMs }, index) => {
    if (opensMs === null) return null;
    const x = ROPE_X - 24 - index * 10;
    const top = clock.y(opensMs);
    const bottom = Math.min(clock.height, closesMs === null ? clock.height : clock.y(closesMs));
    const best = bestMs === null ? null : clock.y(bestMs);
    return (
      <g key={index} stroke="var(--ink)" strokeWidth={1.8} fill="none">
        <path d={`M${x + 7} ${top}H${x}V${bottom}${closesMs === null ? '' : 'h7'}`} />
        {best === null ? null : (
          <path d={`M${x - 1} ${best - 6}l9 6l-9 6z`} fill="var(--ink)" stroke="none" />
        )}
      </g>
    );
  });
}

function RungMark(props: {
  rung: Ladder['rungs'][number];
  y: number;
  width: number;
  units: ShopUnits;
  held: boolean;
}) {
  const { rung, y, width, units, held } = props;
  const room = width - TITLE_X - 8;
  const side = sentenceInUnits(sideText(rung, units.timeZone), units);
  const title = sentenceInUnits(rung.title, units);
  const letters = Math.floor((room - (side === '' ? 0 : side.length * 6.6 + 8)) / 7.9);
  return (
    <g>
      {held ? (
        <rect
          x={2}
          y={y - 12}
          width={width - 4}
          height={24}
          rx={6}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2}
        />
      ) : null}
      <Disc y={y} glyph={rung.glyph} />
      <text x={HOUR_X} y={y + 5} fontSize={15} fontWeight={700} fill="var(--ink)" className="halo">
        {clockText(rung.atMs, units.timeZone)}
      </text>
      <text x={TITLE_X} y={y + 5} fontSize={15} fill="var(--ink)" className="halo">
        {title.length > letters ? `${title.slice(0, Math.max(3, letters - 1))}…` : title}
      </text>
      <text
        x={width - 8}
        y={y + 5}
        fontSize={13}
        textAnchor="end"
        fill={rung.ripe ? 'var(--olive)' : 'var(--ink2)'}
        fontWeight={rung.ripe ? 700 : 400}
      >
        {side}
      </text>
    </g>
  );
}

/** What stands on the right of a rung: the peak in words at a mix, else grams, place or who. */
function sideText(rung: Ladder['rungs'][number], timeZone: string): string {
  if (rung.glyph === 'mix' && rung.ripe) {
    const off = rung.offPeakMin;
    if (off === null) return tr`ripe ✓`;
    return off <= PEAK_MIN ? tr`peak ✓` : tr`ripe, ${off} min off`;
  }
  if (rung.alsoMs.length > 0) {
    return tr`then ${rung.alsoMs.map((atMs) => clockText(atMs, timeZone)).join(' ')}`;
  }
  return rung.amount === '' ? (rung.who ?? '') : rung.amount;
}
const PEAK_MIN = 20;

function Disc({ y, glyph }: { y: number; glyph: Parameters<typeof Glyph>[0]['name'] }) {
  return (
    <g>
      <circle cx={ROPE_X} cy={y} r={11} fill="var(--paper)" stroke="var(--ink)" strokeWidth={1.8} />
      <g style={{ color: 'var(--ink)' }}>
        <Glyph name={glyph} x={ROPE_X} y={y} size={14} />
      </g>
    </g>
  );
}

/** The hours that all ladders share, with days and the hours at which nobody is in. */
export function ClockColumn(props: {
  clock: LadderClock;
  units: ShopUnits;
  service: { readonly fromMs: number; readonly toMs: number };
}) {
  const { clock, units, service } = props;
  return (
    <Box
      component="svg"
      aria-hidden="true"
      sx={{ display: 'block', width: COLUMN, height: clock.height + BAKE_HEIGHT }}
    >
      {clock.ticks.map(({ atMs, y }, index) => {
        const day = dayText(atMs, units.timeZone);
        const before = clock.ticks[index - 1];
        const newDay = before === undefined || dayText(before.atMs, units.timeZone) !== day;
        return (
          <g key={atMs}>
            {newDay ? (
              <text
                x={10}
                y={y + 5}
                fontSize={15}
                fontWeight={700}
                fill="var(--ink)"
                className="name"
              >
                {day}
              </text>
            ) : null}
            <text x={84} y={y + 5} fontSize={13} textAnchor="end" fill="var(--ink)">
              {clockText(atMs, units.timeZone)}
            </text>
            <line x1={90} x2={COLUMN} y1={y} y2={y} stroke="var(--ink)" />
          </g>
        );
      })}
      <text
        x={10}
        y={clock.height + 19}
        fontSize={15}
        fontWeight={700}
        fill="var(--ink)"
        className="name"
      >
        {tr`Service`}
      </text>
      <text x={10} y={clock.height + 36} fontSize={13} fill="var(--ink2)">
        {clockText(service.fromMs, units.timeZone)}–{clockText(service.toMs, units.timeZone)}
      </text>
    </Box>
  );
}
const COLUMN = 104;

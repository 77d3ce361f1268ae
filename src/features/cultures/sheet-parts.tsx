import { tr } from '@/words/tr';
import { WeightLine, FlourLines } from '@/ui/panels/panel-parts';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { scaleLinear, scaleTime } from 'd3';
import { CautionLine } from '@/ui/cautions/caution-line';
import type { FeedChoice, FeedSheet, VesselLevel } from '@/core/cultures';
import { MS_PER_HOUR } from '@/core/units';
import type { FeedFacts } from '@/server/cultures/feed-facts';
import { fillOf, type Scales } from '@/ui/chart/curve-paths';
import { clockText, decimals, massText, percentText } from '@/ui/format';
import { PHASE_FILL } from '@/ui/marks/textures';
import { rem } from '@/ui/rem';
import { phaseCuts } from '@/ui/strand/strand-shape';
import { waterText } from '@/ui/water-text';

/** The grams to weigh, at arm's length. */
export function WeighLines({ sheet, facts }: { sheet: FeedSheet; facts: FeedFacts }) {
  const { amounts, water } = sheet;
  const offered = facts.jars[0];
  return (
    <Box component="section" aria-label={tr`Weigh`}>
      <Typography variant="h2">{tr`Weigh`}</Typography>
      <WeightLine name={facts.culture.name} massG={amounts.motherG}>
        {offered === undefined
          ? ''
          : tr`of ${massText(Math.round(sheet.leftG + amounts.motherG), facts.units)} in the jar`}
      </WeightLine>
      <FlourLines lines={amounts.flours} flours={facts.flours} />
      <WeightLine name={tr`Water`} massG={amounts.waterG}>
        {water === null ? '' : waterText(water, facts.units)}
      </WeightLine>
      <Typography sx={{ borderTop: '2px solid var(--ink)', fontWeight: 700, pt: 0.5 }}>
        {tr`${massText(amounts.totalG, facts.units)} in all`}
      </Typography>
    </Box>
  );
}

/** What stays in the old jar, and where it goes. */
export function OldJar(props: { sheet: FeedSheet; facts: FeedFacts; levain: boolean }) {
  const { sheet, facts, levain } = props;
  return (
    <Box component="section" aria-label={tr`Left in the old jar`}>
      <Typography variant="h2">
        {levain ? tr`Stays in the jar` : tr`Left in the old jar`}
      </Typography>
      <Typography sx={{ fontSize: rem(34), fontWeight: 700, lineHeight: 1.15 }}>
        {massText(Math.round(sheet.leftG), facts.units)}
      </Typography>
      <Typography variant="body2">{levain ? keptText(facts) : leftText(sheet, facts)}</Typography>
      <CautionLine at="leaven" />
    </Box>
  );
}

const keptText = ({ culture, units }: FeedFacts) =>
  tr`${massText(culture.keepG, units)} are kept; feeding it again is planned by itself.`;

function leftText(sheet: FeedSheet, { discardJar, units }: FeedFacts): string {
  if (discardJar === null) return tr`Thrown away when it is fed.`;
  const { name, nowG, limitG } = discardJar;
  const after = nowG + sheet.leftG;
  const of = limitG === null ? '' : tr` of ${massText(limitG, units)}`;
  const over = limitG !== null && after > limitG ? tr`: over its limit, use some first` : '';
  return tr`To ${name}: then ${massText(after, units)}${of}${over}.`;
}

const JAR_HEIGHT = 62;

/** Vessels with the level just mixed and at its best. */
export function Vessels({ sheet, facts }: { sheet: FeedSheet; facts: FeedFacts }) {
  const [own, ...tubs] = sheet.vessels;
  if (own === undefined) return null;
  const fits = own.overMs === null ? [] : tubs.filter((one) => one.overMs === null).slice(0, 2);
  return (
    <Box component="section" aria-label={tr`Vessel`}>
      <Typography variant="h2">{tr`Vessel big enough?`}</Typography>
      <Typography variant="body2" color="text.secondary">
        {tr`${Math.round(own.atMix * own.ml)} ml mixed, ${Math.round(own.atBest * own.ml)} ml at its highest`}
      </Typography>
      <Box sx={{ display: 'flex', gap: 2.5, mt: 0.5 }}>
        {[own, ...fits].map((vessel) => (
          <Jar key={vessel.name} vessel={vessel} facts={facts} />
        ))}
      </Box>
    </Box>
  );
}

function Jar({ vessel, facts }: { vessel: VesselLevel; facts: FeedFacts }) {
  const level = (share: number) => Math.min(1, share) * (JAR_HEIGHT - 8);
  const base = JAR_HEIGHT - 3;
  return (
    <Box sx={{ textAlign: 'center', minWidth: 76 }}>
      <JarPicture base={base} level={level} vessel={vessel} />
      <Typography variant="body2">
        {`${vessel.name}, ${decimals(vessel.ml / 1000, 1)} l`}
      </Typography>
      <Typography variant="caption" component="p" sx={{ fontWeight: 700 }}>
        {vessel.overMs === null
          ? `${percentText(vessel.atBest, 0)} ✓`
          : tr`over at ${clockText(vessel.overMs, facts.timeZone)}, ${vessel.count} of it`}
      </Typography>
    </Box>
  );
}

function JarPicture({
  base,
  level,
  vessel,
}: {
  base: number;
  level: (share: number) => number;
  vessel: VesselLevel;
}) {
  return (
    <svg width={64} height={JAR_HEIGHT + 6} aria-hidden="true">
      <rect
        x={6}
        y={base - level(vessel.atBest)}
        width={52}
        height={level(vessel.atBest)}
        fill="var(--rising)"
      />
      <rect
        x={6}
        y={base - level(vessel.atMix)}
        width={52}
        height={level(vessel.atMix)}
        fill="var(--under)"
      />
      <path
        d={`M6,6V${base - 6}q0,6 6,6h40q6,0 6,-6V6`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={vessel.overMs === null ? 3 : 1.6}
      />
      {vessel.overMs === null ? null : (
        <path d="M2,10q30,-16 60,0" fill="none" stroke="var(--ripe)" strokeWidth={5} />
      )}
    </svg>
  );
}

export const SMALL = { width: 108, height: 38 };

export function SmallCurve({ choice }: { choice: FeedChoice }) {
  const stepMs = choice.curve.stepH * MS_PER_HOUR;
  const fromMs = 0;
  const toMs = (choice.curve.rise.length - 1) * stepMs;
  const most = Math.max(2, ...choice.curve.rise);
  const { mixMs } = choice;
  const readyAfterMs = choice.readyMs - mixMs;
  const time = scaleTime([fromMs, Math.max(toMs, readyAfterMs)], [0, SMALL.width]);
  const level = scaleLinear([1, most], [SMALL.height - 2, 8]);
  const scales: Scales = { x: (ms) => time(ms), y: (rise) => level(rise), base: SMALL.height - 2 };
  const curve = { fromMs, stepMs, rise: choice.curve.rise };
  const since = (ms: number | null) => (ms === null ? null : ms - mixMs);
  const cuts = phaseCuts({
    risingMs: since(choice.risingMs),
    window: { opensMs: since(choice.window.opensMs), closesMs: since(choice.window.closesMs) },
  });
  const readyX = time(readyAfterMs);
  return (
    <svg width={SMALL.width} height={SMALL.height} aria-hidden="true" style={{ display: 'block' }}>
      {cuts.map((cut) => (
        <path
          key={cut.phase}
          d={fillOf(curve, Math.max(cut.fromMs, fromMs), Math.min(cut.toMs, toMs), scales)}
          fill={PHASE_FILL[cut.phase]}
        />
      ))}
      <line
        x1={0}
        x2={SMALL.width}
        y1={SMALL.height - 2}
        y2={SMALL.height - 2}
        stroke="var(--ink)"
      />
      <line x1={readyX} x2={readyX} y1={0} y2={SMALL.height} stroke="var(--ink)" strokeWidth={2} />
    </svg>
  );
}

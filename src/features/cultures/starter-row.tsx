import { inSentence, tr, trOf } from '@/words/tr';
import { scaleLinear } from 'd3';
import type { StarterRow } from '@/server/cultures/rows/starter-row';
import type { CulturesView } from '@/server/cultures/view';
import type { Strand } from '@/server/tide';
import { fillOf, lineOf, type Scales } from '@/ui/chart/curve-paths';
import { massText, momentText, percentText, riseText, spanText, tempText } from '@/ui/format';
import { PHASE_FILL } from '@/ui/marks/textures';
import { rem } from '@/ui/rem';
import { phaseCuts } from '@/ui/strand/strand-shape';
import { pastScale } from './past-ruler';
import { RowFrame } from './row-frame';

const HEIGHT = 78;
/** What can be opened of a starter. */
const moreWords = () =>
  [
    ['', tr`Feed`],
    ['/series', tr`In a row`],
    ['/about', tr`How it is`],
  ] as const;
const TOP = 12;

/** A starter: level, window and looks of its last hours. */
export function StarterLine({ row, view }: { row: StarterRow; view: CulturesView }) {
  const { culture } = row;
  const most = Math.max(2.4, ...row.strands.flatMap((strand) => [...strand.rise]));
  const level = scaleLinear([1, most], [HEIGHT - 4, TOP]);
  const scales: Scales = {
    x: pastScale(view.nowMs),
    y: (rise) => level(rise),
    base: HEIGHT - 4,
  };
  const last = row.looks.at(-1);
  return (
    <RowFrame
      name={culture.name}
      under={underText(row, view)}
      state={stateText(row, view)}
      phase={row.ripeness ?? 'under'}
      opened={view.openedId === culture.id}
      href={`/cultures/${encodeURIComponent(culture.id)}`}
      height={HEIGHT}
      more={moreWords().map(([path, name]) => ({
        href: `/cultures/${encodeURIComponent(culture.id)}${path}`,
        name,
      }))}
      label={tr`Level of ${culture.name} over the last hours`}
    >
      {row.strands.map((strand) => (
        <PastCurve key={strand.lotId} strand={strand} nowMs={view.nowMs} scales={scales} />
      ))}
      {row.looks.map((look) => (
        <circle
          key={look.atMs}
          cx={Math.min(scales.x(look.atMs), scales.x(view.nowMs) - 6)}
          cy={scales.y(look.rise)}
          r={4.5}
          fill="var(--paper)"
          stroke="var(--ink)"
          strokeWidth={2.5}
        />
      ))}
      {last === undefined ? null : (
        <text
          x={Math.min(scales.x(last.atMs), scales.x(view.nowMs) - 6) - 9}
          y={scales.y(last.rise) - 2}
          fontSize={rem(13)}
          fontWeight={700}
          textAnchor="end"
          fill="var(--ink)"
        >
          {riseText(last.rise)}
        </text>
      )}
    </RowFrame>
  );
}

function underText(row: StarterRow, view: CulturesView) {
  const { culture, placeName, placeC, due, massG, slower } = row;
  const kind = culture.kind === 'stiff starter' ? 'stiff' : 'liquid';
  const stands = `${inSentence(placeName)} ${tempText(placeC, view.units, 0)}`;
  const late =
    slower !== null
      ? tr` · slower than itself`
      : due !== null && due.lateH >= 1
        ? tr` · feed ${spanText(due.lateH * 3_600_000)} late`
        : ` · ${massText(Math.round(massG), view.units)}`;
  return `${trOf(kind)} ${percentText(culture.hydration, 0)} · ${stands}${late}`;
}

function stateText(row: StarterRow, { nowMs, units }: CulturesView): string {
  const at = (ms: number) => momentText(ms, nowMs, units.timeZone);
  if (row.ripeness === null) return tr`nothing left`;
  if (row.young) return tr`its first days`;
  if (row.ripeness === 'past' && row.closesMs !== null) return tr`past since ${at(row.closesMs)}`;
  if (row.ripeness === 'ripe') {
    return row.closesMs === null ? tr`ripe` : tr`ripe until ${at(row.closesMs)}`;
  }
  return row.opensMs === null ? tr`resting` : tr`ripe from ${at(row.opensMs)}`;
}

function PastCurve(props: { strand: Strand; nowMs: number; scales: Scales }) {
  const { strand, nowMs, scales } = props;
  const toMs = Math.min(strand.endMs ?? nowMs, nowMs);
  const firstMs = nowMs - 34 * 3_600_000;
  const fromMs = Math.max(strand.startMs, firstMs);
  const curve = { fromMs: strand.startMs, stepMs: strand.stepMs, rise: strand.rise };
  return (
    <>
      {phaseCuts(strand).map((cut) => (
        <path
          key={cut.phase}
          d={fillOf(curve, Math.max(cut.fromMs, fromMs), Math.min(cut.toMs, toMs), scales)}
          fill={PHASE_FILL[cut.phase]}
        />
      ))}
      <path
        d={lineOf(curve, fromMs, toMs, scales)}
        fill="none"
        stroke="var(--edge)"
        strokeWidth={2}
      />
    </>
  );
}

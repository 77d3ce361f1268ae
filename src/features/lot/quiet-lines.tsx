import { tr } from '@/words/tr';
import { line } from 'd3';
import type { LotView } from '@/server/lots/lot-view';
import { decimals, percentText } from '@/ui/format';
import type { Scales } from '@/ui/chart/curve-paths';
import { rem } from '@/ui/rem';

/** pH that stands at the bottom and at the top of the quiet scale: sweet dough, sour starter. */
const SWEET_PH = 6.1;
const SOUR_PH = 3.5;

/** Least distance of two labels, px. */
const LABEL_GAP = 19;

/** Acid and strength as two thin lines that do not shout, each with its figure at its end. */
export function QuietLines(props: { view: LotView; scales: Scales; top: number; toMs: number }) {
  const { view, scales, top, toMs } = props;
  const { curve, quiet } = view;
  if (quiet.ph.length === 0) return null;
  const y = (share: number) => scales.base - share * (scales.base - top);
  const acid = quiet.ph.map((ph) => (SWEET_PH - ph) / (SWEET_PH - SOUR_PH));
  const draw = (shares: readonly number[]) =>
    line<number>(
      (_, i) => scales.x(Math.min(toMs, curve.fromMs + i * curve.stepMs)),
      (share) => y(share),
    )(shares) ?? '';
  const x = scales.x(Math.min(toMs, curve.fromMs + (quiet.ph.length - 1) * curve.stepMs)) - 4;
  const acidY = y(acid.at(-1) ?? 0) - 6;
  const ownY = y(quiet.gluten.at(-1) ?? 0) - 6;
  const strengthY = Math.abs(ownY - acidY) < LABEL_GAP ? acidY + LABEL_GAP : ownY;
  const label = (atY: number, text: string) => (
    <text
      x={x}
      y={atY}
      fontSize={rem(13)}
      textAnchor="end"
      fill="var(--ink)"
      stroke="var(--paper)"
      strokeWidth={4}
      paintOrder="stroke"
    >
      {text}
    </text>
  );
  return (
    <g>
      <path d={draw(acid)} fill="none" stroke="var(--olive)" strokeWidth={1.6} />
      <path
        d={draw(quiet.gluten)}
        fill="none"
        stroke="var(--water)"
        strokeWidth={1.6}
        strokeDasharray="9 4"
      />
      {label(acidY, tr`acid, pH ${decimals(quiet.ph.at(-1) ?? SWEET_PH, 1)}`)}
      {label(strengthY, tr`strength ${percentText(quiet.gluten.at(-1) ?? 1, 0)}`)}
    </g>
  );
}

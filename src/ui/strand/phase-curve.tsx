import { PHASE_FILL } from '../marks/textures';
import { phaseCuts, type Ripening } from './strand-shape';
import type { Curve } from '@/shop/lots/curve';
import { fillOf, lineOf, type Scales } from '../chart/curve-paths';

/** A level over time: filled by what the mass is in at each hour, drawn through what was and broken where it is to come. */
export function PhaseCurve(props: {
  curve: Curve;
  of: Ripening;
  toMs: number;
  scales: Scales;
  /** From here on it is to come; left out: all of it was. */
  comesFromMs?: number;
}) {
  const { curve, of, toMs, scales, comesFromMs = toMs } = props;
  const { fromMs } = curve;
  const nowMs = Math.min(Math.max(comesFromMs, fromMs), toMs);
  return (
    <g>
      {phaseCuts(of).map((cut) => (
        <path
          key={cut.phase}
          d={fillOf(curve, Math.max(cut.fromMs, fromMs), Math.min(cut.toMs, toMs), scales)}
          fill={PHASE_FILL[cut.phase]}
        />
      ))}
      {nowMs > fromMs ? (
        <path
          d={lineOf(curve, fromMs, nowMs, scales)}
          fill="none"
          stroke="var(--edge)"
          strokeWidth={2.6}
        />
      ) : null}
      {nowMs < toMs ? (
        <path
          d={lineOf(curve, nowMs, toMs, scales)}
          fill="none"
          stroke="var(--edge)"
          strokeWidth={2.3}
          strokeDasharray="7 5"
        />
      ) : null}
    </g>
  );
}

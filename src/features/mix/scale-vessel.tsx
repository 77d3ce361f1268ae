import { tr, trOf } from '@/words/tr';
import { Textures } from '@/ui/marks/textures';

const W = 300;
const H = 190;
const TOP = 42;

/** The vessel on the scale: it fills to its mark, turns solid inside the tolerance, and flows over above it. */
export function ScaleVessel(props: {
  share: number;
  state: 'under' | 'right' | 'over';
  mark: string;
  tolerance: string;
}) {
  const { share, state, mark, tolerance } = props;
  const full = H - TOP - 8;
  const height = Math.min(full + 22, Math.max(0, share * full));
  const fill =
    state === 'under' ? 'url(#tx-rising)' : state === 'right' ? 'var(--ripe)' : 'url(#tx-past)';
  return (
    <svg
      viewBox={`0 0 430 ${H}`}
      width="100%"
      style={{ maxHeight: 158 }}
      role="img"
      aria-label={tr`${Math.round(share * 100)} per cent, ${trOf(state)}`}
      data-state={state}
    >
      <Textures />
      <rect x={30} y={H - 6 - height} width={W - 60} height={height} fill={fill} />
      <path
        d={`M30,12V${H - 18}a12,12 0 0 0 12,12H${W - 42}a12,12 0 0 0 12,-12V12`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={4}
      />
      <path d={`M8,${TOP}H${W - 6}`} stroke="var(--ink)" strokeWidth={3} />
      <path d={`M${W},${TOP}l14,-8v16z`} fill="var(--ink)" />
      <text x={W + 20} y={TOP + 1} fontSize="1.25rem" fontWeight={700} fill="var(--ink)">
        {mark}
      </text>
      <text x={W + 20} y={TOP + 22} fontSize="0.875rem" fill="var(--ink)">
        {tolerance}
      </text>
      <text
        x={W / 2}
        y={H - 30}
        textAnchor="middle"
        fontSize="1.75rem"
        fontWeight={700}
        fill={state === 'right' ? 'var(--on-ripe)' : 'var(--ink)'}
        stroke={state === 'right' ? 'none' : 'var(--flour)'}
        strokeWidth={5}
        paintOrder="stroke"
      >
        {Math.round(share * 100)} %
      </text>
    </svg>
  );
}

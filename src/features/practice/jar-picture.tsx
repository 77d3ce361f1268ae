import { tr, trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import type { SightKind, Sight } from '@/core/practice';

const WIDTH = 260;
const HEIGHT = 360;
const FLOOR = 340;
const LEFT = 50;
const RIGHT = 210;
/** Px that the volume just mixed takes; a level is told against it. */
const MIXED_PX = 76;
const BUBBLES = 70;
const DOME_PX = 14;

/** A jar as it would be seen: level against the mark, dome, bubbles; a ball for balls. */
export function JarPicture({ kind, sight }: { kind: SightKind; sight: Sight }) {
  return (
    <Box
      component="svg"
      role="img"
      aria-label={jarSaid(kind, sight)}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      sx={{ display: 'block', width: '100%', maxWidth: WIDTH, height: 'auto' }}
      data-testid="jar"
    >
      {kind === 'balls' ? <Ball sight={sight} /> : <Jar sight={sight} />}
    </Box>
  );
}

function jarSaid(kind: SightKind, { rise, dome, bubbles }: Sight): string {
  const how =
    bubbles < 0.15
      ? tr`hardly any bubbles`
      : bubbles < 0.6
        ? tr`some bubbles`
        : tr`full of bubbles`;
  return kind === 'balls'
    ? tr`A ball, about ${rise.toFixed(1)} times its volume when it was made`
    : tr`A jar, its level at ${rise.toFixed(1)} times the mark, ${trOf(dome)}, ${trOf(how)}`;
}

function Jar({ sight }: { sight: Sight }) {
  const top = FLOOR - MIXED_PX * sight.rise;
  const bend = sight.dome === 'domed' ? -DOME_PX : sight.dome === 'sinking' ? DOME_PX : 0;
  const middle = (LEFT + RIGHT) / 2;
  const mark = FLOOR - MIXED_PX;
  return (
    <>
      <path
        d={`M${LEFT} ${FLOOR}V${top}Q${middle} ${top + 2 * bend} ${RIGHT} ${top}V${FLOOR}Z`}
        fill="var(--under)"
        stroke="var(--edge)"
        strokeWidth={2}
      />
      {bubblesAt(sight, top).map(({ x, y, r }) => (
        <circle key={`${x} ${y}`} cx={x} cy={y} r={r} fill="var(--paper)" stroke="var(--edge)" />
      ))}
      <path
        d={`M${LEFT} 14V${FLOOR - 14}q0 14 14 14H${RIGHT - 14}q14 0 14 -14V14`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={4}
      />
      <path d={`M${LEFT - 8} ${mark}H${RIGHT + 8}`} stroke="var(--ink)" strokeWidth={5} />
      <text x={RIGHT + 12} y={mark + 5} fontSize={14} fill="var(--ink)">
        {tr`mark`}
      </text>
    </>
  );
}

/** A number from 0 to 1 that looks like none before it. */
function scattered(i: number): number {
  const wild = Math.sin((i + 1) * 12.9898) * 43_758.5453;
  return wild - Math.floor(wild);
}

/** Bubbles in their places: the same for the same level, larger and more as the gas grows. */
function bubblesAt({ bubbles }: Sight, top: number) {
  const count = Math.round(BUBBLES * bubbles);
  return Array.from({ length: count }, (_, i) => {
    const u = scattered(2 * i);
    const v = scattered(2 * i + 1);
    return {
      x: Math.round(LEFT + 10 + u * (RIGHT - LEFT - 20)),
      y: Math.round(top + 12 + v * Math.max(0, FLOOR - top - 24)),
      r: 1.6 + 3.4 * bubbles * ((i * 0.37) % 1),
    };
  });
}

function Ball({ sight }: { sight: Sight }) {
  // A slack ball spreads: wider and lower for the same volume.
  const size = 58 * Math.cbrt(sight.rise);
  const spread = 1 + 0.28 * sight.bubbles ** 3;
  const [rx, ry] = [size * spread, (size * 0.72) / spread];
  return (
    <>
      <line x1={16} x2={WIDTH - 16} y1={FLOOR} y2={FLOOR} stroke="var(--ink)" strokeWidth={4} />
      <path
        d={`M${WIDTH / 2 - rx} ${FLOOR}Q${WIDTH / 2 - rx} ${FLOOR - 2 * ry} ${WIDTH / 2} ${FLOOR - 2 * ry}T${WIDTH / 2 + rx} ${FLOOR}Z`}
        fill="var(--under)"
        stroke="var(--edge)"
        strokeWidth={2.4}
      />
      <ellipse
        cx={WIDTH / 2}
        cy={FLOOR}
        rx={58}
        ry={41}
        fill="none"
        stroke="var(--ink2)"
        strokeDasharray="3 5"
        clipPath={`inset(0 0 ${HEIGHT - FLOOR}px 0)`}
      />
      <text x={16} y={FLOOR + 17} fontSize={14} fill="var(--ink2)">
        {tr`dotted: when it was made`}
      </text>
    </>
  );
}

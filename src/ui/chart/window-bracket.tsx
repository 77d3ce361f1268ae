import { momentText } from '../format';
import { rem } from '../rem';

/** The window of ripeness as a chart shows it. */
export interface ShownWindow {
  readonly opensMs: number | null;
  readonly bestMs: number | null;
  readonly closesMs: number | null;
  readonly opensBand: readonly [number, number] | null;
  readonly closesBand: readonly [number, number] | null;
  readonly bestBand?: readonly [number, number] | null;
}

/** Hours nearer than this to the best are left out, px. */
const NEAR = 76;

/** The window over a curve: open from and to, the best with its hour, the doubt of both ends. */
export function WindowBracket(props: {
  window: ShownWindow;
  x: (atMs: number) => number;
  y: number;
  /** The end of what is drawn; a window that closes later stays open. */
  toMs: number;
  nowMs: number;
  timeZone: string;
}) {
  const { window, x, y, toMs, nowMs, timeZone } = props;
  const { opensMs, closesMs, opensBand, closesBand, bestBand = null } = window;
  if (opensMs === null) return null;
  const endX = x(Math.min(closesMs ?? toMs, toMs));
  const clock = { nowMs, timeZone, y: y - 12, x };
  return (
    <g>
      {[opensBand, closesBand ?? bestBand].map((band, index) =>
        band === null ? null : (
          <line
            key={index === 0 ? 'opens' : 'closes'}
            x1={x(band[0])}
            x2={x(Math.min(band[1], toMs))}
            y1={y}
            y2={y}
            stroke="var(--doubt)"
            strokeWidth={8}
            strokeLinecap="round"
          />
        ),
      )}
      <path
        d={`M${x(opensMs)},${y + 8}V${y}H${endX}${closesMs === null ? 'm-7,-6l7,6l-7,6' : 'v8'}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2.5}
      />
      <Hours window={window} endX={endX} toMs={toMs} clock={clock} />
    </g>
  );
}

interface Clock {
  readonly nowMs: number;
  readonly timeZone: string;
  readonly x: (atMs: number) => number;
  readonly y: number;
}

/** The best with its hour, and the hours of both ends where there is room for them. */
function Hours(props: { window: ShownWindow; endX: number; toMs: number; clock: Clock }) {
  const { endX, toMs, clock } = props;
  const { opensMs, bestMs, closesMs } = props.window;
  const { x, y } = clock;
  const isNear = (px: number) => bestMs !== null && Math.abs(px - x(bestMs)) < NEAR;
  const isOver = closesMs !== null && closesMs <= toMs;
  return (
    <>
      {opensMs === null || isNear(x(opensMs)) ? null : (
        <Hour atMs={opensMs} size={15} anchor="end" clock={clock} />
      )}
      {bestMs === null ? null : (
        <>
          <path d={`M${x(bestMs) - 8},${y + 8}h16l-8,12z`} fill="var(--ink)" />
          <Hour atMs={bestMs} size={21} anchor="middle" clock={clock} />
        </>
      )}
      {!isOver || isNear(endX) ? null : (
        <Hour atMs={closesMs} size={15} anchor="start" clock={clock} />
      )}
    </>
  );
}

function Hour(props: {
  atMs: number;
  size: number;
  anchor: 'start' | 'middle' | 'end';
  clock: Clock;
}) {
  const { atMs, size, anchor, clock } = props;
  return (
    <text
      x={Math.max(24, clock.x(atMs))}
      y={clock.y}
      fontSize={rem(size)}
      fontWeight={size > 16 ? 700 : 400}
      textAnchor={anchor}
      fill="var(--ink)"
      stroke="var(--paper)"
      strokeWidth={4}
      paintOrder="stroke"
    >
      {momentText(atMs, clock.nowMs, clock.timeZone)}
    </text>
  );
}

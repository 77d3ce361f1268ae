import type { TideView } from '@/server/tide';
import type { Moved } from '@/shop/moves/moved-shop';
import { StrandPaths } from '@/ui/strand/strand-paths';
import { Glyph } from '@/ui/marks/glyphs';
import { conflictWords, dragWords, goingAlong } from '../drag/drag-words';
import type { Picture } from '../layout/picture-parts';
import { ghostsOf } from '../layout/ghosts';
import { textWidth } from '../layout/labels';
import { withMoved } from '../drag/use-moved';
import type { Dragged } from '../drag/use-drag';
import { rem } from '@/ui/rem';

const R = 17;
const LINE_PX = 20;
/** Room between the words and the strand, px. */
const CLEAR_PX = 42;

/** A moment under the finger: its new place, what goes along, and in words what would be in its way. */
export function DragLayer(props: {
  picture: Picture;
  view: TideView;
  nowMs: number;
  dragged: Dragged;
  /** What would follow, once it is run. */
  moved: Moved | null;
}) {
  const { picture, view, nowMs, dragged, moved } = props;
  const { frame, scale, discs } = picture;
  const disc = discs.find((one) => one.moment.ref === dragged.moment.ref);
  if (disc === undefined) return null;
  const x = scale.x(dragged.atMs);
  const linePx = LINE_PX * frame.text;
  const words =
    moved?.refusal == null
      ? [
          ...dragWords(dragged, view, withMoved(view, moved)),
          ...conflictWords(moved?.conflicts ?? [], view.units.timeZone),
        ]
      : [...dragWords(dragged, view, view).slice(0, 1), moved.refusal];
  const width = Math.max(...words.map((one) => textWidth(one, 16 * frame.text))) + 20;
  const height = words.length * linePx + 12;
  const left = Math.min(Math.max(x + 26, frame.labelWidth + 4), frame.width - width - 8);
  // Above the strand, or under it: what follows lies on it to the right.
  const above = disc.y - height - CLEAR_PX;
  const top = above > frame.rulerHeight ? above : disc.y + CLEAR_PX;
  return (
    <g pointerEvents="none" aria-live="polite">
      {ghostsOf(picture, moved?.strands ?? [], nowMs).map(({ key, shape }) => (
        <g key={key} data-ghost={key}>
          <StrandPaths shape={shape} held />
        </g>
      ))}
      <line
        x1={x}
        x2={x}
        y1={frame.rulerHeight}
        y2={picture.height}
        stroke="var(--ink)"
        strokeWidth={2}
        strokeDasharray="3 4"
      />
      {goingAlong(dragged, view).map(({ moment, atMs }) => (
        <circle
          key={moment.ref}
          cx={scale.x(atMs)}
          cy={discs.find((one) => one.moment.ref === moment.ref)?.y ?? disc.y}
          r={12}
          fill="var(--paper)"
          stroke="var(--ink)"
          strokeWidth={2}
          strokeDasharray="4 3"
        />
      ))}
      <circle cx={x} cy={disc.y} r={R} fill="var(--ink)" stroke="var(--paper)" strokeWidth={3} />
      <g style={{ color: 'var(--paper)' }}>
        <Glyph name={dragged.moment.glyph} x={x} y={disc.y} size={R * 1.3} />
      </g>
      <rect x={left} y={top} width={width} height={height} rx={8} fill="var(--ink)" />
      {words.map((one, index) => (
        <text
          key={one}
          x={left + 10}
          y={top + 22 * frame.text + index * linePx}
          fontSize={rem(16)}
          fontWeight={index === 0 ? 700 : 400}
          fill="var(--paper)"
        >
          {one}
        </text>
      ))}
    </g>
  );
}

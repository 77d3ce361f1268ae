import { Glyph } from '@/ui/marks/glyphs';
import type { Picture } from '../layout/picture-parts';

/** Half of the 44 px that a finger needs. */
const TOUCH_R = 22;

/** The moments as discs on their strands. */
export function DiscsLayer(props: {
  picture: Picture;
  lit: string | null;
  onMoment: (ref: string, at: { readonly x: number; readonly y: number }) => void;
}) {
  const { picture, lit, onMoment } = props;
  return (
    <g>
      {picture.discs.map(({ moment, x, y, r, rank }) => {
        const filled = rank === 'next';
        return (
          <g
            key={moment.ref}
            opacity={lit === null || lit === moment.lotId ? 1 : 0.3}
            style={{ cursor: 'pointer' }}
            onClick={(event) => onMoment(moment.ref, { x: event.clientX, y: event.clientY })}
            data-moment={moment.ref}
          >
            <circle cx={x} cy={y} r={TOUCH_R} fill="transparent" />
            <circle
              cx={x}
              cy={y}
              r={r}
              fill={filled ? 'var(--ink)' : 'var(--paper)'}
              stroke={filled ? 'var(--paper)' : 'var(--ink)'}
              strokeWidth={2}
            />
            <g style={{ color: filled ? 'var(--paper)' : 'var(--ink)' }}>
              <Glyph name={moment.glyph} x={x} y={y} size={r * 1.3} />
            </g>
          </g>
        );
      })}
    </g>
  );
}

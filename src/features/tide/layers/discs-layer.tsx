import type { PointerEvent } from 'react';
import type { Moment } from '@/server/tide';
import { Glyph } from '@/ui/marks/glyphs';
import type { Picture } from '../layout/picture-parts';

/** Half of the 44 px that a finger needs. */
const TOUCH_R = 22;

/** The moments as discs on their strands. */
export function DiscsLayer(props: {
  picture: Picture;
  lit: string | null;
  /** Reference of the moment that the keys stand on. */
  chosen: string | null;
  onTake: (event: PointerEvent<SVGElement>, moment: Moment | null) => void;
  onMoment: (ref: string, at: { readonly x: number; readonly y: number }) => void;
}) {
  const { picture, lit, chosen, onTake, onMoment } = props;
  return (
    <g>
      {picture.discs.map(({ moment, x, y, r, rank }) => {
        const filled = rank === 'next';
        return (
          <Disc
            key={moment.ref}
            moment={moment}
            lit={lit}
            onMoment={onMoment}
            onTake={onTake}
            x={x}
            y={y}
            chosen={chosen}
            r={r}
            filled={filled}
          />
        );
      })}
    </g>
  );
}

function Disc(props: {
  moment: Moment;
  lit: string | null;
  onMoment: (ref: string, at: { readonly x: number; readonly y: number }) => void;
  onTake: (event: PointerEvent<SVGElement>, moment: Moment | null) => void;
  x: number;
  y: number;
  chosen: string | null;
  r: number;
  filled: boolean;
}) {
  const { moment, lit, onMoment, onTake, x, y, chosen, r, filled } = props;
  return (
    <g
      opacity={lit === null || lit === moment.lotId ? 1 : 0.3}
      style={{ cursor: 'pointer' }}
      onClick={(event) => onMoment(moment.ref, { x: event.clientX, y: event.clientY })}
      onPointerDown={(event) => {
        event.stopPropagation();
        onTake(event, moment.tense === 'planned' ? moment : null);
      }}
      data-moment={moment.ref}
    >
      <circle cx={x} cy={y} r={TOUCH_R} fill="transparent" />
      {chosen === moment.ref ? (
        <circle cx={x} cy={y} r={r + 5} fill="none" stroke="var(--ink)" strokeWidth={3} />
      ) : null}
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
}

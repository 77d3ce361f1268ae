import { tr } from '@/words/tr';
import type { ReactNode } from 'react';
import { Textures } from '@/ui/marks/textures';
import { BandsLayer } from './layers/bands-layer';
import { DiscsLayer } from './layers/discs-layer';
import { DragLayer } from './layers/drag-layer';
import { LabelsLayer } from './layers/labels-layer';
import { RulerLayer } from './layers/ruler-layer';
import { StrandsLayer } from './layers/strands-layer';
import type { Raft } from './layout/bands';
import type { Frame, Picture } from './layout/picture-parts';
import type { TideView } from '@/server/tide';
import type { Moved } from '@/shop/moves/moved-shop';
import type { useDrag } from './drag/use-drag';

type DragHands = ReturnType<typeof useDrag>;

/** What a tap on the picture means. */
export interface TideTaps {
  readonly strand: (lotId: string) => void;
  readonly moment: (ref: string, at: { readonly x: number; readonly y: number }) => void;
  readonly night: (fromMs: number) => void;
  readonly raft: (raft: Raft, at: { readonly x: number; readonly y: number }) => void;
}

/** The picture: places, strands, windows, moments, and the keel. */
export function TideSvg(props: {
  picture: Picture;
  view: TideView;
  nowMs: number;
  lit: string | null;
  taps: TideTaps;
  /** Reference of the moment that the keys stand on. */
  chosen?: string | null;
  drag?: DragHands;
  /** What would follow from the drag. */
  moved?: Moved | null;
  /** How far a picture longer than its room is scrolled: the ruler stays. */
  scrolledPx?: number;
  children?: ReactNode;
}) {
  const { picture, view, nowMs, lit, taps, chosen, drag, scrolledPx = 0, children } = props;
  const keelX = picture.scale.x(nowMs);
  const { frame } = picture;
  const faded = new Set(props.moved?.strands.map((one) => one.lotId));
  return (
    <svg
      width={frame.width}
      height={picture.height}
      viewBox={`0 0 ${frame.width} ${picture.height}`}
      role="group"
      aria-label={tr`The Tide: places by temperature, lots over time`}
      data-text={frame.text}
      style={{
        display: 'block',
        background: 'var(--paper)',
        touchAction: 'pan-y',
        userSelect: 'none',
      }}
      onPointerDown={(event) => drag?.take(event, null)}
      onPointerMove={drag?.move}
      onPointerUp={drag?.drop}
      onPointerCancel={drag?.drop}
      onClickCapture={(event) => {
        if (drag?.wasDrag() === true) event.stopPropagation();
      }}
    >
      <Textures />
      <clipPath id="plot">
        <rect
          x={frame.labelWidth}
          y={0}
          width={frame.width - frame.labelWidth}
          height={picture.height}
        />
      </clipPath>
      <BandsLayer picture={picture} view={view} nowMs={nowMs} onNight={taps.night} />
      <g clipPath="url(#plot)">
        <StrandsLayer
          picture={picture}
          lit={lit}
          faded={faded}
          onStrand={taps.strand}
          onRaft={taps.raft}
        />
      </g>
      <Keel x={keelX} frame={frame} from={0} to={frame.rulerHeight} />
      <g clipPath="url(#plot)">
        <DiscsLayer
          picture={picture}
          lit={lit}
          chosen={chosen ?? null}
          onTake={(event, moment) => drag?.take(event, moment)}
          onMoment={taps.moment}
        />
        <LabelsLayer picture={picture} lit={lit} />
      </g>
      <g transform={`translate(0 ${scrolledPx})`}>
        <RulerLayer picture={picture} view={view} nowMs={nowMs} />
        <Keel x={keelX} frame={frame} from={0} to={frame.rulerHeight} />
      </g>
      {drag?.dragged == null ? null : (
        <DragLayer
          picture={picture}
          view={view}
          nowMs={nowMs}
          dragged={drag.dragged}
          moved={props.moved ?? null}
        />
      )}
      {children}
    </svg>
  );
}

/** The now-line, where it is in sight. */
function Keel(props: { x: number; frame: Frame; from: number; to: number }) {
  const { x, frame, from, to } = props;
  if (x <= frame.labelWidth || x >= frame.width) return null;
  return <line x1={x} x2={x} y1={from} y2={to} stroke="var(--ink)" strokeWidth={3} />;
}

import { area, curveStepAfter } from 'd3';
import { Fragment } from 'react';
import type { TideView } from '@/services/tide';
import { tempText } from '@/ui/format';
import { FLOOR, type BandBox } from '../layout/bands';
import type { Picture } from '../layout/picture-parts';
import { loadAt } from '../tells';

/** Height of a full gauge, px. */
const FULL = FLOOR - 3;

/** The places: ground, nights, services, gauges and names. */
export function BandsLayer(props: {
  picture: Picture;
  view: TideView;
  nowMs: number;
  onNight: (fromMs: number) => void;
}) {
  const { picture, view, nowMs, onNight } = props;
  const { frame, scale, bands } = picture;
  const top = frame.rulerHeight;
  const height = frame.height - top;
  return (
    <g>
      <rect x={0} y={0} width={frame.width} height={frame.height} fill="var(--paper)" />
      <rect
        x={0}
        y={0}
        width={Math.max(0, Math.min(frame.width, scale.x(nowMs)))}
        height={frame.height}
        fill="var(--dry)"
        opacity={0.55}
      />
      {view.services
        .filter((service) => service.toMs > scale.fromMs && service.fromMs < scale.toMs)
        .map((service) => (
          <ServiceColumn
            key={service.bakeId}
            from={scale.x(Math.max(service.fromMs, scale.fromMs))}
            to={scale.x(Math.min(service.toMs, scale.toMs))}
            top={top}
            height={height}
          />
        ))}
      {scale.nights
        .filter((night) => night.toMs > scale.fromMs && night.fromMs < scale.toMs)
        .map((night) => {
          const from = scale.x(Math.max(night.fromMs, scale.fromMs));
          const to = scale.x(Math.min(night.toMs, scale.toMs));
          return (
            <rect
              key={night.fromMs}
              x={from}
              y={top}
              width={to - from}
              height={height}
              fill="var(--night)"
              style={{ cursor: 'pointer' }}
              onClick={() => onNight(night.fromMs)}
            >
              <title>Night, folded. Tap to unfold or fold.</title>
            </rect>
          );
        })}
      {bands.map((box) => (
        <Fragment key={box.band.placeId}>
          <rect
            x={frame.labelWidth}
            y={box.top + box.height - FLOOR}
            width={frame.width - frame.labelWidth}
            height={FLOOR}
            fill="var(--floor)"
          />
          <path d={gauge(box, picture)} fill="var(--water)" />
          <BandName box={box} view={view} nowMs={nowMs} width={frame.labelWidth} />
          <line
            x1={0}
            x2={frame.width}
            y1={box.top + box.height}
            y2={box.top + box.height}
            stroke="var(--line)"
            strokeWidth={1.5}
          />
        </Fragment>
      ))}
    </g>
  );
}

function ServiceColumn(props: { from: number; to: number; top: number; height: number }) {
  const { from, to, top, height } = props;
  return (
    <g>
      <rect x={from} y={top} width={Math.max(0, to - from)} height={height} fill="var(--lamp)" />
      {[from, to].map((x) => (
        <line
          key={x}
          x1={x}
          x2={x}
          y1={top}
          y2={top + height}
          stroke="var(--ink)"
          strokeDasharray="2 4"
        />
      ))}
    </g>
  );
}

function gauge(box: BandBox, { scale, frame }: Picture): string {
  const { band } = box;
  const floor = box.top + box.height - 1;
  const points = band.load
    .map((litres, i) => ({ atMs: band.fromMs + i * band.stepMs, litres }))
    .filter((point) => point.atMs >= scale.fromMs && point.atMs <= scale.toMs);
  const draw = area<{ atMs: number; litres: number }>()
    .x((point) => Math.max(frame.labelWidth, scale.x(point.atMs)))
    .y0(floor)
    .y1((point) => floor - Math.min(1.15, point.litres / band.capacityL) * FULL)
    .curve(curveStepAfter);
  return draw(points) ?? '';
}

function BandName(props: { box: BandBox; view: TideView; nowMs: number; width: number }) {
  const { box, view, nowMs, width } = props;
  const { band } = box;
  const temp = tempText(band.tempC, view.units);
  const load = `${Math.round(loadAt(band, nowMs) * 10) / 10} of ${band.capacityL} l`;
  if (box.height < 60) {
    return (
      <g>
        <text
          x={14}
          y={box.top + box.height / 2 + (width < 100 ? -3 : 5)}
          className="name"
          fontSize={15}
          fill="var(--ink)"
        >
          {band.name}
        </text>
        <text
          x={width - 6}
          y={box.top + box.height / 2 + (width < 100 ? 15 : 5)}
          fontSize={15}
          fontWeight={700}
          textAnchor="end"
          fill="var(--ink)"
        >
          {temp}
        </text>
      </g>
    );
  }
  return (
    <g fill="var(--ink)">
      <text x={14} y={box.top + 21} className="name" fontSize={16}>
        {band.name}
      </text>
      <text x={14} y={box.top + 47} fontSize={25} fontWeight={700}>
        {temp}
      </text>
      <text x={14} y={box.top + 66} fontSize={13} fill="var(--ink2)">
        {load}
      </text>
    </g>
  );
}

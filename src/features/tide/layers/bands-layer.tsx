import { tr } from '@/words/tr';
import { area, curveStepAfter } from 'd3';
import { Fragment } from 'react';
import type { TideView } from '@/server/tide';
import { tempText } from '@/ui/format';
import { FLOOR, type BandBox } from '../layout/bands';
import type { Frame, Picture } from '../layout/picture-parts';
import { loadAt } from '../layout/tells';
import { rem } from '@/ui/rem';

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
  const height = picture.height - top;
  return (
    <g>
      <rect x={0} y={0} width={frame.width} height={picture.height} fill="var(--paper)" />
      <rect
        x={0}
        y={0}
        width={Math.max(0, Math.min(frame.width, scale.x(nowMs)))}
        height={picture.height}
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
              <title>{tr`Night, folded. Tap to unfold or fold.`}</title>
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
          <BandName box={box} view={view} nowMs={nowMs} frame={frame} />
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

/** Width at the usual text from which a place's row has room for what stands in it, px. */
const ROOMY_PX = 300;

/** A place by name with its temperature and what stands in it: beside its lanes, or above them in the tall picture. */
function BandName(props: { box: BandBox; view: TideView; nowMs: number; frame: Frame }) {
  const { box, view, nowMs, frame } = props;
  const { band, top } = box;
  const { text, tall, labelWidth } = frame;
  const temp = tempText(band.tempC, view.units, view.units.tempUnit === 'F' ? 0 : 1);
  const load = tr`${Math.round(loadAt(band, nowMs) * 10) / 10} of ${band.capacityL} l`;
  if (tall) {
    const y = top + 19 * text;
    const roomy = frame.width / text > ROOMY_PX;
    return (
      <g fill="var(--ink)" fontSize={rem(16)}>
        <text x={10} y={y} className="name">
          {band.name}
        </text>
        <text
          x={roomy ? frame.width / 2 : frame.width - 10}
          y={y}
          fontWeight={700}
          textAnchor={roomy ? 'middle' : 'end'}
        >
          {temp}
        </text>
        {roomy ? (
          <text x={frame.width - 10} y={y} textAnchor="end" fill="var(--ink2)">
            {load}
          </text>
        ) : null}
      </g>
    );
  }
  if (box.height < 60 * text) {
    return (
      <g fill="var(--ink)" fontSize={rem(15)}>
        <text x={14} y={top + box.height / 2 + 5} className="name">
          {band.name}
        </text>
        <text x={labelWidth - 6} y={top + box.height / 2 + 5} fontWeight={700} textAnchor="end">
          {temp}
        </text>
      </g>
    );
  }
  const showsLoad = box.height > 72 * text;
  return (
    <g fill="var(--ink)">
      <text x={14} y={top + 21 * text} className="name" fontSize={rem(16)}>
        {band.name}
      </text>
      <text x={14} y={top + 47 * text} fontSize={rem(25)} fontWeight={700}>
        {temp}
      </text>
      {showsLoad ? (
        <text x={14} y={top + 66 * text} fontSize={rem(13)} fill="var(--ink2)">
          {load}
        </text>
      ) : null}
    </g>
  );
}

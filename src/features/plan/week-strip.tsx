'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import { scaleLinear } from 'd3';
import type { PlanView } from '@/server/plan/view';
import type { WeekService } from '@/server/plan/week-services';
import { dayText, weekDateText } from '@/ui/format';
import { archesOf, besideNow, NAME_LETTER_PX } from './week-layout';
import {
  HEIGHT,
  LABELS_PX,
  BASE_Y,
  HANDS_Y,
  GAUGE,
  type X,
  Nights,
  Gauge,
  ArchButton,
} from './week-strip-parts';

/** The week: services as oven arches, hands’ moments under them, the fullest place. */
export function WeekStrip(props: {
  view: PlanView;
  width: number;
  selectedKey: string | null;
  onSelect: (service: WeekService) => void;
}) {
  const { view, width, selectedKey, onSelect } = props;
  const { timeZone } = view.units;
  const left = width < 600 ? 8 : LABELS_PX;
  const x = scaleLinear([view.span.fromMs, view.span.toMs], [left, Math.max(width, MOST_NARROW)]);
  const arches = archesOf(view.services, x, BASE_Y);
  const selected = arches.find((arch) => arch.service.key === selectedKey);
  return (
    <Box
      sx={{
        overflowX: 'auto',
        overflowY: 'hidden',
        borderBottom: '1px solid var(--ink)',
        position: 'relative',
      }}
    >
      <Box sx={{ position: 'relative', width: Math.max(width, MOST_NARROW), height: HEIGHT }}>
        <svg width={Math.max(width, MOST_NARROW)} height={HEIGHT} aria-hidden="true">
          <rect width={Math.max(width, MOST_NARROW)} height={HEIGHT} fill="var(--paper)" />
          <rect width={x(view.nowMs)} height={HEIGHT} fill="var(--dry)" />
          <Nights view={view} x={x} />
          {view.days.map((day) => (
            <Day key={day.fromMs} day={day} view={view} x={x} />
          ))}
          {selected === undefined ? null : (
            <rect
              x={selected.x - selected.width}
              width={selected.width * 2}
              y={26}
              height={HEIGHT - 26}
              fill="var(--lamp)"
              stroke="var(--ink)"
              strokeDasharray="3 4"
            />
          )}
          <line
            x1={left}
            x2={width}
            y1={BASE_Y}
            y2={BASE_Y}
            stroke="var(--ink)"
            strokeWidth={1.4}
          />
          {view.hands.map((one, index) => (
            <circle
              key={`${one.atMs} ${index}`}
              cx={x(one.atMs)}
              cy={HANDS_Y}
              r={3.2}
              fill={one.tense === 'done' ? 'var(--ink)' : 'var(--paper)'}
              stroke="var(--ink)"
              strokeWidth={1.4}
            />
          ))}
          <Gauge view={view} x={x} />
          <line
            x1={x(view.nowMs)}
            x2={x(view.nowMs)}
            y1={0}
            y2={HEIGHT}
            stroke="var(--ink)"
            strokeWidth={3}
          />
          {left > 50 ? <StripLabels fullest={view.fullest?.name ?? tr`Places`} /> : null}
        </svg>
        {arches.map(({ service, ...at }) => (
          <ArchButton
            key={service.key}
            service={service}
            at={at}
            selected={service.key === selectedKey}
            day={dayText(service.fromMs, timeZone)}
            onSelect={() => onSelect(service)}
          />
        ))}
      </Box>
    </Box>
  );
}
/** Under this the week is panned, px. */
const MOST_NARROW = 760;

function StripLabels({ fullest }: { fullest: string }) {
  const text = { fontSize: 13, fill: 'var(--ink)' } as const;
  return (
    <g>
      <rect width={LABELS_PX - 6} height={HEIGHT} fill="var(--flour)" />
      <text x={14} y={58} {...text} fontWeight={700}>
        {tr`Services`}
      </text>
      <text x={14} y={75} {...text} fill="var(--ink2)">
        {tr`pizzas, odds`}
      </text>
      <text x={14} y={HANDS_Y + 4} {...text} fontWeight={700}>
        {tr`Hands`}
      </text>
      <text x={14} y={GAUGE.y + 13} {...text} fontWeight={700}>
        {fullest.slice(0, 12)}
      </text>
    </g>
  );
}

function Day({ day, view, x }: { day: PlanView['days'][number]; view: PlanView; x: X }) {
  const { timeZone } = view.units;
  const next = view.days.find((one) => one.fromMs > day.fromMs)?.fromMs ?? view.span.toMs;
  const name = day.closed
    ? tr`${dayText(day.fromMs, timeZone)} closed`
    : weekDateText(day.fromMs, timeZone);
  return (
    <g>
      {day.closed ? (
        <rect
          x={x(day.fromMs)}
          width={x(next) - x(day.fromMs)}
          y={28}
          height={60}
          fill="url(#tx-past)"
          opacity={0.4}
        />
      ) : null}
      <line
        x1={x(day.fromMs)}
        x2={x(day.fromMs)}
        y1={4}
        y2={24}
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      <text
        x={besideNow(x(day.fromMs) + 7, name.length * NAME_LETTER_PX, x(view.nowMs))}
        y={20}
        fontSize={15}
        fontWeight={600}
        fill="var(--ink)"
        className="name"
      >
        {name}
      </text>
    </g>
  );
}

import { tr, trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import { max, scaleBand, scaleLinear, type ScaleLinear, type ScaleBand } from 'd3';
import type { ShopUnits } from '@/core/units';
import type { ForecastRecord, OddLook, RecordWeek } from '@/shop/learned/learned-record';
import { dateText } from '@/ui/format';
import { rem } from '@/ui/rem';

/** How the forecasts of lots fared: minutes off week by week, how often the band held, looks that are hard to believe. */
export function HowItFared({ record, units }: { record: ForecastRecord; units: ShopUnits }) {
  if (record.weeks.every((week) => week.errorMin === null) && record.seen === 0) return null;
  return (
    <Box
      component="section"
      aria-label={tr`How the forecasts fared`}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '460px minmax(0, 1fr)' },
        gap: 3,
        p: 2,
      }}
    >
      <Box sx={{ minWidth: 0, overflowX: 'auto' }}>
        <Typography variant="h2">{tr`Minutes off, week by week`}</Typography>
        <Weeks record={record} units={units} />
      </Box>
      <Box>
        <Typography variant="h2">{tr`Does the band hold?`}</Typography>
        <Typography data-testid="band-held">{bandText(record)}</Typography>
        <Typography variant="h2" sx={{ mt: 2 }}>
          {tr`Hard to believe`}
        </Typography>
        {record.odd.length === 0 ? (
          <Typography>{tr`No look was further off than one in a hundred is.`}</Typography>
        ) : (
          record.odd.map((one) => (
            <Typography key={one.lotId}>
              <Link href={`/lots/${encodeURIComponent(one.lotId)}`}>
                {one.culture} {one.lotId}
              </Link>
              , {dateText(one.atMs, units.timeZone)}: {oddText(one)}
            </Typography>
          ))
        )}
      </Box>
    </Box>
  );
}

function bandText({ inside, seen }: ForecastRecord): string {
  if (seen === 0) return tr`No lot was looked at so that it could be said.`;
  const held = Math.round((inside / seen) * 100);
  const few = seen < FEW ? tr` They are few: one more or less moves that by much.` : '';
  return tr`${inside} of ${seen} lots were seen inside the band that should hold 8 of 10: ${held} %.${few}`;
}
const FEW = 20;

function oddText({ errorMin, later }: OddLook): string {
  const way = later ? 'later' : 'earlier';
  const off =
    errorMin === null ? tr`far ${trOf(way)}` : tr`${Math.round(errorMin)} min ${trOf(way)}`;
  return tr`${off} than forecast. A wrong hour, jar or mark? Take the look back where it is.`;
}

const WIDTH = 440;
const HEIGHT = 150;
const FOOT = 26;
const HEAD = 20;
const LEAST_TOP_MIN = 30;

/** Mean minutes between forecast and seen, a bar a week. */
function Weeks({ record, units }: { record: ForecastRecord; units: ShopUnits }) {
  const { weeks } = record;
  const x = scaleBand(
    weeks.map((week) => week.fromMs),
    [0, WIDTH],
  ).padding(0.25);
  const top = Math.max(LEAST_TOP_MIN, max(weeks, (week) => week.errorMin ?? 0) ?? 0);
  const y = scaleLinear([0, top], [HEIGHT - FOOT, HEAD]);
  return (
    <svg width={WIDTH} height={HEIGHT} role="img" aria-label={weeksText(record, units)}>
      <line x1={0} x2={WIDTH} y1={y(0)} y2={y(0)} stroke="var(--ink)" strokeWidth={2} />
      {weeks.map(({ fromMs, errorMin }, i) => (
        <WeekBar
          key={fromMs}
          fromMs={fromMs}
          x={x}
          errorMin={errorMin}
          y={y}
          i={i}
          weeks={weeks}
          units={units}
        />
      ))}
    </svg>
  );
}

function WeekBar(props: {
  fromMs: number;
  x: ScaleBand<number>;
  errorMin: number | null;
  y: ScaleLinear<number, number, never>;
  i: number;
  weeks: readonly RecordWeek[];
  units: ShopUnits;
}) {
  const { fromMs, x, errorMin, y, i, weeks, units } = props;
  return (
    <g transform={`translate(${x(fromMs) ?? 0},0)`}>
      {errorMin === null ? null : (
        <>
          <rect
            y={y(errorMin)}
            width={x.bandwidth()}
            height={y(0) - y(errorMin)}
            fill="var(--doubt)"
          />
          <MissText x={x} y={y} errorMin={errorMin} />
        </>
      )}
      {i % 3 === 0 || i === weeks.length - 1 ? (
        <text
          x={x.bandwidth() / 2}
          y={HEIGHT - 7}
          fontSize={rem(14)}
          textAnchor="middle"
          fill="var(--ink)"
        >
          {dayMonth(fromMs, units)}
        </text>
      ) : null}
    </g>
  );
}

function MissText({
  x,
  y,
  errorMin,
}: {
  x: ScaleBand<number>;
  y: ScaleLinear<number, number, never>;
  errorMin: number;
}) {
  return (
    <text
      x={x.bandwidth() / 2}
      y={y(errorMin) - 5}
      fontSize={rem(14)}
      fontWeight={700}
      textAnchor="middle"
      fill="var(--ink)"
    >
      {Math.round(errorMin)}
    </text>
  );
}

/** "27 Nov" of a date as it is written in full. */
function dayMonth(atMs: number, units: ShopUnits): string {
  const [, day = '', month = ''] = dateText(atMs, units.timeZone).split(' ');
  return `${day} ${month.slice(0, 3)}`;
}

function weeksText({ weeks }: ForecastRecord, units: ShopUnits): string {
  const said = weeks.flatMap(({ fromMs, errorMin, lots }) =>
    errorMin === null
      ? []
      : [tr`from ${dateText(fromMs, units.timeZone)} ${Math.round(errorMin)} min, ${lots} lots`],
  );
  return tr`Minutes off: ${said.join('; ')}`;
}

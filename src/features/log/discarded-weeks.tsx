import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { scaleLinear } from 'd3';
import type { LogView } from '@/server/log/log';
import { dateText, massText } from '@/ui/format';
import { rem } from '@/ui/rem';

const BAR = 26;
const HEIGHT = 46;

/** Flour thrown away, week by week, with what was set aside for later above it. */
export function DiscardedWeeks({ view }: { view: LogView }) {
  const { weeks, units } = view;
  const most = Math.max(1, ...weeks.map((week) => week.thrownG + week.collectedG));
  const y = scaleLinear([0, most], [0, HEIGHT - 4]);
  const now = weeks.at(-1);
  if (now === undefined || most <= 1) return null;
  const said = weeks
    .map(
      (week) =>
        tr`week of ${dateText(week.fromMs, units.timeZone)}: ${massText(Math.round(week.thrownG), units)} thrown away, ${massText(Math.round(week.collectedG), units)} set aside`,
    )
    .join('; ');
  return (
    <Box
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 2,
        flex: { xs: '1 0 100%', sm: 1 },
        minWidth: 0,
      }}
    >
      <svg
        width={weeks.length * BAR}
        height={HEIGHT}
        style={{ flex: 'none' }}
        role="img"
        aria-label={said}
      >
        {weeks.map((week, index) => (
          <g key={week.fromMs}>
            <rect
              x={index * BAR + 3}
              y={HEIGHT - y(week.thrownG)}
              width={BAR - 6}
              height={y(week.thrownG)}
              fill="var(--ink)"
            />
            <rect
              x={index * BAR + 3}
              y={HEIGHT - y(week.thrownG + week.collectedG)}
              width={BAR - 6}
              height={y(week.collectedG)}
              fill="var(--under)"
              stroke="var(--edge)"
            />
          </g>
        ))}
        <line
          x1={0}
          x2={weeks.length * BAR}
          y1={HEIGHT - 0.5}
          y2={HEIGHT - 0.5}
          stroke="var(--ink)"
        />
      </svg>
      <Box sx={{ minWidth: 0 }}>
        <Typography className="name" sx={{ fontSize: rem(18), lineHeight: 1.2 }}>
          {tr`${massText(Math.round(now.thrownG), units)} flour thrown away this week`}
        </Typography>
        <Typography variant="caption" component="p">
          {tr`${massText(Math.round(now.collectedG), units)} more set aside; eight weeks, the dark is thrown away`}
        </Typography>
      </Box>
    </Box>
  );
}

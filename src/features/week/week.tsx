import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { WeekDay, WeekView } from '@/server/hands-list/week';
import type { HandsMoment } from '@/shop/hands/hands-list';
import type { ShopUnits } from '@/core/units';
import { clockText, dateText, massText } from '@/ui/format';
import { coverText } from '@/ui/odds/odds-text';
import { RefreshWhenKnown } from '@/ui/odds/refresh-when-known';
import { PrintButton } from '@/ui/print-button';
import { rem } from '@/ui/rem';

/** Seven days beside each other, made to hang on a wall: services, and what is done when by whom. */
export function Week({ view }: { view: WeekView }) {
  const { days, units } = view;
  const waits = days.some((day) => day.services.some((one) => one.odds?.settled === false));
  return (
    <Box className="print-sheet print-wide" sx={{ background: 'var(--paper)', flex: 1 }}>
      <RefreshWhenKnown waits={waits} />
      <Box className="no-print" sx={{ position: 'relative', height: 72 }}>
        <PrintButton what={tr`the week`} />
      </Box>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'repeat(7, minmax(0, 1fr))' },
          borderTop: '2px solid var(--ink)',
          '@media print': { gridTemplateColumns: 'repeat(7, minmax(0, 1fr))' },
        }}
      >
        {days.map((day) => (
          <Day key={day.fromMs} day={day} units={units} />
        ))}
      </Box>
    </Box>
  );
}

function Day({ day, units }: { day: WeekDay; units: ShopUnits }) {
  const { timeZone } = units;
  const name = dateText(day.fromMs, timeZone);
  return (
    <Box
      component="section"
      aria-label={name}
      sx={{
        borderLeft: { md: '1px solid var(--line)' },
        borderTop: { xs: '1px solid var(--line)', md: 0 },
        background: day.closed ? 'var(--flour)' : 'transparent',
        p: 1,
        minWidth: 0,
      }}
    >
      <Typography variant="h3" component="h2">
        {name}
        {day.closed ? tr`, closed` : ''}
      </Typography>
      {day.services.map((one) => (
        <ServiceOfDay key={one.key} service={one} timeZone={timeZone} />
      ))}
      {day.moments.map((one) => (
        <Line key={one.stepId} moment={one} units={units} />
      ))}
      {day.moments.length === 0 && day.services.length === 0 ? (
        <Typography variant="body2">{tr`nothing`}</Typography>
      ) : null}
    </Box>
  );
}

function ServiceOfDay({
  service,
  timeZone,
}: {
  service: WeekDay['services'][number];
  timeZone: string;
}) {
  return (
    <Box sx={{ background: 'var(--lamp)', borderLeft: '4px solid var(--ink)', px: 0.75, my: 0.5 }}>
      <Typography sx={{ fontWeight: 700, lineHeight: 1.25 }}>
        {service.balls} {service.name}
      </Typography>
      <Typography variant="body2">
        {clockText(service.fromMs, timeZone)}–{clockText(service.toMs, timeZone)}{' '}
        <b>{service.state === 'open' ? tr`no plan` : coverText(service.odds)}</b>
      </Typography>
    </Box>
  );
}

/** A moment in two lines: its hour and what it is, then its grams and who. */
function Line({ moment, units }: { moment: HandsMoment; units: ShopUnits }) {
  const { lines, who } = moment;
  const takes = lines.map(
    (line) =>
      `${line.label} ${line.massG === undefined ? (line.text ?? '') : massText(line.massG, units)}`,
  );
  const under = [...takes, ...(who === null ? [] : [who])].join(', ');
  return (
    <Box sx={{ py: 0.5, borderTop: '1px solid var(--line)', breakInside: 'avoid' }}>
      <Typography sx={{ fontSize: rem(14), lineHeight: 1.25 }}>
        <b>{clockText(moment.atMs, units.timeZone)}</b> {moment.title}
      </Typography>
      {under === '' ? null : (
        <Typography variant="caption" component="p" sx={{ lineHeight: 1.3 }}>
          {under}
        </Typography>
      )}
    </Box>
  );
}

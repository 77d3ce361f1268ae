import Box from '@mui/material/Box';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import type { Moment, TideView } from '@/server/tide';
import { massText, momentText, tempText } from '@/ui/format';
import { chanceText } from '@/ui/odds/odds-text';
import { RefreshWhenKnown } from '@/ui/odds/refresh-when-known';
import { waterDegrees } from '@/ui/water-text';
import { PrintButton } from '@/ui/print-button';
import { rem } from '@/ui/rem';

/** The Tide in words and figures: the same content for a screen reader, for paper, and for who likes tables. */
export function Day({ view }: { view: TideView }) {
  const { units, clock } = view;
  const at = (atMs: number | null) =>
    atMs === null ? '–' : momentText(atMs, clock.nowMs, units.timeZone);
  const there = view.strands.filter(
    (strand) => strand.tense === 'done' && (strand.endMs ?? Infinity) > clock.nowMs,
  );
  const coming = view.strands.filter((strand) => strand.tense === 'planned');
  const places = new Map(view.bands.map((band) => [band.placeId, band.name]));
  return (
    <Box
      className="print-sheet"
      sx={{ background: 'var(--paper)', flex: 1, p: 2, position: 'relative' }}
    >
      <RefreshWhenKnown waits={view.services.some((one) => one.odds?.settled === false)} />
      <PrintButton what="the day" />
      <Sheet
        title="To do"
        heads={['When', 'What', 'How much', 'Where', 'Peak']}
        rows={view.moments
          .filter((moment) => moment.tense === 'planned')
          .map((moment) => [
            at(moment.plannedMs),
            moment.title,
            amountsOf(moment, view),
            places.get(moment.placeId ?? '') ?? moment.foot,
            peakOf(moment),
          ])}
      />
      <Sheet
        title="Standing there now"
        heads={['Lot', 'Code', 'Where', 'Opens', 'Best', 'Closes', '8 in 10']}
        rows={there.map((strand) => [
          strand.name,
          strand.lotId,
          places.get(strand.stays.at(-1)?.placeId ?? '') ?? '',
          ...windowCells(strand.window, at),
        ])}
      />
      <Sheet
        title="To come"
        heads={['Lot', 'Code', 'From', 'Opens', 'Best', 'Closes', '8 in 10']}
        rows={coming.map((strand) => [
          strand.name,
          strand.lotId,
          at(strand.startMs),
          ...windowCells(strand.window, at),
        ])}
      />
      <Sheet
        title="Services"
        heads={['Service', 'From', 'To', 'Balls wanted', 'Balls ready all through']}
        rows={view.services
          .filter((service) => service.toMs > clock.nowMs)
          .map((service) => [
            service.name,
            at(service.fromMs),
            at(service.toMs),
            String(service.wanted),
            service.odds === null ? 'baked' : chanceText(service.odds),
          ])}
      />
      <Sheet
        title="Places"
        heads={['Place', 'Stands at', 'Room', 'Fullest, from now on']}
        rows={view.bands.map((band) => {
          const from = Math.max(0, Math.floor((clock.nowMs - band.fromMs) / band.stepMs));
          const most = Math.max(0, ...band.load.slice(from));
          return [
            band.name,
            tempText(band.tempC, units),
            `${band.capacityL} l`,
            `${Math.round(most * 10) / 10} l`,
          ];
        })}
      />
      <Sheet
        title="Done"
        heads={['When', 'What', 'By']}
        rows={view.moments
          .filter((moment) => moment.tense === 'done')
          .reverse()
          .map((moment) => [at(moment.atMs), moment.title, moment.by ?? ''])}
      />
    </Box>
  );
}

function amountsOf(moment: Moment, view: TideView): string {
  const { water } = moment;
  const lines = moment.lines.map((line) => {
    if (line.massG === undefined) return `${line.text ?? ''} ${line.label}`.trim();
    const degrees =
      line.label === 'Water' && water !== null ? ` at ${waterDegrees(water, view.units)}` : '';
    return `${line.label} ${massText(line.massG, view.units)}${degrees}`;
  });
  return lines.join(', ');
}

function peakOf(moment: Moment): string {
  if (moment.offPeakMinutes === null) return '';
  const off = moment.offPeakMinutes;
  const best = off === 0 ? 'at best' : `${Math.abs(off)} min ${off > 0 ? 'after' : 'before'} best`;
  return `${moment.withinWindow === true ? 'ripe ✓' : 'not ripe'}, ${best}`;
}

/** Opens, best, closes and the band of the best. */
function windowCells(
  window: TideView['strands'][number]['window'],
  at: (atMs: number | null) => string,
): string[] {
  const { opensMs, bestMs, closesMs, bestBand, opensBand } = window;
  return [at(opensMs), at(bestMs), at(closesMs), bandOf(bestBand ?? opensBand, at)];
}

function bandOf(
  band: readonly [number, number] | null,
  at: (atMs: number | null) => string,
): string {
  return band === null ? '–' : `${at(band[0])} to ${at(band[1])}`;
}

/** One table of the day. */
function Sheet(props: {
  title: string;
  heads: readonly string[];
  rows: readonly (readonly string[])[];
}) {
  const { title, heads, rows } = props;
  return (
    <Box component="section" aria-label={title} sx={{ mb: 3, overflowX: 'auto' }}>
      <Typography variant="h2" gutterBottom>
        {title}
      </Typography>
      {rows.length === 0 ? (
        <Typography color="text.secondary">Nothing.</Typography>
      ) : (
        <Table
          size="small"
          sx={{ '& td, & th': { fontSize: rem(15), borderColor: 'var(--line)' } }}
        >
          <TableHead>
            <TableRow>
              {heads.map((head) => (
                <TableCell key={head}>{head}</TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {rows.map((row) => (
              <TableRow key={row.join(' ')}>
                {row.map((cell, index) => (
                  <TableCell
                    key={`${heads[index]}`}
                    {...(index === 0 ? { component: 'th', scope: 'row' } : {})}
                  >
                    {cell}
                  </TableCell>
                ))}
              </TableRow>
            ))}
          </TableBody>
        </Table>
      )}
    </Box>
  );
}

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import type { ExportName } from '@/server/exports/tables';
import type { ColdStoreLog } from '@/shop/sheets/cold-log';
import type { Sheets } from '@/server/sheets/sheets';
import { clockText, dateText, massText, tempText } from '@/ui/format';
import { LinkButton } from '@/ui/link-button';
import { PrintButton } from '@/ui/print-button';
import { ViewFrame } from '@/ui/view-frame';

/** The food-safety sheets: cold stores, traces, allergens. */
export function SheetsView({ sheets }: { sheets: Sheets }) {
  const { timeZone } = sheets.units;
  return (
    <ViewFrame
      title="Sheets"
      subtitle={`${sheets.shopName}, ${dateText(sheets.nowMs, timeZone)}`}
      clock={clockText(sheets.nowMs, timeZone)}
      aside={
        <Box className="no-print" sx={{ display: 'flex', gap: 1 }}>
          <PrintButton what="the sheets" />
          <LinkButton href="/records/trace">Trace of a day</LinkButton>
          <Button component="a" href="/records/sheets.pdf" download>
            As PDF
          </Button>
          <Button component="a" href="/shop/export/readings.csv" download>
            Readings as CSV
          </Button>
        </Box>
      }
    >
      <Box sx={{ p: 2.5, background: 'var(--paper)', flex: 1 }}>
        <Typography sx={{ fontWeight: 700, mb: 2 }}>{sheets.codesFirst}</Typography>
        <AsCsv name="cold-stores" of="Cold stores" />
        {sheets.cold.map((store) => (
          <ColdStore key={store.placeId} store={store} sheets={sheets} />
        ))}
        <Traces sheets={sheets} />
        <Typography variant="h2" sx={{ mt: 3 }}>
          Allergens
        </Typography>
        <AsCsv name="allergens" of="Allergens" />
        {sheets.allergens.length === 0 ? <Typography>No dough in sight.</Typography> : null}
        {sheets.allergens.map((row) => (
          <Typography key={row.lotId}>
            {row.name} ({row.lotId}): <strong>{row.allergens.join(', ') || 'none noted'}</strong>
          </Typography>
        ))}
      </Box>
    </ViewFrame>
  );
}

/** A sheet as a table that leaves the shop. */
function AsCsv({ name, of }: { name: ExportName; of: string }) {
  return (
    <Link className="no-print" href={`/shop/export/${name}.csv`} download sx={{ mb: 1 }}>
      {of} as CSV
    </Link>
  );
}

function ColdStore({ store, sheets }: { store: ColdStoreLog; sheets: Sheets }) {
  const { units } = sheets;
  const at = (atMs: number) =>
    `${dateText(atMs, units.timeZone)} ${clockText(atMs, units.timeZone)}`;
  const temp = (tempC: number | null) => (tempC === null ? '–' : tempText(tempC, units));
  return (
    <Box component="section" sx={{ mb: 3 }}>
      <Typography variant="h2">
        {store.name}, at most {tempText(store.limitC, units)}
      </Typography>
      {store.excursions.map((one) => (
        <Typography key={one.fromMs} sx={{ fontWeight: 700 }}>
          Too warm: {at(one.fromMs)} to {at(one.toMs)}, up to {temp(one.mostC)}
        </Typography>
      ))}
      {store.gaps.map((gap) => (
        <Typography key={gap.fromMs} sx={{ fontWeight: 700 }}>
          Gap: no reading from {at(gap.fromMs)} to {at(gap.toMs)}
        </Typography>
      ))}
      <Table size="small" aria-label={`Temperatures of ${store.name}`} sx={{ maxWidth: 640 }}>
        <TableHead>
          <TableRow>
            <TableCell>Day</TableCell>
            <TableCell align="right">Readings</TableCell>
            <TableCell align="right">Coldest</TableCell>
            <TableCell align="right">Warmest</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {store.days.map((day) => {
            const over = day.mostC !== null && day.mostC > store.limitC;
            return (
              <TableRow key={day.fromMs}>
                <TableCell>{dateText(day.fromMs, units.timeZone)}</TableCell>
                <TableCell align="right">{day.readings === 0 ? 'none' : day.readings}</TableCell>
                <TableCell align="right">{temp(day.leastC)}</TableCell>
                <TableCell align="right" sx={{ fontWeight: over ? 700 : 400 }}>
                  {temp(day.mostC)}
                  {over ? ', over' : ''}
                </TableCell>
              </TableRow>
            );
          })}
        </TableBody>
      </Table>
    </Box>
  );
}

function Traces({ sheets }: { sheets: Sheets }) {
  const { units, traces } = sheets;
  return (
    <>
      <Typography variant="h2">Traces, sack by sack</Typography>
      <AsCsv name="traces" of="Traces" />
      {traces.length === 0 ? (
        <Typography>
          No sack was noted yet. Under Shop, note what stands on a sack when it is opened.
        </Typography>
      ) : null}
      {traces.map((trace) => (
        <Box key={trace.sack.id} component="section" sx={{ mb: 2 }}>
          <Typography sx={{ fontWeight: 700 }}>
            {trace.flourName}, sack {trace.sack.code}, open from{' '}
            {dateText(trace.sack.fromMs, units.timeZone)}
            {trace.untilMs === null ? '' : ` to ${dateText(trace.untilMs, units.timeZone)}`}
          </Typography>
          <Typography variant="body2">
            Into{' '}
            {trace.lots
              .filter((lot) => lot.flourG > 0)
              .map((lot) => `${lot.lotId} (${massText(lot.flourG, units)})`)
              .join(', ') || 'nothing yet'}
          </Typography>
          <Typography variant="body2">
            From these{' '}
            {trace.lots
              .filter((lot) => lot.flourG === 0)
              .map((lot) => lot.lotId)
              .join(', ') || 'nothing more'}
          </Typography>
          <Typography variant="body2">
            Baked:{' '}
            {trace.bakes
              .map((bake) => `${bake.name} ${dateText(bake.atMs, units.timeZone)} (${bake.balls})`)
              .join(', ') || 'nothing yet'}
          </Typography>
        </Box>
      ))}
    </>
  );
}

import { tr } from '@/words/tr';
import type { Trace } from '@/server/sheets/trace';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import type { ExportName } from '@/server/exports/tables';
import type { ColdStoreLog } from '@/shop/sheets/cold-log';
import type { Sheets } from '@/server/sheets/sheets';
import { clockText, dateText, massText, tempText } from '@/ui/format';
import { LinkButton } from '@/ui/link-button';
import { PrintButton } from '@/ui/print-button';
import { ViewFrame } from '@/ui/view-frame';
import type { ShopUnits } from '@/core/units';
import { figures, TableHeads } from '@/ui/table-heads';

/** The food-safety sheets: cold stores, traces, allergens. */
export function SheetsView({ sheets }: { sheets: Sheets }) {
  const { timeZone } = sheets.units;
  return (
    <ViewFrame
      title={tr`Sheets`}
      subtitle={`${sheets.shopName}, ${dateText(sheets.nowMs, timeZone)}`}
      clock={clockText(sheets.nowMs, timeZone)}
      aside={
        <Box className="no-print" sx={{ display: 'flex', gap: 1 }}>
          <PrintButton what={tr`the sheets`} />
          <LinkButton href="/records/trace">{tr`Trace of a day`}</LinkButton>
          <Button component="a" href="/records/sheets.pdf" download>
            {tr`As PDF`}
          </Button>
          <Button component="a" href="/shop/export/readings.csv" download>
            {tr`Readings as CSV`}
          </Button>
        </Box>
      }
    >
      <Papers sheets={sheets} />
    </ViewFrame>
  );
}

/** All sheets, one under the other, as they are printed. */
function Papers({ sheets }: { sheets: Sheets }) {
  return (
    <Box sx={{ p: 2.5, background: 'var(--paper)', flex: 1 }}>
      <Typography sx={{ fontWeight: 700, mb: 2 }}>{sheets.codesFirst}</Typography>
      <AsCsv name="cold-stores" of={tr`Cold stores`} />
      {sheets.cold.map((store) => (
        <ColdStore key={store.placeId} store={store} sheets={sheets} />
      ))}
      <Traces sheets={sheets} />
      <Typography variant="h2" sx={{ mt: 3 }}>
        {tr`Allergens`}
      </Typography>
      <AsCsv name="allergens" of={tr`Allergens`} />
      {sheets.allergens.length === 0 ? <Typography>{tr`No dough in sight.`}</Typography> : null}
      {sheets.allergens.map((row) => (
        <Typography key={row.lotId}>
          {row.name} ({row.lotId}): <strong>{row.allergens.join(', ') || tr`none noted`}</strong>
        </Typography>
      ))}
    </Box>
  );
}

/** A sheet as a table that leaves the shop. */
function AsCsv({ name, of }: { name: ExportName; of: string }) {
  return (
    <Link className="no-print" href={`/shop/export/${name}.csv`} download sx={{ mb: 1 }}>
      {tr`${of} as CSV`}
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
        {tr`${store.name}, at most ${tempText(store.limitC, units)}`}
      </Typography>
      {store.excursions.map((one) => (
        <Typography key={one.fromMs} sx={{ fontWeight: 700 }}>
          {tr`Too warm: ${at(one.fromMs)} to ${at(one.toMs)}, up to ${temp(one.mostC)}`}
        </Typography>
      ))}
      {store.gaps.map((gap) => (
        <Typography key={gap.fromMs} sx={{ fontWeight: 700 }}>
          {tr`Gap: no reading from ${at(gap.fromMs)} to ${at(gap.toMs)}`}
        </Typography>
      ))}
      <ColdTable store={store} units={units} temp={temp} />
    </Box>
  );
}

function ColdTable({
  store,
  units,
  temp,
}: {
  store: ColdStoreLog;
  units: ShopUnits;
  temp: (tempC: number | null) => string;
}) {
  return (
    <Table size="small" aria-label={tr`Temperatures of ${store.name}`} sx={{ maxWidth: 640 }}>
      <TableHeads
        of={[tr`Day`, figures(tr`Readings`), figures(tr`Coldest`), figures(tr`Warmest`)]}
      />
      <TableBody>
        {store.days.map((day) => {
          const over = day.mostC !== null && day.mostC > store.limitC;
          return (
            <TableRow key={day.fromMs}>
              <TableCell>{dateText(day.fromMs, units.timeZone)}</TableCell>
              <TableCell align="right">{day.readings === 0 ? tr`none` : day.readings}</TableCell>
              <TableCell align="right">{temp(day.leastC)}</TableCell>
              <TableCell align="right" sx={{ fontWeight: over ? 700 : 400 }}>
                {temp(day.mostC)}
                {over ? tr`, over` : ''}
              </TableCell>
            </TableRow>
          );
        })}
      </TableBody>
    </Table>
  );
}

function Traces({ sheets }: { sheets: Sheets }) {
  const { units, traces } = sheets;
  return (
    <>
      <Typography variant="h2">{tr`Traces, sack by sack`}</Typography>
      <AsCsv name="traces" of={tr`Traces`} />
      {traces.length === 0 ? (
        <Typography>
          {tr`No sack was noted yet. Under Shop, note what stands on a sack when it is opened.`}
        </Typography>
      ) : null}
      {traces.map((trace) => (
        <TraceLine key={trace.sack.id} trace={trace} units={units} />
      ))}
    </>
  );
}

function TraceLine({ trace, units }: { trace: Trace; units: ShopUnits }) {
  return (
    <Box component="section" sx={{ mb: 2 }}>
      <Typography sx={{ fontWeight: 700 }}>
        {tr`${trace.flourName}, sack ${trace.sack.code}, open from ${dateText(trace.sack.fromMs, units.timeZone)}${trace.untilMs === null ? '' : tr` to ${dateText(trace.untilMs, units.timeZone)}`}`}
      </Typography>
      <Typography variant="body2">
        {tr`Into ${
          trace.lots
            .filter((lot) => lot.flourG > 0)
            .map((lot) => `${lot.lotId} (${massText(lot.flourG, units)})`)
            .join(', ') || tr`nothing yet`
        }`}
      </Typography>
      <Typography variant="body2">
        {tr`From these ${
          trace.lots
            .filter((lot) => lot.flourG === 0)
            .map((lot) => lot.lotId)
            .join(', ') || tr`nothing more`
        }`}
      </Typography>
      <Typography variant="body2">
        {tr`Baked: ${
          trace.bakes
            .map((bake) => `${bake.name} ${dateText(bake.atMs, units.timeZone)} (${bake.balls})`)
            .join(', ') || tr`nothing yet`
        }`}
      </Typography>
    </Box>
  );
}

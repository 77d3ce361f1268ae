import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import type { DayLot, DaySale, DayTraceView } from '@/server/sheets/day-trace';
import { clockText, dateText, massText } from '@/ui/format';
import { LinkButton } from '@/ui/link-button';
import { PrintButton } from '@/ui/print-button';
import { ViewFrame } from '@/ui/view-frame';
import { DayChoice } from './day-choice';
import type { ShopUnits } from '@/core/units';
import { TableHeads } from '@/ui/table-heads';

/** A day traced both ways on one page: what was sold back to its flour, what was made on to where it was sold. */
export function DayTrace({ view }: { view: DayTraceView }) {
  const { units, day } = view;
  return (
    <ViewFrame
      title={tr`Trace of a day`}
      subtitle={`${view.shopName}, ${dateText(view.dayMs, units.timeZone)} ${day.slice(0, 4)}`}
      clock={clockText(view.nowMs, units.timeZone)}
      aside={
        <Box className="no-print" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          <LinkButton href={hrefOf(view.before)}>{tr`Day before`}</LinkButton>
          <DayChoice day={day} />
          {view.after === null ? null : (
            <LinkButton href={hrefOf(view.after)}>{tr`Day after`}</LinkButton>
          )}
          <PrintButton what={tr`the trace`} />
          <Button component="a" href={`/records/trace.pdf?day=${day}`} download>
            {tr`As PDF`}
          </Button>
          <Button component="a" href={`/records/trace.csv?day=${day}`} download>
            {tr`As CSV`}
          </Button>
        </Box>
      }
    >
      <OfTheDay view={view} />
    </ViewFrame>
  );
}

function OfTheDay({ view }: { view: DayTraceView }) {
  return (
    <Box sx={{ p: 2.5, background: 'var(--paper)', flex: 1 }}>
      {view.remark === null ? null : <Typography role="alert">{view.remark}</Typography>}
      <Typography sx={{ fontWeight: 700, mb: 2 }}>{view.codesFirst}</Typography>
      <Sales
        title={tr`Sold on that day`}
        sales={view.sold}
        view={view}
        none={tr`Nothing was baked.`}
      />
      <Lots title={tr`Back to the flour`} lots={view.back} view={view} />
      {view.older.length === 0 ? null : (
        <Typography variant="body2" sx={{ mb: 2 }}>
          {tr`Older lots in the line: ${view.older.join(' ')}`}
        </Typography>
      )}
      <Lots title={tr`Made on that day, and what came of it`} lots={view.on} view={view} />
      <Sales
        title={tr`Where that was sold`}
        sales={view.soldLater}
        view={view}
        none={tr`Nowhere yet.`}
      />
    </Box>
  );
}

const hrefOf = (day: string) => `/records/trace?day=${day}`;

function Sales(props: {
  title: string;
  sales: readonly DaySale[];
  view: DayTraceView;
  none: string;
}) {
  const { title, sales, view, none } = props;
  const { timeZone } = view.units;
  return (
    <Box component="section" sx={{ mb: 3 }}>
      <Typography variant="h2">{title}</Typography>
      {sales.length === 0 ? <Typography>{none}</Typography> : null}
      {sales.map((one) => (
        <Typography key={one.bakeId ?? 'none'}>
          {dateText(one.atMs, timeZone)}, {clockText(one.atMs, timeZone)}{' '}
          <strong>
            {one.bakeId === null ? (
              one.name
            ) : (
              <NextLink href={`/bakes/${encodeURIComponent(one.bakeId)}`}>{one.name}</NextLink>
            )}
          </strong>
          {tr`: ${one.balls} pizzas, of ${one.lotIds.join(' ')}`}
        </Typography>
      ))}
    </Box>
  );
}

function Lots({
  title,
  lots,
  view,
}: {
  title: string;
  lots: readonly DayLot[];
  view: DayTraceView;
}) {
  const { units } = view;
  return (
    <Box component="section" sx={{ mb: 3, overflowX: 'auto' }}>
      <Typography variant="h2">{title}</Typography>
      {lots.length === 0 ? <Typography>{tr`No lot.`}</Typography> : null}
      {lots.length === 0 ? null : (
        <Table size="small" aria-label={title}>
          <TableHeads of={[tr`Lot`, tr`Made`, tr`By`, tr`Weighed in`, tr`From`, tr`Into`]} />
          <TableBody>
            {lots.map((lot) => (
              <LotLine key={lot.lotId} lot={lot} units={units} />
            ))}
          </TableBody>
        </Table>
      )}
    </Box>
  );
}

function LotLine({ lot, units }: { lot: DayLot; units: ShopUnits }) {
  return (
    <TableRow>
      <TableCell>
        <NextLink href={`/lots/${encodeURIComponent(lot.lotId)}`}>{lot.lotId}</NextLink> {lot.name}
      </TableCell>
      <TableCell>
        {dateText(lot.madeMs, units.timeZone)}, {clockText(lot.madeMs, units.timeZone)}
      </TableCell>
      <TableCell>{lot.by ?? ''}</TableCell>
      <TableCell>
        {lot.weighed
          .map(
            (one) =>
              `${one.name} ${massText(one.massG, units)}${one.sack === null ? '' : tr`, sack ${one.sack}`}`,
          )
          .join('; ')}
      </TableCell>
      <TableCell>{lot.from.join(' ')}</TableCell>
      <TableCell>{lot.into.join(' ')}</TableCell>
    </TableRow>
  );
}

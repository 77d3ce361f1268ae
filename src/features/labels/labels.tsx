import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import type { LabelsView } from '@/server/labels/print';
import { momentText } from '@/ui/format';
import { labelSize } from '@/shop/labels/sizes';
import { LabelPicture } from './label-picture';
import { OpenByCode } from './open-by-code';
import { PrinterLine, type HandlePrinter } from './printer-line';
import { figures, TableHeads } from '@/ui/table-heads';

/** How wide a printed label is shown. */
const PICTURE_PX = 250;

/** Columns that a phone has no room for. */
const WIDE_ONLY = { display: { xs: 'none', sm: 'table-cell' } };

/** A lot by its code, and what the label printer has printed. */
export function Labels({
  view,
  handlePrinter,
}: {
  view: LabelsView;
  handlePrinter: HandlePrinter;
}) {
  return (
    <Box
      sx={{
        background: 'var(--paper)',
        flex: 1,
        p: { xs: 1.5, sm: 3 },
        display: 'grid',
        gap: 3,
        alignContent: 'start',
      }}
    >
      <OpenByCode codes={view.codes} />
      <Box component="section" aria-label={tr`Printed`}>
        <Typography variant="h2" gutterBottom>
          {tr`Printed`}
        </Typography>
        <PrinterLine printer={view.printer} handle={handlePrinter} />
        {view.printed.length === 0 ? (
          <Typography>
            {tr`Nothing yet. Every lot has its label: open the lot and choose Label.`}
          </Typography>
        ) : (
          <PrintedLabels view={view} />
        )}
      </Box>
    </Box>
  );
}

/** Every label that was printed, as it was. */
function PrintedLabels({ view }: { view: LabelsView }) {
  return (
    <TableContainer>
      <Table size="small" aria-label={tr`Printed labels`}>
        <TableHeads
          of={[
            tr`When`,
            tr`Lot`,
            { name: tr`As it was printed`, sx: WIDE_ONLY },
            figures(tr`How many`),
            { name: tr`Size`, sx: WIDE_ONLY },
          ]}
        />
        <TableBody>
          {view.printed.map((label) => (
            <PrintedLine key={label.id} label={label} view={view} />
          ))}
        </TableBody>
      </Table>
    </TableContainer>
  );
}

function PrintedLine({ label, view }: { label: LabelsView['printed'][number]; view: LabelsView }) {
  return (
    <TableRow>
      <TableCell sx={{ whiteSpace: { sm: 'nowrap' } }}>
        {momentText(label.atMs, view.nowMs, view.units.timeZone)}
      </TableCell>
      <TableCell>
        <Link href={`/lots/${encodeURIComponent(label.lotId)}`}>
          {label.content.name} {label.lotId}
        </Link>
      </TableCell>
      <TableCell sx={WIDE_ONLY}>
        <Box sx={{ width: PICTURE_PX }}>
          <LabelPicture content={label.content} size={labelSize(label.size)} qr={label.qr} />
          <span className="visually-hidden">
            {label.content.lines.map((line) => `${line.what} ${line.says}`).join(' · ')}
          </span>
        </Box>
      </TableCell>
      <TableCell align="right">{label.copies}</TableCell>
      <TableCell sx={WIDE_ONLY}>{label.sizeName}</TableCell>
    </TableRow>
  );
}

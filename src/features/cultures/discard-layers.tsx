import { tr } from '@/words/tr';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { DiscardFacts, Layer } from '@/server/cultures/discard-facts';
import { dateText, decimals, massText } from '@/ui/format';
import { rem } from '@/ui/rem';

/** Yeast alive from which a layer still raises a dough by itself, % fresh-yeast equivalent. Set. */
const LIVELY = 1;

/** The layers of a discard jar: what is in each, how it is, until when it keeps. */
export function Layers(props: {
  facts: DiscardFacts;
  busy: boolean;
  onThrow: (layer: Layer) => void;
}) {
  const { facts, busy, onThrow } = props;
  if (facts.layers.length === 0) return null;
  return (
    <TableContainer sx={{ position: 'relative' }}>
      <Table
        size="small"
        aria-label={tr`Layers`}
        sx={{ '& td, & th': { fontSize: rem(16), borderColor: 'var(--line)', py: 0.25 } }}
      >
        <TableHead>
          <TableRow>
            <TableCell>{tr`Layer`}</TableCell>
            <TableCell align="right">{tr`In it`}</TableCell>
            <TableCell>{tr`State`}</TableCell>
            <TableCell>{tr`Keeps to`}</TableCell>
            <TableCell>
              <span className="visually-hidden">{tr`Throw away`}</span>
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {facts.layers.map((layer) => (
            <LayerLine
              key={layer.jar.lot.id}
              layer={layer}
              busy={busy}
              onThrow={onThrow}
              facts={facts}
            />
          ))}
        </TableBody>
      </Table>
    </TableContainer>
  );
}

function LayerLine(props: {
  layer: Layer;
  busy: boolean;
  onThrow: (layer: Layer) => void;
  facts: DiscardFacts;
}) {
  const { layer, busy, onThrow, facts } = props;
  const { units, nowMs } = facts;
  return (
    <TableRow>
      <TableCell>
        {`${layer.jar.lot.id}, ${decimals(layer.days, layer.days < 3 ? 1 : 0)} d`}
      </TableCell>
      <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
        <strong>{massText(layer.massG, units)}</strong>
        {tr`: ${massText(layer.flourG, units)} flour`}
      </TableCell>
      <TableCell>
        {tr`about pH ${decimals(layer.ph, 1)}, ${layer.yeast >= LIVELY ? tr`still lively` : tr`for flavour`}`}
      </TableCell>
      <TableCell>
        {layer.endsMs === null
          ? '–'
          : layer.endsMs < nowMs
            ? tr`past its end since ${dateText(layer.endsMs, units.timeZone)}`
            : dateText(layer.endsMs, units.timeZone)}
      </TableCell>
      <TableCell align="right">
        <Button size="small" variant="text" disabled={busy} onClick={() => onThrow(layer)}>
          {tr`Throw away`}
          <span className="visually-hidden"> {layer.jar.lot.id}</span>
        </Button>
      </TableCell>
    </TableRow>
  );
}

'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useState } from 'react';
import { absorptionOf, isEstimated, strengthOf, STRENGTH_SD } from '@/core/flour';
import type { ShopUnits } from '@/core/units';
import type { DoughsView } from '@/server/doughs/view';
import type { StockRow } from '@/shop/stock-view';
import { CautionLine } from '@/ui/cautions/caution-line';
import { decimals, massText, momentText } from '@/ui/format';
import { useSend } from '@/ui/hands/use-send';
import { Panes } from '@/ui/panes';
import { BlendSolver } from './blend-solver';
import type { DoughActions } from './dough-actions';
import { FlourForm } from './flour-form';
import { figures, TableHeads } from '@/ui/table-heads';

type FlourRow = DoughsView['facts']['flours'][number];

const pct = (share: number | null | undefined, digits = 1) =>
  share == null ? '–' : `${decimals(share * 100, digits)} %`;

/** What is there of a flour, by the count and what was taken since, against what the plans take. */
function There(props: { row: StockRow | undefined; units: ShopUnits; nowMs: number }) {
  const { row, units, nowMs } = props;
  return (
    <>
      <Link href="/stock" prefetch={false} style={{ display: 'inline-block', padding: '6px 0' }}>
        {row?.thereG == null ? tr`not counted` : massText(row.thereG, units)}
      </Link>
      {row === undefined || row.neededG === 0 ? null : (
        <Typography component="span" variant="caption" sx={{ display: 'block' }}>
          {row.shortMs === null
            ? tr`plans take ${massText(row.neededG, units)}`
            : tr`short from ${momentText(row.shortMs, nowMs, units.timeZone)}`}
        </Typography>
      )}
    </>
  );
}

/** The shop’s flours with what is known of each, and blends of two of them. */
export function FloursView(props: {
  view: DoughsView;
  stock: readonly StockRow[];
  actions: DoughActions;
}) {
  const { view, stock, actions } = props;
  const { flours } = view.facts;
  const [editing, setEditing] = useState<FlourRow | 'new' | null>(null);
  const here = flours.filter((flour) => flour.retiredMs === null);
  return (
    <Panes columns="minmax(0, 1fr) 400px">
      <Box sx={{ background: 'var(--paper)', p: 2.5, minWidth: 0 }}>
        <FlourTable view={view} stock={stock} onEdit={setEditing} retire={actions.retireFlour} />
        <Typography variant="body2" color="text.secondary" sx={{ my: 1.5 }}>
          {tr`W with ± is worked out from protein (180 + 47 for each per cent over 10). Water with ≈ is worked out from strength and whole grain. Wheat and what else is noted stands on labels and sheets; local codes say what must be printed.`}
        </Typography>
        <Box sx={{ mb: 2 }}>
          <CautionLine at={['flour store', 'contents']} />
        </Box>
        {editing === null ? (
          <Button onClick={() => setEditing('new')}>{tr`Another flour`}</Button>
        ) : (
          <FlourForm
            key={editing === 'new' ? 'new' : editing.id}
            flour={editing === 'new' ? null : editing}
            change={actions.changeFlour}
            onClose={() => setEditing(null)}
          />
        )}
      </Box>
      <Box sx={{ p: 2.5, borderLeft: { md: '2px solid var(--ink)' } }}>
        <BlendSolver flours={here} />
      </Box>
    </Panes>
  );
}

/** The flours one a line; what is out of stock stays in sight. */
function FlourTable(props: {
  view: DoughsView;
  stock: readonly StockRow[];
  onEdit: (flour: FlourRow) => void;
  retire: DoughActions['retireFlour'];
}) {
  const { view, stock, onEdit, retire } = props;
  const { send, busy } = useSend('notice');
  const setRetired = ({ id, name }: FlourRow, retired: boolean) =>
    send(() => retire({ id, retired }), {
      said: `${name}: ${retired ? tr`not in the shop any more` : tr`back in the shop`}.`,
      undo: () => () => retire({ id, retired: !retired }),
    });
  return (
    <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="group" aria-label={tr`Flours`}>
      <Table
        size="small"
        aria-label={tr`Flours`}
        sx={{
          '& td, & th': { px: 0.75 },
          '& button': { minWidth: 0, px: 1 },
          '& .MuiTableCell-alignRight': { whiteSpace: 'nowrap' },
        }}
      >
        <TableHeads
          of={[
            tr`Flour`,
            figures('W'),
            figures(tr`Protein`),
            figures(tr`Ash`),
            figures(tr`Whole grain`),
            figures(tr`Takes water`),
            tr`Contains`,
            tr`There`,
            figures(tr`Acts`),
          ]}
        />
        <TableBody>
          {view.facts.flours.map((flour) => (
            <FlourLine
              key={flour.id}
              flour={flour}
              stock={stock}
              view={view}
              onEdit={onEdit}
              busy={busy}
              onRetire={setRetired}
            />
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}

/** A flour and what is known of it. */
function FlourLine(props: {
  flour: FlourRow;
  stock: readonly StockRow[];
  view: DoughsView;
  onEdit: (flour: FlourRow) => void;
  busy: boolean;
  onRetire: (flour: FlourRow, retired: boolean) => void;
}) {
  const { flour, stock, view, onEdit, busy, onRetire } = props;
  const { units } = view.facts;
  return (
    <TableRow sx={{ opacity: flour.retiredMs === null ? 1 : 0.75 }}>
      <TableCell component="th" scope="row" className="name">
        {flour.name}
        {flour.retiredMs === null ? '' : tr`, out of stock`}
      </TableCell>
      <TableCell align="right">
        {Math.round(strengthOf(flour))}
        {isEstimated(flour) ? ` ± ${STRENGTH_SD}` : ''}
      </TableCell>
      <TableCell align="right">{pct(flour.proteinShare)}</TableCell>
      <TableCell align="right">{pct(flour.ashShare, 2)}</TableCell>
      <TableCell align="right">{pct(flour.wholegrainShare, 0)}</TableCell>
      <TableCell align="right">
        {flour.absorption == null ? '≈ ' : ''}
        {pct(absorptionOf(flour))}
      </TableCell>
      <TableCell>{(flour.allergens ?? ['wheat']).join(', ') || tr`nothing noted`}</TableCell>
      <TableCell sx={{ whiteSpace: 'nowrap' }}>
        <There
          row={stock.find((one) => one.ingredientId === flour.id)}
          units={units}
          nowMs={view.facts.nowMs}
        />
      </TableCell>
      <FlourActs flour={flour} onEdit={onEdit} busy={busy} onRetire={onRetire} />
    </TableRow>
  );
}

/** What can be done with a flour: change it, put it away, bring it back. */
function FlourActs(props: {
  flour: FlourRow;
  onEdit: (flour: FlourRow) => void;
  busy: boolean;
  onRetire: (flour: FlourRow, retired: boolean) => void;
}) {
  const { flour, onEdit, busy, onRetire } = props;
  return (
    <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
      {flour.retiredMs === null ? (
        <>
          <Button size="small" variant="text" onClick={() => onEdit(flour)}>
            {tr`Change`}
          </Button>
          <Button size="small" variant="text" disabled={busy} onClick={() => onRetire(flour, true)}>
            {tr`Out of stock`}
          </Button>
        </>
      ) : (
        <Button size="small" variant="text" disabled={busy} onClick={() => onRetire(flour, false)}>
          {tr`Back`}
        </Button>
      )}
    </TableCell>
  );
}

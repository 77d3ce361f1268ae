'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { absorptionOf, isEstimated, strengthOf, STRENGTH_SD } from '@/core/flour';
import type { DoughsView } from '@/server/doughs/view';
import { CautionLine } from '@/ui/cautions/caution-line';
import { decimals } from '@/ui/format';
import { useSend } from '@/ui/hands/use-send';
import { BlendSolver } from './blend-solver';
import type { DoughActions } from './dough-actions';
import { FlourForm } from './flour-form';

type FlourRow = DoughsView['facts']['flours'][number];

const pct = (share: number | null | undefined, digits = 1) =>
  share == null ? '–' : `${decimals(share * 100, digits)} %`;

/** The shop’s flours with what is known of each, and blends of two of them. */
export function FloursView({ view, actions }: { view: DoughsView; actions: DoughActions }) {
  const { flours } = view.facts;
  const [editing, setEditing] = useState<FlourRow | 'new' | null>(null);
  const { send, busy } = useSend('notice');
  const retire = ({ id, name }: FlourRow, retired: boolean) =>
    send(() => actions.retireFlour({ id, retired }), {
      said: `${name}: ${retired ? tr`not in the shop any more` : tr`back in the shop`}.`,
      undo: () => () => actions.retireFlour({ id, retired: !retired }),
    });
  const here = flours.filter((flour) => flour.retiredMs === null);
  return (
    <Box
      sx={{
        flex: 1,
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 400px' },
      }}
    >
      <Box sx={{ background: 'var(--paper)', p: 2.5, overflowX: 'auto' }}>
        <Table size="small" aria-label={tr`Flours`}>
          <TableHead>
            <TableRow>
              <TableCell>{tr`Flour`}</TableCell>
              <TableCell align="right">W</TableCell>
              <TableCell align="right">{tr`Protein`}</TableCell>
              <TableCell align="right">{tr`Ash`}</TableCell>
              <TableCell align="right">{tr`Whole grain`}</TableCell>
              <TableCell align="right">{tr`Takes water`}</TableCell>
              <TableCell>{tr`Contains`}</TableCell>
              <TableCell align="right">{tr`Acts`}</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {flours.map((flour) => (
              <TableRow key={flour.id} sx={{ opacity: flour.retiredMs === null ? 1 : 0.75 }}>
                <TableCell component="th" scope="row" className="name">
                  {flour.name}
                  {flour.retiredMs === null ? '' : tr`, gone`}
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
                <TableCell>
                  {(flour.allergens ?? ['wheat']).join(', ') || tr`nothing noted`}
                </TableCell>
                <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
                  {flour.retiredMs === null ? (
                    <>
                      <Button size="small" variant="text" onClick={() => setEditing(flour)}>
                        {tr`Change`}
                      </Button>
                      <Button
                        size="small"
                        variant="text"
                        disabled={busy}
                        onClick={() => retire(flour, true)}
                      >
                        {tr`Out of stock`}
                      </Button>
                    </>
                  ) : (
                    <Button
                      size="small"
                      variant="text"
                      disabled={busy}
                      onClick={() => retire(flour, false)}
                    >
                      {tr`Back`}
                    </Button>
                  )}
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
        <Typography variant="body2" color="text.secondary" sx={{ my: 1.5 }}>
          {tr`W with ± is worked out from protein (180 + 47 for each per cent over 10). Water with ≈ is worked out from strength and whole grain. Wheat and what else is noted stands on labels and sheets; local codes say what must be printed.`}
        </Typography>
        <CautionLine at="flour store" />
        <CautionLine at="contents" />
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
    </Box>
  );
}

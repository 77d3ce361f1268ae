'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { useState } from 'react';
import type { LotBeside, LotsView } from '@/server/scores/lots-view';
import { clockText } from '@/ui/format';
import { LinkButton } from '@/ui/link-button';
import { useWidth } from '@/ui/use-width';
import { ViewFrame } from '@/ui/view-frame';
import { Panes } from '@/ui/panes';
import { Differences } from './differences';
import { LetterBadge, LETTERS } from './letters';
import { AddLot, ChosenLots } from './lot-choice';
import { LotCurves } from './lot-curves';
import { valueWords } from './thing-words';

/** Two to four lots side by side: what was done differently, how they rose, how they came out. */
export function LotsBeside({ view }: { view: LotsView }) {
  const [align, setAlign] = useState<'made' | 'best'>('made');
  const { lots, units, nowMs } = view;
  return (
    <ViewFrame
      title={tr`Lots side by side`}
      subtitle={lots.map((one) => one.name).join(', ') || tr`choose two lots`}
      clock={clockText(nowMs, units.timeZone)}
      aside={
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center', flex: 1 }}>
          <ChosenLots view={view} />
          {lots.length < 2 ? null : (
            <Button onClick={() => setAlign(align === 'made' ? 'best' : 'made')}>
              {tr`Align ${align === 'made' ? tr`at their best` : tr`where they were made`}`}
            </Button>
          )}
          <LinkButton href="/compare">{tr`Bakes instead`}</LinkButton>
        </Box>
      }
    >
      {view.missing.length === 0 ? null : (
        <Alert severity="warning">
          {tr`Lot: no lot has the code ${view.missing.map((code) => `“${code}”`).join(', ')}. Choose one that was made.`}
        </Alert>
      )}
      {lots.length < 2 ? <Choose view={view} /> : <Body view={view} align={align} />}
    </ViewFrame>
  );
}

function Choose({ view }: { view: LotsView }) {
  if (view.others.length + view.lots.length < 2) {
    return (
      <Typography sx={{ p: 3 }}>
        {tr`Two lots are needed. Once a leaven or a dough is made, it can be laid beside another here.`}
      </Typography>
    );
  }
  return (
    <Box sx={{ p: 3 }}>
      <Typography variant="h2">{tr`Which lots?`}</Typography>
      <Typography sx={{ mb: 2 }}>
        {tr`Two builds of the same leaven tell the most: what was done otherwise stands first, what was the same is folded away.`}
      </Typography>
      <AddLot view={view} />
    </Box>
  );
}

function Body({ view, align }: { view: LotsView; align: 'made' | 'best' }) {
  const { compared, units } = view;
  const { ref, width } = useWidth(810);
  return (
    <Panes columns="470px minmax(0, 1fr)">
      <Differences
        differed={compared.differed}
        same={compared.same}
        words={compared.words}
        units={units}
        explained={false}
      />
      <Box sx={{ borderLeft: { md: '2px solid var(--ink)' }, minWidth: 0 }}>
        <Box ref={ref} sx={{ minWidth: 0 }}>
          <LotCurves lots={view.lots} align={align} width={Math.max(280, width)} />
        </Box>
        <CameOut view={view} />
      </Box>
    </Panes>
  );
}

/** How the lots came out, a column for each. */
function CameOut({ view }: { view: LotsView }) {
  const { lots, compared, units } = view;
  return (
    <Box
      sx={{
        borderTop: '2px solid var(--ink)',
        p: 2,
        overflowX: 'auto',
        background: 'var(--paper)',
      }}
    >
      <Typography variant="h2">{tr`How they came out`}</Typography>
      <Table size="small" aria-label={tr`How they came out`}>
        <Heads lots={lots} />
        <TableBody>
          {compared.outcome.map((row) => (
            <TableRow key={row.name}>
              <TableCell component="th" scope="row">
                {row.name}
              </TableCell>
              {row.values.map((value, index) => (
                <TableCell key={LETTERS[index]} sx={{ fontWeight: 700 }}>
                  {valueWords(row.unit, value, units)}
                </TableCell>
              ))}
            </TableRow>
          ))}
          <TableRow>
            <TableCell component="th" scope="row">
              {tr`Last look`}
            </TableCell>
            {lots.map((lot) => (
              <TableCell key={lot.lotId}>{lot.lastLook ?? tr`none`}</TableCell>
            ))}
          </TableRow>
        </TableBody>
      </Table>
    </Box>
  );
}

function Heads({ lots }: { lots: readonly LotBeside[] }) {
  return (
    <TableHead>
      <TableRow>
        <TableCell>{tr`Lot`}</TableCell>
        {lots.map((lot, index) => (
          <TableCell key={lot.lotId}>
            <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
              <LetterBadge index={index} />
              <NextLink href={`/lots/${encodeURIComponent(lot.lotId)}`}>{lot.lotId}</NextLink>
            </Box>
          </TableCell>
        ))}
      </TableRow>
    </TableHead>
  );
}

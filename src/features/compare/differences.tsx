'use client';

import ExpandMore from '@mui/icons-material/ExpandMore';
import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { scaleLinear } from 'd3';
import type { ComparedThing, CompareView } from '@/services/scores/compare-view';
import { percentText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { LetterMark, LETTERS } from './letters';
import { extentOf, valueWords } from './thing-words';

/** What differed, by the share of the outcome each explains; what was the same is folded away. */
export function Differences({ view }: { view: CompareView }) {
  const { differed, same } = view;
  return (
    <Box component="section" aria-label="What differed" sx={{ p: 2 }}>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline' }}>
        <Typography variant="h2">What differed first</Typography>
        <Typography variant="body2" color="text.secondary">
          explains
        </Typography>
      </Box>
      {differed.length === 0 ? (
        <Typography sx={{ py: 1 }}>
          Nothing that the journal tells: what made the difference was not written down.
        </Typography>
      ) : null}
      {differed.map((thing) => (
        <ThingRow key={thing.key} thing={thing} view={view} />
      ))}
      {same.length === 0 ? null : <Same same={same} view={view} />}
    </Box>
  );
}

const WIDTH = 350;

function ThingRow({ thing, view }: { thing: ComparedThing; view: CompareView }) {
  const { values, right, explains, unit } = thing;
  const x = scaleLinear(extentOf(values, right), [12, WIDTH - 12]);
  const [a, b] = values;
  const between = a == null || b == null ? null : [x(a), x(b)].sort((one, other) => one - other);
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: 'minmax(0, 1fr) 76px',
        gap: 1,
        borderTop: '1px solid var(--line)',
        py: 0.5,
      }}
      data-testid="difference"
    >
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ display: 'flex', justifyContent: 'space-between', flexWrap: 'wrap', gap: 1 }}>
          <Typography className="name" sx={{ fontWeight: 700, fontSize: rem(16) }}>
            {thing.name}
          </Typography>
          <Typography sx={{ fontSize: rem(15) }}>
            {values.map((value, index) => (
              <span key={LETTERS[index]}>
                {LETTERS[index]} <strong>{valueWords(unit, value, view.units)}</strong>{' '}
              </span>
            ))}
          </Typography>
        </Box>
        <Box
          component="svg"
          viewBox={`0 0 ${WIDTH} 30`}
          aria-hidden="true"
          sx={{ display: 'block', width: '100%', maxWidth: WIDTH, height: 30 }}
        >
          {right === null ? null : (
            <rect
              x={x(right[0])}
              width={x(right[1]) - x(right[0])}
              y={3}
              height={24}
              fill="var(--lamp)"
              stroke="var(--edge2)"
            />
          )}
          <path d={`M6 9v12M${WIDTH - 6} 9v12M6 15H${WIDTH - 6}`} stroke="var(--ink)" fill="none" />
          {between === null ? null : (
            <path d={`M${between[0]} 15H${between[1]}`} stroke="var(--ink)" strokeWidth={5} />
          )}
          {values.map((value, index) =>
            value === null ? null : (
              <LetterMark key={LETTERS[index]} index={index} x={x(value)} y={15} />
            ),
          )}
        </Box>
      </Box>
      <Box sx={{ alignSelf: 'center', textAlign: 'right' }}>
        <Typography sx={{ fontSize: rem(20), fontWeight: 700 }}>
          {explains === null ? 'not run' : percentText(explains, 0)}
        </Typography>
        {explains === null ? null : (
          <Box sx={{ height: 8, border: '1px solid var(--ink)' }}>
            <Box sx={{ height: '100%', width: `${explains * 100}%`, background: 'var(--ink)' }} />
          </Box>
        )}
      </Box>
    </Box>
  );
}

function Same({ same, view }: { same: readonly ComparedThing[]; view: CompareView }) {
  const names = same.map((thing) => thing.name.toLowerCase()).join(', ');
  return (
    <Accordion disableGutters elevation={0} square sx={{ background: 'transparent' }}>
      <AccordionSummary
        expandIcon={<ExpandMore />}
        sx={{ px: 0, '& .MuiAccordionSummary-content': { minWidth: 0 } }}
      >
        <Typography sx={{ minWidth: 0 }} noWrap>
          The same in both: <strong>{same.length} things</strong>, {names}
        </Typography>
      </AccordionSummary>
      <AccordionDetails sx={{ px: 0 }}>
        {same.map((thing) => (
          <Typography key={thing.key} variant="body2">
            {thing.name}:{' '}
            <strong>{valueWords(thing.unit, thing.values[0] ?? null, view.units)}</strong>
          </Typography>
        ))}
      </AccordionDetails>
    </Accordion>
  );
}

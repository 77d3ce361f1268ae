'use client';

import { inSentence, tr } from '@/words/tr';
import ExpandMore from '@mui/icons-material/ExpandMore';
import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { scaleLinear } from 'd3';
import type { LotFigure, PartedWords, WordThing } from '@/core/compare';
import type { ShopUnits } from '@/core/units';
import { percentText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { LetterMark, LETTERS } from './letters';
import { extentOf, valueWords } from './thing-words';

/** What differed, by the share of the outcome each explains; what was the same is folded away. */
export function Differences(props: {
  differed: readonly Figure[];
  same: readonly Figure[];
  words: PartedWords;
  units: ShopUnits;
  /** True where each thing was run again by itself. */
  explained: boolean;
}) {
  const { differed, same, words, units, explained } = props;
  return (
    <Box component="section" aria-label={tr`What differed`} sx={{ p: 2 }}>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline' }}>
        <Typography variant="h2">{tr`What differed first`}</Typography>
        {explained ? (
          <Typography variant="body2" color="text.secondary">
            {tr`explains`}
          </Typography>
        ) : null}
      </Box>
      {differed.length + words.differed.length === 0 ? (
        <Typography sx={{ py: 1 }}>
          {tr`Nothing that the journal tells: what made the difference was not written down.`}
        </Typography>
      ) : null}
      {differed.map((thing) => (
        <ThingRow key={thing.name} thing={thing} units={units} explained={explained} />
      ))}
      {words.differed.map((thing) => (
        <WordsRow key={thing.name} thing={thing} />
      ))}
      {same.length + words.same.length === 0 ? null : (
        <Same same={same} words={words.same} units={units} />
      )}
    </Box>
  );
}

/** A thing in figures; where it is right, and how much it explains, where that is known. */
type Figure = LotFigure & {
  readonly right?: readonly [number, number] | null;
  readonly explains?: number | null;
};

const WIDTH = 350;

/** A thing that differs in words: who, where, of what. */
function WordsRow({ thing }: { thing: WordThing }) {
  return (
    <Box sx={{ borderTop: '1px solid var(--line)', py: 0.75 }} data-testid="difference">
      <Typography className="name" sx={{ fontWeight: 700, fontSize: rem(16) }}>
        {thing.name}
      </Typography>
      {thing.values.map((value, index) => (
        <Typography key={LETTERS[index]} sx={{ fontSize: rem(15) }}>
          {LETTERS[index]} <strong>{value ?? tr`not noted`}</strong>
        </Typography>
      ))}
    </Box>
  );
}

function ThingRow(props: { thing: Figure; units: ShopUnits; explained: boolean }) {
  const { thing, units, explained } = props;
  const { values, right = null, explains = null, unit } = thing;
  const x = scaleLinear(extentOf(values, right), [12, WIDTH - 12]);
  const [a, b] = values;
  const between = a == null || b == null ? null : [x(a), x(b)].sort((one, other) => one - other);
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: explained ? 'minmax(0, 1fr) 76px' : 'minmax(0, 1fr)',
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
                {LETTERS[index]} <strong>{valueWords(unit, value, units)}</strong>{' '}
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
      {explained ? <Explains share={explains} /> : null}
    </Box>
  );
}

function Explains({ share }: { share: number | null }) {
  return (
    <Box sx={{ alignSelf: 'center', textAlign: 'right' }}>
      <Typography sx={{ fontSize: rem(20), fontWeight: 700 }}>
        {share === null ? tr`not run` : percentText(share, 0)}
      </Typography>
      {share === null ? null : (
        <Box sx={{ height: 8, border: '1px solid var(--ink)' }}>
          <Box sx={{ height: '100%', width: `${share * 100}%`, background: 'var(--ink)' }} />
        </Box>
      )}
    </Box>
  );
}

function Same(props: { same: readonly Figure[]; words: readonly WordThing[]; units: ShopUnits }) {
  const { same, words, units } = props;
  const names = [...same, ...words].map((thing) => inSentence(thing.name)).join(', ');
  return (
    <Accordion disableGutters elevation={0} square sx={{ background: 'transparent' }}>
      <AccordionSummary
        expandIcon={<ExpandMore />}
        sx={{ px: 0, '& .MuiAccordionSummary-content': { minWidth: 0 } }}
      >
        <Typography sx={{ minWidth: 0 }} noWrap>
          {tr`The same in both: `}
          <strong>{tr`${same.length + words.length} things`}</strong>, {names}
        </Typography>
      </AccordionSummary>
      <AccordionDetails sx={{ px: 0 }}>
        {same.map((thing) => (
          <Typography key={thing.name} variant="body2">
            {thing.name}:{' '}
            <strong>
              {valueWords(thing.unit, thing.values.find((one) => one !== null) ?? null, units)}
            </strong>
          </Typography>
        ))}
        {words.map((thing) => (
          <Typography key={thing.name} variant="body2">
            {thing.name}: <strong>{thing.values[0]}</strong>
          </Typography>
        ))}
      </AccordionDetails>
    </Accordion>
  );
}

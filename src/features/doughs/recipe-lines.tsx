'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { RecipeLine } from '@/core/formula/check';
import type { ShopUnits } from '@/core/units';
import { massText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { AnswerField } from './answer-field';

/** Every line with what was understood of it; an open one has a frame and a field for its grams. */
export function RecipeLines(props: {
  lines: readonly RecipeLine[];
  answers: Readonly<Record<number, number>>;
  units: ShopUnits;
  onAnswer: (index: number, massG: number | null) => void;
  /** Whether a line counts as an ingredient. */
  onCounts: (index: number, counts: boolean) => void;
}) {
  const { lines, answers, units, onAnswer, onCounts } = props;
  return (
    <Box component="ol" aria-label={tr`Lines`} sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {lines
        .filter((line) => line.kind !== 'empty')
        .map((line) => {
          const open = line.kind === 'question' || line.kind === 'not understood';
          const askable = open && line.thing !== null;
          return (
            <LineRead
              key={line.index}
              line={line}
              open={open}
              units={units}
              answers={answers}
              onAnswer={onAnswer}
              onCounts={onCounts}
              askable={askable}
            />
          );
        })}
    </Box>
  );
}

/** A line of the recipe, as it was read, and what can be said of it. */
function LineRead(props: {
  line: RecipeLine;
  open: boolean;
  units: ShopUnits;
  answers: Readonly<Record<number, number>>;
  onAnswer: (index: number, massG: number | null) => void;
  onCounts: (index: number, counts: boolean) => void;
  askable: boolean;
}) {
  const { line, open, units, answers, onAnswer, onCounts, askable } = props;
  return (
    <Box
      component="li"

      data-line={line.kind}
      sx={{
        display: 'grid',
        gridTemplateColumns: 'minmax(0, 1fr) auto',
        gap: 1,
        alignItems: 'end',
        px: 1,
        py: 0.75,
        borderBottom: '1px solid var(--line)',
        ...(line.kind === 'skipped' ? { opacity: 0.75, py: 0 } : {}),
        ...(open ? { border: '2px dashed var(--ink)', my: 0.5 } : {}),
      }}
    >
      <Box sx={{ minWidth: 0 }}>
        <Typography variant="body2" color="text.secondary" noWrap>
          {line.raw}
        </Typography>
        <Typography sx={{ fontWeight: 700 }}>↳ {'says' in line ? line.says : ''}</Typography>
      </Box>
      {line.kind === 'understood' ? (
        <Box sx={{ textAlign: 'right' }}>
          <Typography sx={{ fontSize: rem(20), fontWeight: 700, lineHeight: 1.1 }}>
            {massText(line.mass.massG, units)}
          </Typography>
          <Range line={line} units={units} />
          {answers[line.index] === undefined ? null : (
            <AnswerField
              name={`answer-${line.index}`}
              value={answers[line.index]}
              onAnswer={(massG) => onAnswer(line.index, massG)}
            />
          )}
        </Box>
      ) : null}
      {line.kind === 'skipped' || open ? (
        <Button
          size="small"
          variant="text"
          onClick={() => onCounts(line.index, line.kind === 'skipped')}
        >
          {line.kind === 'skipped' ? tr`Count it` : tr`Leave it out`}
        </Button>
      ) : null}
      {askable ? (
        <AnswerField
          name={`answer-${line.index}`}
          value={answers[line.index]}
          onAnswer={(massG) => onAnswer(line.index, massG)}
        />
      ) : null}
    </Box>
  );
}

function Range(props: { line: Extract<RecipeLine, { kind: 'understood' }>; units: ShopUnits }) {
  const { mass } = props.line;
  if (mass.highG - mass.lowG < 0.02 * mass.massG) return null;
  return (
    <Typography variant="caption" color="text.secondary">
      {massText(mass.lowG, props.units)}–{massText(mass.highG, props.units)}
    </Typography>
  );
}

'use client';

import { tr, trOf } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Method } from '@/core/methods';
import type { DoughsView } from '@/server/doughs/view';
import { BAR_HEIGHT } from '@/ui/bar-size';
import { useSend } from '@/ui/hands/use-send';
import { ActButton } from '@/ui/panels/panel-parts';
import { Panes } from '@/ui/panes';
import type { DoughActions } from './dough-actions';
import { RecipeLines } from './recipe-lines';
import { RecipeStagesKept } from './recipe-stages-kept';
import { RecipeTruth } from './recipe-truth';
import { useCheckedRecipe } from './use-checked-recipe';

const EXAMPLE = `Shore dough, 62 % hydration
1 kg strong flour
200 g starter (100 %)
600 ml water
1½ tbsp fine salt
a glug of oil
makes 7 balls of 260 g`;

/** Keeps a method of a recipe and goes to it. */
function useKeep(actions: DoughActions) {
  const { send, busy, sentence: wrong, clear } = useSend();
  const router = useRouter();
  const keep = (method: Method) =>
    send(() => actions.saveMethod({ methodId: null, method }), {
      said: tr`${method.name}: kept as a method.`,
      then: ({ methodId }) => router.push(`/doughs/${encodeURIComponent(methodId)}`),
    });
  return { keep, busy, wrong, clear };
}

/** A recipe as it was found: read line by line, what it truly is, what it claims, and a method of it. */
export function RecipeCheck({ view, actions }: { view: DoughsView; actions: DoughActions }) {
  const { facts } = view;
  const [text, setText] = useState('');
  const [answers, setAnswers] = useState<Readonly<Record<number, number>>>({});
  const [counts, setCounts] = useState<Readonly<Record<number, boolean>>>({});
  const { keep, busy, wrong, clear } = useKeep(actions);
  const { checked, made, told } = useCheckedRecipe({ text, answers, counts }, facts);
  const method = told?.method ?? null;
  const open = checked.check?.open ?? 0;
  const type = (next: string) => {
    clear();
    setText(next);
    setAnswers({});
    setCounts({});
  };
  const answer = (index: number, massG: number | null) =>
    setAnswers((before) => {
      const others = Object.entries(before).filter(([line]) => Number(line) !== index);
      return Object.fromEntries(
        massG === null ? others : [...others, [String(index), massG]],
      ) as Record<number, number>;
    });
  return (
    <Panes columns="340px minmax(0, 1fr) 380px">
      <AsFound text={text} onType={type} />
      <Box sx={{ background: 'var(--paper)', p: 2, borderInline: { md: '2px solid var(--ink)' } }}>
        <Typography variant="h2" gutterBottom>
          {tr`As Olvik understands it${open === 0 ? '' : tr`, ${open} open`}`}
        </Typography>
        <Refusal sentence={checked.refused} />
        {text === '' ? (
          <Typography>
            {tr`Paste or type a recipe on the left; every line gets its answer here.`}
          </Typography>
        ) : (
          <RecipeLines
            lines={checked.check?.lines ?? []}
            answers={answers}
            onCounts={(index, one) => setCounts((before) => ({ ...before, [index]: one }))}
            units={facts.units}
            onAnswer={answer}
          />
        )}
      </Box>
      <Box sx={{ p: 2, display: 'grid', gap: 2, alignContent: 'start' }}>
        <Typography variant="h2">{tr`What it truly is`}</Typography>
        <RecipeTruth check={checked.check} made={made} view={view} />
        {told === null ? null : <RecipeStagesKept kept={told.kept} lost={told.lost} />}
        <Refusal sentence={wrong} />
        {/* However long the recipe, the act stays in sight. */}
        <Box
          sx={{ position: 'sticky', bottom: { xs: `${BAR_HEIGHT + 12}px`, sm: '12px' }, zIndex: 1 }}
        >
          <ActButton
            title={tr`Use as a method`}
            under={underAct(made !== null, open)}
            glyph="mix"
            disabled={busy || method === null}
            onAct={() => method !== null && keep(method)}
          />
        </Box>
      </Box>
    </Panes>
  );
}

const Refusal = ({ sentence }: { sentence: string | null }) =>
  sentence === null ? null : <Alert severity="warning">{sentence}</Alert>;

/** The field for the recipe as it was found. */
function AsFound({ text, onType }: { text: string; onType: (next: string) => void }) {
  return (
    <Box sx={{ p: 2 }}>
      <Typography variant="h2" gutterBottom>
        {tr`As it was found`}
      </Typography>
      <TextField
        multiline
        minRows={12}
        maxRows={22}
        name="recipe"
        label={tr`A recipe, line by line`}
        placeholder={trOf(EXAMPLE)}
        value={text}
        onChange={(event) => onType(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 60_000, spellCheck: false } }}
      />
      <Box sx={{ display: 'flex', gap: 1, mt: 1.5 }}>
        {text === '' ? (
          <Button onClick={() => onType(EXAMPLE)}>{tr`Show an example`}</Button>
        ) : (
          <Button variant="text" onClick={() => onType('')}>
            {tr`Empty it`}
          </Button>
        )}
      </Box>
      <Typography variant="body2" color="text.secondary" sx={{ mt: 2 }}>
        {tr`Grams, kilos, millilitres, ounces, pounds, cups, spoons, pinches and fractions are read. What is not understood is asked about, never guessed. A recipe as JSON-LD is read too. It stays on this device until you keep it.`}
      </Typography>
    </Box>
  );
}

function underAct(ready: boolean, open: number): string {
  if (ready) return tr`its weights and stages, your places`;
  return open > 0 ? tr`first the open lines` : tr`nothing to use yet`;
}

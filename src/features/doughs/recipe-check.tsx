'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useMemo, useState, useTransition } from 'react';
import type { Flour } from '@/core/flour';
import { checkRecipe, doughOfRecipe } from '@/core/formula/check';
import { looksLikeJson, readRecipe } from '@/formats/recipe-jsonld';
import { nearestFlour } from '@/core/methods';
import { DomainError } from '@/core/units';
import type { DoughsView } from '@/server/doughs/view';
import { useSay } from '@/ui/snack';
import { ActButton } from '@/ui/panels/panel-parts';
import type { DoughActions } from './dough-actions';
import { methodOfRecipe } from './method-of-recipe';
import { RecipeLines } from './recipe-lines';
import { RecipeTruth } from './recipe-truth';

const EXAMPLE = `Shore dough, 62 % hydration
1 kg strong flour
200 g starter (100 %)
600 ml water
1½ tbsp fine salt
a glug of oil
makes 7 balls of 260 g`;

/** A recipe read and, once nothing is open in it, as a dough. */
function useChecked(
  text: string,
  answers: Readonly<Record<number, number>>,
  counts: Readonly<Record<number, boolean>>,
  flours: readonly Flour[],
) {
  const checked = useMemo(() => {
    try {
      const read = looksLikeJson(text) ? readRecipe(text) : null;
      if (read?.kind === 'refused') return { check: null, refused: read.sentence };
      const lines = read === null ? text : read.lines.join('\n');
      return { check: checkRecipe({ text: lines, answers, counts }), refused: null };
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      return { check: null, refused: error.message };
    }
  }, [text, answers, counts]);
  const made = useMemo(() => {
    if (checked.check === null) return null;
    try {
      return doughOfRecipe(checked.check, (id) => nearestFlour(id, flours));
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      return null;
    }
  }, [checked.check, flours]);
  return { checked, made };
}

/** A recipe as it was found: read line by line, what it truly is, what it claims, and a method of it. */
export function RecipeCheck({ view, actions }: { view: DoughsView; actions: DoughActions }) {
  const { facts } = view;
  const [text, setText] = useState('');
  const [answers, setAnswers] = useState<Readonly<Record<number, number>>>({});
  const [counts, setCounts] = useState<Readonly<Record<number, boolean>>>({});
  const [wrong, setWrong] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const router = useRouter();
  const say = useSay();
  const flours = useMemo(
    () => facts.flours.filter((flour) => flour.retiredMs === null),
    [facts.flours],
  );
  const { checked, made } = useChecked(text, answers, counts, flours);
  const type = (next: string) => {
    setWrong(null);
    setText(next);
    setAnswers({});
    setCounts({});
  };
  const use = () =>
    start(async () => {
      if (made === null || checked.check === null) return;
      const method = methodOfRecipe(made, checked.check, view);
      const outcome = await actions.saveMethod({ methodId: null, method });
      if (!outcome.ok) return setWrong(outcome.refusals.map((one) => one.sentence).join(' '));
      say({ text: `${method.name}: kept as a method.` });
      router.push(`/doughs/${encodeURIComponent(outcome.value.methodId)}`);
    });
  return (
    <Box
      sx={{
        flex: 1,
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '340px minmax(0, 1fr) 380px' },
      }}
    >
      <Box sx={{ p: 2 }}>
        <Typography variant="h2" gutterBottom>
          As it was found
        </Typography>
        <TextField
          multiline
          minRows={12}
          maxRows={22}
          name="recipe"
          label="A recipe, line by line"
          placeholder={EXAMPLE}
          value={text}
          onChange={(event) => type(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 60_000, spellCheck: false } }}
        />
        <Box sx={{ display: 'flex', gap: 1, mt: 1.5 }}>
          {text === '' ? (
            <Button onClick={() => type(EXAMPLE)}>Show an example</Button>
          ) : (
            <Button variant="text" onClick={() => type('')}>
              Empty it
            </Button>
          )}
        </Box>
        <Typography variant="body2" color="text.secondary" sx={{ mt: 2 }}>
          Grams, kilos, millilitres, ounces, pounds, cups, spoons, pinches and fractions are read.
          What is not understood is asked about, never guessed. A recipe as JSON-LD is read too. It
          stays on this device until you keep it.
        </Typography>
      </Box>
      <Box sx={{ background: 'var(--paper)', p: 2, borderInline: { md: '2px solid var(--ink)' } }}>
        <Typography variant="h2" gutterBottom>
          As Olvik understands it
          {checked.check === null || checked.check.open === 0 ? '' : `, ${checked.check.open} open`}
        </Typography>
        {checked.refused === null ? null : <Alert severity="warning">{checked.refused}</Alert>}
        {text === '' ? (
          <Typography>
            Paste or type a recipe on the left; every line gets its answer here.
          </Typography>
        ) : (
          <RecipeLines
            lines={checked.check?.lines ?? []}
            answers={answers}
            onCounts={(index, one) => setCounts((before) => ({ ...before, [index]: one }))}
            units={facts.units}
            onAnswer={(index, massG) =>
              setAnswers((before) => {
                const others = Object.entries(before).filter(([line]) => Number(line) !== index);
                return Object.fromEntries(
                  massG === null ? others : [...others, [String(index), massG]],
                ) as Record<number, number>;
              })
            }
          />
        )}
      </Box>
      <Box sx={{ p: 2, display: 'grid', gap: 2, alignContent: 'start' }}>
        <Typography variant="h2">What it truly is</Typography>
        <RecipeTruth check={checked.check} made={made} view={view} />
        {wrong === null ? null : <Alert severity="warning">{wrong}</Alert>}
        <ActButton
          title="Use as a method"
          under={underAct(made !== null, checked.check?.open ?? 0)}
          glyph="mix"
          disabled={busy || made === null}
          onAct={use}
        />
      </Box>
    </Box>
  );
}

function underAct(ready: boolean, open: number): string {
  if (ready) return 'its weights, your places';
  return open > 0 ? 'first the open lines' : 'nothing to use yet';
}

'use client';

import { tr, trOf } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { COLOURS, CRUMBS, LAST_ONES, OPENINGS, STICKINESS, TASTES } from '@/core/journal';
import type { BakePageView } from '@/server/scores/bake-page';
import { rem } from '@/ui/rem';
import { Photos } from './photos';
import type { ScoreActions } from './score-actions';
import { newId } from '@/ui/new-id';
import { FigureField } from '@/ui/fields/figure-field';
import type { QuantityKind } from '@/core/units';
import { useSend } from '@/ui/hands/use-send';

type Fields = Record<string, string | null>;

/** How a bake turned out: one tap each, all of it can be left out. */
export function ScoreForm({ view, actions }: { view: BakePageView; actions: ScoreActions }) {
  const [fields, setFields] = useState<Fields>(() => startOf(view));
  const [photos, setPhotos] = useState<readonly string[]>(view.score?.photos ?? []);
  const { send, busy, wrong, setWrong } = useSend();
  const set = (key: string, value: string | null) =>
    setFields((before) => ({ ...before, [key]: value }));
  const save = () => {
    const { bakeId, name } = view;
    send(() => actions.score({ ...fields, photos, bakeId, batch: newId() }), {
      said: tr`${name} scored.`,
      undo:
        ({ batch }) =>
        () =>
          actions.undo(batch),
    });
  };
  const tap = (key: string, label: string, values: readonly ScoreWord[]) => (
    <Taps key={key} name={key} label={label} values={values} fields={fields} set={set} />
  );
  return (
    <Box component="section" aria-labelledby="score-title" sx={{ p: 2, display: 'grid', gap: 1.5 }}>
      <Typography variant="h2" id="score-title">
        {tr`How did it turn out?`}
      </Typography>
      {tap('first', tr`The first one opened`, OPENINGS)}
      {tap('lastOpening', tr`The last one opened`, OPENINGS)}
      {tap('sticky', tr`Sticky`, STICKINESS)}
      {tap('colour', tr`Colour`, COLOURS)}
      {tap('crumb', tr`Crumb`, CRUMBS)}
      {tap('taste', tr`Taste`, TASTES)}
      {tap('last', tr`The last pizza against the first`, LAST_ONES)}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
        <Figure name="rimMm" label={tr`Rim`} of="thickness" fields={fields} set={set} />
        <Figure name="floorC" label={tr`Oven floor`} of="temperature" fields={fields} set={set} />
        <Figure name="bakeS" label={tr`Seconds a pizza`} fields={fields} set={set} />
        {view.people.length === 0 ? null : (
          <TextField
            fullWidth={false}
            select
            label={tr`Judged by`}
            value={fields['by'] ?? ''}
            onChange={(event) => set('by', event.target.value || null)}
            sx={{ minWidth: 150 }}
          >
            <MenuItem value="">{tr`nobody named`}</MenuItem>
            {view.people.map((name) => (
              <MenuItem key={name} value={name}>
                {name}
              </MenuItem>
            ))}
          </TextField>
        )}
      </Box>
      <TextField
        label={tr`Note: what would you tell the next hands?`}
        value={fields['note'] ?? ''}
        onChange={(event) => set('note', event.target.value)}
        multiline
        minRows={2}
        slotProps={{ htmlInput: { maxLength: 600, 'data-testid': 'score-note' } }}
      />
      <Photos photos={photos} onChange={setPhotos} onRefusal={(one) => setWrong({ photos: one })} />
      {Object.values(wrong).map((sentence) => (
        <Alert key={sentence} severity="warning">
          {sentence}
        </Alert>
      ))}
      <Box>
        <Button
          variant="contained"
          size="large"
          onClick={save}
          disabled={busy}
          data-testid="save-score"
        >
          {view.score === null ? tr`Write the score` : tr`Write it anew`}
        </Button>
      </Box>
    </Box>
  );
}

function startOf({ score, scoredBy }: BakePageView): Fields {
  if (score === null) return {};
  const text = (value: number | undefined) => (value === undefined ? null : String(value));
  return {
    first: score.opening?.first ?? null,
    lastOpening: score.opening?.last ?? null,
    sticky: score.sticky ?? null,
    colour: score.colour ?? null,
    crumb: score.crumb ?? null,
    taste: score.taste ?? null,
    last: score.last ?? null,
    rimMm: text(score.rimMm),
    floorC: text(score.floorC),
    bakeS: text(score.bakeS),
    note: score.note ?? null,
    by: scoredBy,
  };
}

interface FieldProps {
  readonly name: string;
  readonly label: string;
  readonly fields: Fields;
  readonly set: (key: string, value: string | null) => void;
}

/** A word that something of a bake is scored with. */
type ScoreWord =
  | (typeof OPENINGS)[number]
  | (typeof STICKINESS)[number]
  | (typeof COLOURS)[number]
  | (typeof CRUMBS)[number]
  | (typeof TASTES)[number]
  | (typeof LAST_ONES)[number];

function Taps({ name, label, values, fields, set }: FieldProps & { values: readonly ScoreWord[] }) {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 2 }}>
      <Typography id={`score-${name}`} sx={{ flex: '0 0 220px', fontSize: rem(16) }}>
        {label}
      </Typography>
      <ToggleButtonGroup
        exclusive
        value={fields[name] ?? null}
        onChange={(_, value: string | null) => set(name, value)}
        aria-labelledby={`score-${name}`}
        sx={{ flexWrap: 'wrap' }}
      >
        {values.map((value) => (
          <ToggleButton key={value} value={value} sx={{ minWidth: 88, minHeight: 44 }}>
            {trOf(value)}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Box>
  );
}

function Figure({ name, label, of, fields, set }: FieldProps & { of?: QuantityKind }) {
  return (
    <FigureField
      label={label}
      {...(of === undefined ? {} : { of })}
      value={fields[name] ?? ''}
      onChange={(typed) => set(name, typed)}
      width={150}
    />
  );
}

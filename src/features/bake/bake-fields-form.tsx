'use client';

import { placeChoices } from '@/ui/place-choices';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { tempAt } from '@/core/forecast';
import { YEAST_TYPES } from '@/core/units';
import type { NewBakeView } from '@/server/bakes/new-bake-view';

import { WallTimeField } from '@/ui/wall-time-field';
import type { BakeFields } from './fields';

type Field = keyof BakeFields;

const NUMBERS: readonly { field: Field; label: string }[] = [
  { field: 'hydrationPct', label: 'Water, %' },
  { field: 'saltPct', label: 'Salt, %' },
  { field: 'oilPct', label: 'Oil, %' },
  { field: 'prefermentedPct', label: 'In the poolish, %' },
  { field: 'lossPct', label: 'Bowl loss, %' },
];

/** The bake in the baker’s words. */
export function BakeFieldsForm(props: {
  view: NewBakeView;
  fields: BakeFields;
  wrong: Readonly<Record<string, string>>;
  onChange: (changed: Partial<BakeFields>) => void;
}) {
  const { view, fields, wrong, onChange } = props;
  const text = (field: Field, label: string, numeric = true) => (
    <TextField
      key={field}
      name={field}
      label={label}
      value={fields[field] ?? ''}
      onChange={(event) => onChange({ [field]: event.target.value })}
      error={wrong[field] !== undefined}
      helperText={wrong[field] ?? ''}
      slotProps={{ htmlInput: { inputMode: numeric ? 'decimal' : 'text', maxLength: 40 } }}
    />
  );
  const choice = (
    field: Field,
    label: string,
    options: readonly { id: string; name: string }[],
  ) => (
    <TextField
      key={field}
      select
      slotProps={{ select: { native: true } }}
      name={field}
      label={label}
      value={fields[field] ?? ''}
      onChange={(event) => {
        const place = view.facts.places.find((one) => one.id === event.target.value);
        const room =
          field === 'poolishPlaceId'
            ? {
                roomC: String(
                  place === undefined ? 21 : Math.round(2 * tempAt(place, view.facts.nowMs)) / 2,
                ),
              }
            : {};
        onChange({ [field]: event.target.value, ...room });
      }}
      error={wrong[field] !== undefined}
      helperText={wrong[field] ?? ''}
    >
      {options.map((option) => (
        <option key={option.id} value={option.id}>
          {option.name}
        </option>
      ))}
    </TextField>
  );
  const places = placeChoices(view.facts.places, view.facts.nowMs, view.units);
  const yeasts = YEAST_TYPES.map((type) => ({ id: type, name: type }));
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => event.preventDefault()}
      sx={{ display: 'grid', gap: 1.25 }}
    >
      <Typography variant="h2">How many, when?</Typography>
      {text('name', 'Name', false)}
      <Pair>
        {text('balls', 'Balls')}
        {text('ballG', 'Weight of one, g')}
      </Pair>
      <WallTimeField
        label="Ready from"
        value={fields.readyFrom}
        onChange={(readyFrom) => onChange({ readyFrom })}
        error={wrong['readyFrom']}
        name="readyFrom"
      />
      <WallTimeField
        label="Ready to"
        value={fields.readyTo}
        onChange={(readyTo) => onChange({ readyTo })}
        error={wrong['readyTo']}
        name="readyTo"
      />
      <Pair>
        {choice('poolishPlaceId', 'Poolish stands in', places)}
        {text('roomC', 'Now there, °C')}
      </Pair>
      {choice('doughPlaceId', 'Dough stands in', places)}
      <Typography variant="h2" sx={{ mt: 1 }}>
        The dough
      </Typography>
      {choice('flourId', 'Flour', view.flours)}
      <Pair>
        {NUMBERS.map((one) => text(one.field, one.label))}
        {choice('yeastType', 'Yeast', yeasts)}
      </Pair>
    </Box>
  );
}

function Pair({ children }: { children: ReactNode }) {
  return <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>{children}</Box>;
}

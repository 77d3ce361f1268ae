'use client';

import { tr, trOf } from '@/words/tr';
import { placeChoices } from '@/ui/fields/place-choices';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { tempAt } from '@/core/forecast';
import { YEAST_TYPES } from '@/core/units';
import type { NewBakeView } from '@/server/bakes/new-bake-view';

import { formFields } from '@/ui/fields/form-fields';
import { SpanFields } from '@/ui/fields/span-fields';
import type { BakeFields } from './fields';

type Field = keyof BakeFields;

const NUMBERS: readonly { field: Field; label: string }[] = [
  {
    field: 'hydrationPct',
    get label() {
      return tr`Water, %`;
    },
  },
  {
    field: 'saltPct',
    get label() {
      return tr`Salt, %`;
    },
  },
  {
    field: 'oilPct',
    get label() {
      return tr`Oil, %`;
    },
  },
  {
    field: 'prefermentedPct',
    get label() {
      return tr`In the poolish, %`;
    },
  },
  {
    field: 'lossPct',
    get label() {
      return tr`Bowl loss, %`;
    },
  },
];

/** The bake in the baker’s words. */
export function BakeFieldsForm(props: {
  view: NewBakeView;
  fields: BakeFields;
  wrong: Readonly<Record<string, string>>;
  onChange: (changed: Partial<BakeFields>) => void;
}) {
  const { view, fields, wrong, onChange } = props;
  const { figure, choice } = formFields(fields, wrong, onChange, true);
  const poolishAt = (poolishPlaceId: string) => {
    const place = view.facts.places.find((one) => one.id === poolishPlaceId);
    const roomC = place === undefined ? 21 : Math.round(2 * tempAt(place, view.facts.nowMs)) / 2;
    onChange({ poolishPlaceId, roomC: String(roomC) });
  };
  const places = placeChoices(view.facts.places, view.facts.nowMs, view.facts.units);
  const yeasts = YEAST_TYPES.map((type) => ({ id: type, name: trOf(type) }));
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => event.preventDefault()}
      sx={{ display: 'grid', gap: 1.25 }}
    >
      <Typography variant="h2">{tr`How many, when?`}</Typography>
      <TextField
        name="name"
        label={tr`Name`}
        value={fields.name}
        onChange={(event) => onChange({ name: event.target.value })}
        error={wrong['name'] !== undefined}
        helperText={wrong['name'] ?? ''}
        slotProps={{ htmlInput: { maxLength: 40 } }}
      />
      <Pair>
        {figure('balls', tr`Balls`)}
        {figure('ballG', tr`Weight of one`, 'mass')}
      </Pair>
      <SpanFields
        readyFrom={fields.readyFrom}
        readyTo={fields.readyTo}
        labels={[tr`Ready from`, tr`Ready to`]}
        wrong={wrong}
        onChange={onChange}
      />
      <Pair>
        {choice('poolishPlaceId', tr`Poolish stands in`, places, poolishAt)}
        {figure('roomC', tr`Now there`, 'temperature')}
      </Pair>
      {choice('doughPlaceId', tr`Dough stands in`, places)}
      <Typography variant="h2" sx={{ mt: 1 }}>
        {tr`The dough`}
      </Typography>
      {choice('flourId', tr`Flour`, view.flours)}
      <Pair>
        {NUMBERS.map((one) => figure(one.field, one.label))}
        {choice('yeastType', tr`Yeast`, yeasts)}
      </Pair>
    </Box>
  );
}

function Pair({ children }: { children: ReactNode }) {
  return <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>{children}</Box>;
}

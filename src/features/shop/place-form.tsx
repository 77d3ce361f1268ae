'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState, useTransition } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import type { PlaceBefore } from '@/server/shop/shop';
import type { ShopUnits } from '@/core/units';
import { useAskAnew } from '@/ui/ask-anew';
import { changedOnly } from '@/ui/changed';
import { useSay } from '@/ui/snack';
import { dailyExample, dailyFields, dailyText, readDaily } from './daily-text';
import type { PlaceActions } from './place-actions';
import { FigureField } from '@/ui/fields/figure-field';
import { tempText } from '@/ui/format';

interface PlaceFields {
  readonly name: string;
  readonly tempC: string;
  readonly capacityL: string;
  readonly insulation: string;
  readonly follows: string;
  readonly daily: string;
}

const NEW_PLACE = { name: '', tempC: 20, capacityL: 40, insulation: 1, follows: 0, daily: null };

function firstFields(place: PlaceBefore | null, units: ShopUnits): PlaceFields {
  const { name, tempC, capacityL, insulation, follows, daily } = place ?? NEW_PLACE;
  return {
    name,
    tempC: String(tempC),
    capacityL: String(capacityL),
    insulation: String(insulation),
    follows: String(follows),
    daily: dailyText(daily, units),
  };
}

/** A place: its temperature, or its curve over the day, its room, and how it holds warmth. */
export function PlaceForm(props: {
  place: PlaceBefore | null;
  change: PlaceActions['changePlace'];
  units: ShopUnits;
  onSaved?: () => void;
}) {
  const { place, change, units, onSaved } = props;
  const { register, handleSubmit, formState, control, setValue } = useForm<PlaceFields>({
    defaultValues: firstFields(place, units),
  });
  const [wrong, setWrong] = useState<Readonly<Record<string, string>>>({});
  const [busy, start] = useTransition();
  const askAnew = useAskAnew();
  const say = useSay();
  const save = (fields: PlaceFields) =>
    start(async () => {
      const daily = readDaily(fields.daily, units);
      if (typeof daily === 'string') return setWrong({ daily });
      const all = { ...fields, daily };
      const { daily: opened, ...first } = firstFields(place, units);
      const { changed, before: was } = changedOnly(
        { ...first, daily: readDaily(opened, units) },
        all,
      );
      const outcome = await change(place === null ? all : { ...changed, id: place.id });
      if (!outcome.ok) {
        setWrong(
          Object.fromEntries(
            outcome.refusals.map((one) => [dailyFields(one.field ?? ''), one.sentence]),
          ),
        );
        return;
      }
      setWrong({});
      const { before } = outcome.value;
      say({
        text: tr`${fields.name}: ${daily.length > 0 ? tr`its curve holds` : tempText(Number(fields.tempC.replace(',', '.')), units)} from now on.`,
        ...(before === null
          ? {}
          : {
              action: {
                label: tr`Undo`,
                run: () => void change({ ...was, id: before.id }).then(() => askAnew()),
              },
            }),
      });
      onSaved?.();
      askAnew();
    });
  const typedC = useWatch({ control, name: 'tempC' });
  const field = (name: keyof PlaceFields, label: string) => (
    <TextField
      label={label}
      {...register(name)}
      error={wrong[name] !== undefined}
      placeholder={name === 'daily' ? dailyExample(units) : ''}
      helperText={wrong[name] ?? ''}
      slotProps={{
        htmlInput: {
          inputMode: name === 'name' || name === 'daily' ? 'text' : 'decimal',
          maxLength: name === 'daily' ? 300 : 40,
        },
      }}
    />
  );
  return (
    <Box
      component="form"
      noValidate
      aria-label={place?.name ?? tr`New place`}
      onSubmit={handleSubmit(save)}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr 1fr', sm: '1.6fr 1fr 1fr 1fr auto' },
        gap: 1.5,
        alignItems: 'start',
      }}
    >
      {field('name', tr`Place`)}
      <FigureField
        label={tr`Stands at`}
        of="temperature"
        name="tempC"
        value={typedC}
        error={wrong['tempC']}
        onChange={(typed) => setValue('tempC', typed, { shouldDirty: true })}
      />
      {field('capacityL', tr`Room for, l`)}
      {field('insulation', tr`Insulation, × air`)}
      <Button
        type="submit"
        size="small"
        disabled={busy || (place !== null && !formState.isDirty)}
        sx={{ mt: 1 }}
      >
        {tr`Save`}
      </Button>
      <Box sx={{ gridColumn: { sm: '1 / 4' }, display: 'grid' }}>
        {field('daily', tr`Over the day, if it changes`)}
      </Box>
      <Box sx={{ display: 'grid' }}>{field('follows', tr`Warms with weather, 0–1`)}</Box>
      {wrong[''] === undefined ? null : (
        <Alert severity="warning" sx={{ gridColumn: '1 / -1' }}>
          {wrong['']}
        </Alert>
      )}
    </Box>
  );
}

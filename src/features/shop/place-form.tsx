'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { PlaceBefore } from '@/server/shop/place';
import type { ShopUnits } from '@/core/units';
import { changedOnly } from '@/ui/changed';
import { FormFrame, FormRefusal } from '@/ui/fields/form-frame';
import { useFormFields } from '@/ui/fields/use-form-fields';
import { useSend } from '@/ui/hands/use-send';
import { tempText } from '@/ui/format';
import { dailyExample, dailyText, readDaily } from './daily-text';
import type { PlaceActions } from './place-actions';

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
  const { send, busy, wrong, setWrong } = useSend();
  const form = useFormFields(firstFields(place, units), wrong);
  const { text, figure, dirty } = form;
  const save = () => {
    const fields = form.values;
    const daily = readDaily(fields.daily, units);
    if (typeof daily === 'string') return setWrong({ daily });
    const all = { ...fields, daily };
    const { daily: opened, ...first } = firstFields(place, units);
    const { changed, before: was } = changedOnly(
      { ...first, daily: readDaily(opened, units) },
      all,
    );
    const stands =
      daily.length > 0
        ? tr`its curve holds`
        : tempText(Number(fields.tempC.replace(',', '.')), units);
    send(() => change(place === null ? all : { ...changed, id: place.id }), {
      said: tr`${fields.name}: ${stands} from now on.`,
      undo: ({ before }) => (before === null ? null : () => change({ ...was, id: before.id })),
      then: onSaved,
    });
  };
  return (
    <FormFrame
      label={place?.name ?? tr`New place`}
      onSave={save}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr 1fr', sm: '1.6fr 1fr 1fr 1fr auto' },
        gap: 1.5,
        alignItems: 'start',
      }}
    >
      {text('name', tr`Place`)}
      {figure('tempC', tr`Stands at`, 'temperature')}
      {text('capacityL', tr`Room for, l`, { figures: true })}
      {text('insulation', tr`Insulation, × air`, { figures: true })}
      <Button
        type="submit"
        size="small"
        disabled={busy || (place !== null && !dirty)}
        sx={{ mt: 1 }}
      >
        {tr`Save`}
      </Button>
      <Box sx={{ gridColumn: { sm: '1 / 4' }, display: 'grid' }}>
        {text('daily', tr`Over the day, if it changes`, {
          placeholder: dailyExample(units),
          longest: 300,
        })}
      </Box>
      <Box sx={{ display: 'grid' }}>
        {text('follows', tr`Warms with weather, 0–1`, { figures: true })}
      </Box>
      <FormRefusal sentence={wrong['']} />
    </FormFrame>
  );
}

'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import { useForm } from 'react-hook-form';
import type { Outcome } from '@/services/outcome';
import type { PlaceBefore } from '@/services/shop';
import { useSay } from '@/ui/snack';

type ChangePlace = (form: unknown) => Promise<Outcome<{ before: PlaceBefore | null }>>;

/** The places with their temperatures, warmest first, and one more. */
export function PlacesPanel(props: { places: readonly PlaceBefore[]; change: ChangePlace }) {
  const places = [...props.places].sort((a, b) => b.tempC - a.tempC);
  const [adding, setAdding] = useState(false);
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      {places.map((place) => (
        <PlaceForm
          key={`${place.id}-${place.tempC}-${place.capacityL}`}
          place={place}
          change={props.change}
        />
      ))}
      {adding ? (
        <PlaceForm place={null} change={props.change} onSaved={() => setAdding(false)} />
      ) : (
        <Button onClick={() => setAdding(true)} sx={{ justifySelf: 'start' }}>
          Add a place
        </Button>
      )}
    </Box>
  );
}

interface PlaceFields {
  readonly name: string;
  readonly tempC: string;
  readonly capacityL: string;
}

function PlaceForm(props: {
  place: PlaceBefore | null;
  change: ChangePlace;
  onSaved?: () => void;
}) {
  const { place, change, onSaved } = props;
  const { register, handleSubmit, formState } = useForm<PlaceFields>({
    defaultValues: {
      name: place?.name ?? '',
      tempC: place === null ? '20' : String(place.tempC),
      capacityL: place === null ? '40' : String(place.capacityL),
    },
  });
  const [wrong, setWrong] = useState<Readonly<Record<string, string>>>({});
  const [busy, start] = useTransition();
  const router = useRouter();
  const say = useSay();
  const save = (fields: PlaceFields) =>
    start(async () => {
      const outcome = await change({ ...fields, id: place?.id ?? null });
      if (!outcome.ok) {
        setWrong(
          Object.fromEntries(outcome.refusals.map((one) => [one.field ?? '', one.sentence])),
        );
        return;
      }
      setWrong({});
      const { before } = outcome.value;
      say({
        text: `${fields.name}: ${fields.tempC}° from now on.`,
        ...(before === null
          ? {}
          : {
              action: {
                label: 'Undo',
                run: () => void change(before).then(() => router.refresh()),
              },
            }),
      });
      onSaved?.();
      router.refresh();
    });
  const field = (name: keyof PlaceFields, label: string) => (
    <TextField
      label={label}
      {...register(name)}
      error={wrong[name] !== undefined}
      helperText={wrong[name] ?? ''}
      slotProps={{ htmlInput: { inputMode: name === 'name' ? 'text' : 'decimal', maxLength: 40 } }}
    />
  );
  return (
    <Box
      component="form"
      noValidate
      aria-label={place?.name ?? 'New place'}
      onSubmit={handleSubmit(save)}
      sx={{
        display: 'grid',
        gridTemplateColumns: '2fr 1fr 1fr auto',
        gap: 1.5,
        alignItems: 'start',
      }}
    >
      {field('name', 'Place')}
      {field('tempC', 'Stands at, °C')}
      {field('capacityL', 'Room for, l')}
      <Button
        type="submit"
        size="small"
        disabled={busy || (place !== null && !formState.isDirty)}
        sx={{ mt: 1 }}
      >
        Save
      </Button>
      {wrong[''] === undefined ? null : (
        <Alert severity="warning" sx={{ gridColumn: '1 / -1' }}>
          {wrong['']}
        </Alert>
      )}
    </Box>
  );
}

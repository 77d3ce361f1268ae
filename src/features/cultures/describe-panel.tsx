'use client';

import { tr } from '@/words/tr';
import { FieldRow, PanelHead, PanelRefusal } from '@/ui/panels/panel-parts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import type { DescribingFacts } from '@/server/cultures/describing-facts';
import { newBatch, useAct } from '@/ui/hands/use-act';
import { useSay } from '@/ui/snack';
import { useAskAnew } from '@/ui/ask-anew';
import { FigureField } from '@/ui/fields/figure-field';
import { WallTimeField } from '@/ui/fields/wall-time-field';
import type { CultureActions } from './culture-actions';
import { describedForm, firstDescription, KIND_NAMES, type Description } from './description';
import { fieldsOf } from './description-fields';

/** A culture described: a new one, begun or brought in, or the words about one that is there. */
export function DescribePanel({
  facts,
  actions,
}: {
  facts: DescribingFacts;
  actions: CultureActions;
}) {
  const { culture } = facts;
  const { control, register, setValue, handleSubmit } = useForm<Description>({
    defaultValues: firstDescription(facts),
  });
  const typed = useWatch({ control }) as Description;
  const { kind, start } = typed;
  const { run, busy, refused } = useAct(actions);
  const [wrong, setWrong] = useState<Readonly<Record<string, string>>>({});
  const router = useRouter();
  const say = useSay();
  const askAnew = useAskAnew();
  const starter = kind === 'liquid starter' || kind === 'stiff starter';
  const errors = { ...refused, ...wrong };
  const save = async (fields: Description) => {
    const form = { ...describedForm(fields, facts), batch: newBatch() };
    if (culture === null) {
      return run(
        () => actions.describeCulture(form),
        () => tr`${fields.name} is in the shop.`,
        ({ id }) => router.push(`/cultures/${encodeURIComponent(id)}`),
      );
    }
    const outcome = await actions.describeCulture(form);
    if (!outcome.ok) {
      const sentences = outcome.refusals.map((one) => [one.field ?? '', one.sentence] as const);
      return setWrong(Object.fromEntries(sentences));
    }
    setWrong({});
    say({ text: tr`${fields.name}: described anew.` });
    askAnew();
    router.push(`/cultures/${encodeURIComponent(culture.id)}/about`);
  };
  const wrongIn = (name: keyof Description) =>
    errors[name] !== undefined || errors[`start.${name}`] !== undefined;
  const figure = (name: keyof Description, label: string) =>
    name === 'name' ? (
      <TextField
        key={name}
        label={label}
        {...register(name)}
        error={wrongIn(name)}
        slotProps={{ htmlInput: { maxLength: 40 } }}
      />
    ) : (
      <FigureField
        key={name}
        name={name}
        label={label}
        // What ends in G is held in grams.
        {...(name.endsWith('G') ? { of: 'mass' as const } : {})}
        value={typed[name]}
        error={wrongIn(name)}
        onChange={(value) => setValue(name, value, { shouldDirty: true })}
      />
    );
  const choice = (
    name: keyof Description,
    label: string,
    options: readonly { readonly id: string; readonly name: string }[],
  ) => (
    <Controller
      key={name}
      control={control}
      name={name}
      render={({ field }) => (
        <TextField
          select
          label={label}
          {...field}
          error={errors[name] !== undefined}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        >
          {options.map((one) => (
            <MenuItem key={one.id} value={one.id}>
              {one.name}
            </MenuItem>
          ))}
        </TextField>
      )}
    />
  );
  return (
    <Box
      component="form"
      noValidate
      aria-label={tr`Culture`}
      onSubmit={handleSubmit(save)}
      sx={{ pb: 3 }}
    >
      <PanelHead title={culture === null ? tr`A new culture` : tr`${culture.name}, described`}>
        {KIND_NAMES[kind].says}
      </PanelHead>
      <PanelRefusal sentence={Object.values(errors)[0] ?? null} />
      <FieldRow columns={4}>
        {culture === null ? choice('kind', tr`Kind`, kinds()) : null}
        {fieldsOf(kind, facts).map((field) =>
          field.options === undefined
            ? figure(field.name, field.label)
            : choice(field.name, field.label, field.options),
        )}
      </FieldRow>
      {culture === null && starter ? (
        <>
          <Typography variant="h3" component="h3" sx={{ px: 2, pt: 1 }}>
            {tr`How does it begin?`}
          </Typography>
          <FieldRow columns={4}>
            {choice('start', tr`Beginning`, [
              { id: 'bring', name: tr`it is alive already` },
              { id: 'begin', name: tr`from flour and water` },
              { id: 'empty', name: tr`later` },
            ])}
            {start === 'bring' ? (
              <Controller
                control={control}
                name="fedAt"
                render={({ field }) => (
                  <WallTimeField
                    label={tr`Last fed`}
                    name="fedAt"
                    value={field.value}
                    onChange={field.onChange}
                    error={errors['start.fedAt'] ?? errors['fedAt']}
                  />
                )}
              />
            ) : null}
            {START_FIGURES[start].map(([name, label]) => figure(name, label))}
          </FieldRow>
          <Typography variant="body2" color="text.secondary" sx={{ px: 2 }}>
            {START_SAYS[start]}
          </Typography>
        </>
      ) : null}
      <Box sx={{ px: 2, pt: 2, display: 'flex', justifyContent: 'flex-end' }}>
        <Button type="submit" variant="contained" size="large" disabled={busy}>
          {culture === null ? tr`Take it into the shop` : tr`Save`}
        </Button>
      </Box>
    </Box>
  );
}

const kinds = () => Object.entries(KIND_NAMES).map(([id, one]) => ({ id, name: one.name }));

/** What is weighed and seen of each beginning. */
const START_FIGURES: Readonly<
  Record<Description['start'], readonly (readonly [keyof Description, string])[]>
> = {
  get bring() {
    return [
      ['massG', tr`In the jar`],
      ['ratio', tr`Flour per 1 of starter then`],
      ['rise', tr`Risen to now, ×`],
    ] as const;
  },
  get begin() {
    return [
      ['flourG', tr`Flour`],
      ['waterG', tr`Water`],
    ] as const;
  },
  empty: [],
};

const START_SAYS: Readonly<Record<Description['start'], string>> = {
  get bring() {
    return tr`Olvik runs it on from its last feed; how high it stands now moves the forecast.`;
  },
  get begin() {
    return tr`Ten days of a plain schedule follow, with what to expect. Nothing is forecast before it has been seen at two peaks.`;
  },
  get empty() {
    return tr`It stands in the rows, empty, until it is fed or something is put into it.`;
  },
};

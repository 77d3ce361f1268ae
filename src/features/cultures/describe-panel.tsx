'use client';

import { tr } from '@/words/tr';
import { FieldRow, PanelHead, PanelRefusal } from '@/ui/panels/panel-parts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import type { DescribingFacts } from '@/server/cultures/describing-facts';
import { newBatch, useAct } from '@/ui/hands/use-act';
import { FormFrame } from '@/ui/fields/form-frame';
import { useFormFields } from '@/ui/fields/use-form-fields';
import { useSend } from '@/ui/hands/use-send';
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
  const { run, busy: acting, refused } = useAct(actions);
  const { send, busy: saving, wrong } = useSend();
  const form = useFormFields(() => firstDescription(facts), { ...refused, ...wrong }, false);
  const { values, errors, text, choice, hour } = form;
  const { kind, start } = values;
  const router = useRouter();
  const starter = kind === 'liquid starter' || kind === 'stiff starter';
  const save = () => {
    const described = { ...describedForm(values, facts), batch: newBatch() };
    const describe = () => actions.describeCulture(described);
    if (culture === null) {
      return run(
        describe,
        () => tr`${values.name} is in the shop.`,
        ({ id }) => router.push(`/cultures/${encodeURIComponent(id)}`),
      );
    }
    send(describe, {
      said: tr`${values.name}: described anew.`,
      then: () => router.push(`/cultures/${encodeURIComponent(culture.id)}/about`),
    });
  };
  // What ends in G is held in grams.
  const figure = (name: keyof Description, label: string) =>
    name === 'name'
      ? text(name, label)
      : form.figure(name, label, name.endsWith('G') ? 'mass' : undefined);
  return (
    <FormFrame label={tr`Culture`} onSave={save} sx={{ pb: 3 }}>
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
            {start === 'bring' ? hour('fedAt', tr`Last fed`) : null}
            {START_FIGURES[start].map(([name, label]) => figure(name, label))}
          </FieldRow>
          <Typography variant="body2" color="text.secondary" sx={{ px: 2 }}>
            {START_SAYS[start]}
          </Typography>
        </>
      ) : null}
      <Box sx={{ px: 2, pt: 2, display: 'flex', justifyContent: 'flex-end' }}>
        <Button type="submit" variant="contained" size="large" disabled={acting || saving}>
          {culture === null ? tr`Take it into the shop` : tr`Save`}
        </Button>
      </Box>
    </FormFrame>
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

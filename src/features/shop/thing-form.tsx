'use client';

import { perLanguage } from '@/words/per-language';
import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Equipment, EquipmentKind } from '@/server/shop/equipment';
import type { Outcome } from '@/shop/outcome';
import { FormFrame, FormRefusal } from '@/ui/fields/form-frame';
import { useFormFields } from '@/ui/fields/use-form-fields';
import { useSend } from '@/ui/hands/use-send';

/** What can be done with what the shop works with. */
export interface EquipmentActions {
  readonly changeEquipment: (
    form: unknown,
  ) => Promise<Outcome<{ id: string; before: Equipment | null }>>;
  readonly removeEquipment: (id: string) => Promise<Outcome<{ before: Equipment }>>;
}

/** Each kind with what its sizes count. */
type KindNames = Readonly<
  Record<EquipmentKind, { readonly name: string; readonly least?: string; readonly most: string }>
>;
const kinds = perLanguage((): KindNames => ({
  mixer: { name: tr`Mixer`, least: tr`Least dough, kg`, most: tr`Most dough, kg` },
  oven: { name: tr`Oven`, most: tr`Pizzas at once` },
  box: { name: tr`Box`, most: tr`Balls in it` },
  tub: { name: tr`Tub`, most: tr`Litres` },
}));

const NEW_THING = {
  kind: 'mixer',
  name: '',
  count: 1,
  least: 0,
  most: 10,
  heatMin: 0,
  bakeMin: 0,
} as const;

type Fields = Record<'name' | 'count' | 'least' | 'most' | 'heatMin' | 'bakeMin', string> & {
  kind: EquipmentKind;
};

export function ThingForm(props: {
  thing: Equipment | null;
  actions: EquipmentActions;
  onSaved?: () => void;
}) {
  const { thing, actions, onSaved } = props;
  const first = thing ?? NEW_THING;
  const { send, busy, wrong } = useSend();
  const form = useFormFields<Fields>(
    {
      kind: first.kind,
      name: first.name,
      count: String(first.count),
      least: String(first.least),
      most: String(first.most),
      heatMin: String(first.heatMin),
      bakeMin: String(first.bakeMin),
    },
    wrong,
  );
  const { values, text, choice, dirty } = form;
  const kind = kinds()[values.kind];
  const putBack = (before: Equipment) => () => actions.changeEquipment(before);
  const save = () =>
    send(() => actions.changeEquipment({ ...values, id: thing?.id ?? null }), {
      said: tr`${values.name}: saved.`,
      undo: ({ id, before }) =>
        before === null ? () => actions.removeEquipment(id) : putBack(before),
      then: onSaved,
    });
  const remove = (id: string) =>
    send(() => actions.removeEquipment(id), {
      said: ({ before }) => tr`${before.name}: taken out.`,
      undo: ({ before }) => putBack(before),
    });
  const figure = (name: keyof Fields, label: string) => text(name, label, { figures: true });
  return (
    <FormFrame
      label={thing?.name ?? tr`New equipment`}
      onSave={save}
      sx={{
        display: 'grid',
        gridTemplateColumns: 'repeat(auto-fill, minmax(7.5rem, 1fr))',
        gap: 1.5,
        alignItems: 'start',
        borderBottom: '1px solid var(--line)',
        pb: 1.5,
      }}
    >
      {thing === null ? (
        choice(
          'kind',
          tr`Kind`,
          Object.entries(kinds()).map(([id, { name }]) => ({ id, name })),
        )
      ) : (
        <Typography sx={{ alignSelf: 'center', fontWeight: 700 }}>{kind.name}</Typography>
      )}
      {text('name', tr`Name`)}
      {figure('count', tr`How many`)}
      {kind.least === undefined ? null : figure('least', kind.least)}
      {figure('most', kind.most)}
      {values.kind === 'oven' ? figure('heatMin', tr`Hot in, min`) : null}
      {values.kind === 'oven' ? figure('bakeMin', tr`A pizza takes, min`) : null}
      <Box sx={{ display: 'flex', gap: 1, mt: 1, gridColumn: 'span 2', whiteSpace: 'nowrap' }}>
        <Button type="submit" size="small" disabled={busy || (thing !== null && !dirty)}>
          {tr`Save`}
        </Button>
        {thing === null ? null : (
          <Button size="small" variant="text" disabled={busy} onClick={() => remove(thing.id)}>
            {tr`Take out`}
          </Button>
        )}
      </Box>
      <FormRefusal sentence={wrong['']} />
    </FormFrame>
  );
}

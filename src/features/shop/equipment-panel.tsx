'use client';

import { perLanguage } from '@/words/per-language';
import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Equipment, EquipmentKind } from '@/server/shop/equipment';
import type { Outcome } from '@/shop/outcome';
import { FormFrame, FormRefusal } from '@/ui/fields/form-frame';
import { useFormFields } from '@/ui/fields/use-form-fields';
import { useSend } from '@/ui/hands/use-send';
import { useInUnits } from '@/ui/fields/in-units';

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

/** Mixers, ovens, boxes and tubs, and one more. */
export function EquipmentPanel(props: { things: readonly Equipment[]; actions: EquipmentActions }) {
  const { things, actions } = props;
  const [adding, setAdding] = useState(false);
  const inUnits = useInUnits();
  const [changing, setChanging] = useState<string | null>(null);
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      {things.length === 0 && !adding ? (
        <Typography color="text.secondary">
          {tr`Nothing said yet: no batch is split, no box counted.`}
        </Typography>
      ) : null}
      {things.map((thing) =>
        changing === thing.id ? (
          <ThingForm
            key={thing.id}
            thing={thing}
            actions={actions}
            onSaved={() => setChanging(null)}
          />
        ) : (
          <Box
            key={thing.id}
            sx={{
              display: 'flex',
              alignItems: 'center',
              gap: 2,
              borderBottom: '1px solid var(--line)',
            }}
          >
            <Typography sx={{ flex: 1, minWidth: 0 }}>
              <strong>
                {thing.count} × {thing.name}
              </strong>
              , {inUnits(sizeText(thing))}
              {thing.broken === undefined ? null : (
                <Typography component="span" variant="body2" sx={{ display: 'block' }}>
                  {thing.count === 1 ? tr`Out of order.` : tr`${thing.broken} out of order.`}
                </Typography>
              )}
            </Typography>
            <OutOfOrder thing={thing} actions={actions} />
            <Button
              size="small"
              variant="text"
              aria-label={tr`Change ${thing.name}`}
              onClick={() => setChanging(thing.id)}
            >
              {tr`Change`}
            </Button>
          </Box>
        ),
      )}
      {adding ? (
        <ThingForm thing={null} actions={actions} onSaved={() => setAdding(false)} />
      ) : (
        <Button onClick={() => setAdding(true)} sx={{ justifySelf: 'start' }}>
          {tr`Add a mixer, oven, box or tub`}
        </Button>
      )}
    </Box>
  );
}

/** One tap when one of it fails, and one when it works again. */
function OutOfOrder(props: { thing: Equipment; actions: EquipmentActions }) {
  const { thing, actions } = props;
  const { send, busy } = useSend('notice');
  const { count, name, broken = 0 } = thing;
  const put = (next: number) => () => actions.changeEquipment({ ...thing, broken: next });
  const set = (next: number, said: string) => send(put(next), { said, undo: () => put(broken) });
  return (
    <Box sx={{ display: 'flex' }}>
      {broken < count ? (
        <Button
          size="small"
          variant="text"
          disabled={busy}
          aria-label={tr`Out of order: ${name}`}
          onClick={() => set(broken + 1, tr`${name}: out of order.`)}
        >
          {tr`Out of order`}
        </Button>
      ) : null}
      {broken > 0 ? (
        <Button
          size="small"
          variant="text"
          disabled={busy}
          aria-label={tr`Works again: ${name}`}
          onClick={() => set(broken - 1, tr`${name}: works again.`)}
        >
          {tr`Works again`}
        </Button>
      ) : null}
    </Box>
  );
}

/** "2 to 12 kg of dough", "4 pizzas at once, hot in 75 min". */
function sizeText({ kind, least, most, heatMin, bakeMin }: Equipment): string {
  if (kind === 'mixer') return tr`${least} to ${most} kg of dough`;
  if (kind === 'oven')
    return tr`${most} pizzas at once, hot in ${heatMin} min, each in ${bakeMin} min`;
  return kind === 'box' ? tr`${most} balls` : `${most} l`;
}

type Fields = Record<'name' | 'count' | 'least' | 'most' | 'heatMin' | 'bakeMin', string> & {
  kind: EquipmentKind;
};

function ThingForm(props: {
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

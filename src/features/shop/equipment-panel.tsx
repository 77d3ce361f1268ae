'use client';

import { perLanguage } from '@/words/per-language';
import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, useTransition } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import type { Equipment, EquipmentKind } from '@/server/shop/equipment';
import type { Outcome } from '@/shop/outcome';
import { useAskAnew } from '@/ui/ask-anew';
import { useSay } from '@/ui/snack';

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
              , {sizeText(thing)}
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
  const askAnew = useAskAnew();
  const say = useSay();
  const [busy, start] = useTransition();
  const { count, name, broken = 0 } = thing;
  const set = (next: number, said: string) =>
    start(async () => {
      const outcome = await actions.changeEquipment({ ...thing, broken: next });
      if (!outcome.ok) return say({ text: outcome.refusals[0]?.sentence ?? '' });
      const back = () => void actions.changeEquipment({ ...thing, broken }).then(askAnew);
      say({ text: `${name}: ${said}.`, action: { label: tr`Undo`, run: back } });
      askAnew();
    });
  return (
    <Box sx={{ display: 'flex' }}>
      {broken < count ? (
        <Button
          size="small"
          variant="text"
          disabled={busy}
          aria-label={tr`Out of order: ${name}`}
          onClick={() => set(broken + 1, 'out of order')}
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
          onClick={() => set(broken - 1, 'works again')}
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
  const { register, handleSubmit, control, formState } = useForm<Fields>({
    defaultValues: {
      kind: first.kind,
      name: first.name,
      count: String(first.count),
      least: String(first.least),
      most: String(first.most),
      heatMin: String(first.heatMin),
      bakeMin: String(first.bakeMin),
    },
  });
  const [wrong, setWrong] = useState<Readonly<Record<string, string>>>({});
  const [busy, start] = useTransition();
  const askAnew = useAskAnew();
  const say = useSay();
  const kindName = useWatch({ control, name: 'kind' });
  const kind = kinds()[kindName];
  const putBack = (before: Equipment) => void actions.changeEquipment(before).then(askAnew);
  const save = (fields: Fields) =>
    start(async () => {
      const outcome = await actions.changeEquipment({ ...fields, id: thing?.id ?? null });
      if (!outcome.ok) {
        setWrong(
          Object.fromEntries(outcome.refusals.map((one) => [one.field ?? '', one.sentence])),
        );
        return;
      }
      setWrong({});
      const { id, before } = outcome.value;
      say({
        text: tr`${fields.name}: saved.`,
        action: {
          label: tr`Undo`,
          run: () =>
            before === null ? void actions.removeEquipment(id).then(askAnew) : putBack(before),
        },
      });
      onSaved?.();
      askAnew();
    });
  const remove = (id: string) =>
    start(async () => {
      const outcome = await actions.removeEquipment(id);
      if (!outcome.ok) return;
      const { before } = outcome.value;
      say({
        text: tr`${before.name}: taken out.`,
        action: { label: tr`Undo`, run: () => putBack(before) },
      });
      askAnew();
    });
  const field = (name: keyof Fields, label: string) => (
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
      aria-label={thing?.name ?? tr`New equipment`}
      onSubmit={handleSubmit(save)}
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
        <TextField select label={tr`Kind`} defaultValue={first.kind} {...register('kind')}>
          {Object.entries(kinds()).map(([value, { name }]) => (
            <MenuItem key={value} value={value}>
              {name}
            </MenuItem>
          ))}
        </TextField>
      ) : (
        <Typography sx={{ alignSelf: 'center', fontWeight: 700 }}>{kind.name}</Typography>
      )}
      {field('name', tr`Name`)}
      {field('count', tr`How many`)}
      {kind.least === undefined ? null : field('least', kind.least)}
      {field('most', kind.most)}
      {kindName === 'oven' ? field('heatMin', tr`Hot in, min`) : null}
      {kindName === 'oven' ? field('bakeMin', tr`A pizza takes, min`) : null}
      <Box sx={{ display: 'flex', gap: 1, mt: 1, gridColumn: 'span 2', whiteSpace: 'nowrap' }}>
        <Button
          type="submit"
          size="small"
          disabled={busy || (thing !== null && !formState.isDirty)}
        >
          {tr`Save`}
        </Button>
        {thing === null ? null : (
          <Button size="small" variant="text" disabled={busy} onClick={() => remove(thing.id)}>
            {tr`Take out`}
          </Button>
        )}
      </Box>
      {wrong[''] === undefined ? null : (
        <Alert severity="warning" sx={{ gridColumn: '1 / -1' }}>
          {wrong['']}
        </Alert>
      )}
    </Box>
  );
}

'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Equipment } from '@/server/shop/equipment';
import { useSend } from '@/ui/hands/use-send';
import { useInUnits } from '@/ui/fields/in-units';
import { type EquipmentActions, ThingForm } from './thing-form';

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
          <ThingLine
            key={thing.id}
            thing={thing}
            inUnits={inUnits}
            actions={actions}
            onChanging={setChanging}
          />
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

function ThingLine(props: {
  thing: Equipment;
  inUnits: (sentence: string) => string;
  actions: EquipmentActions;
  onChanging: (changing: string | null) => void;
}) {
  const { thing, inUnits, actions, onChanging } = props;
  return (
    <Box
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
        onClick={() => onChanging(thing.id)}
      >
        {tr`Change`}
      </Button>
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

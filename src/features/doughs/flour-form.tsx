'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { DoughsView } from '@/server/doughs/view';
import { FormFrame, FormRefusal } from '@/ui/fields/form-frame';
import { useFormFields } from '@/ui/fields/use-form-fields';
import { useSend } from '@/ui/hands/use-send';
import type { DoughActions } from './dough-actions';

type FlourRow = DoughsView['facts']['flours'][number];

const percent = (share: number | null | undefined) =>
  share == null ? '' : String(Number((share * 100).toFixed(2)));

function fieldsOf(flour: FlourRow | null) {
  return {
    name: flour?.name ?? '',
    strengthW: flour?.strengthW == null ? '' : String(flour.strengthW),
    proteinPct: percent(flour?.proteinShare),
    ashPct: percent(flour?.ashShare),
    wholegrainPct: percent(flour?.wholegrainShare ?? 0),
    absorptionPct: percent(flour?.absorption),
    allergens: (flour?.allergens ?? ['wheat']).join(', '),
  };
}

const FIELDS: readonly {
  readonly name: keyof ReturnType<typeof fieldsOf>;
  readonly label: string;
}[] = [
  {
    name: 'name',
    get label() {
      return tr`Name`;
    },
  },
  {
    name: 'strengthW',
    get label() {
      return tr`W, if it is on the sack`;
    },
  },
  {
    name: 'proteinPct',
    get label() {
      return tr`Protein, %`;
    },
  },
  {
    name: 'ashPct',
    get label() {
      return tr`Ash, %`;
    },
  },
  {
    name: 'wholegrainPct',
    get label() {
      return tr`Whole grain, %`;
    },
  },
  {
    name: 'absorptionPct',
    get label() {
      return tr`Takes water, %`;
    },
  },
  {
    name: 'allergens',
    get label() {
      return tr`Contains, by commas`;
    },
  },
];

/** A flour described, or described anew. What is not known stays empty. */
export function FlourForm(props: {
  flour: FlourRow | null;
  change: DoughActions['changeFlour'];
  onClose: () => void;
}) {
  const { flour, change, onClose } = props;
  const { send, busy, wrong } = useSend();
  const { values, text } = useFormFields(fieldsOf(flour), wrong);
  const save = () =>
    send(() => change({ id: flour?.id ?? null, ...values }), {
      said: `${values.name}: ${flour === null ? tr`added` : tr`changed`}.`,
      undo: () => (flour === null ? null : () => change({ id: flour.id, ...fieldsOf(flour) })),
      then: onClose,
    });
  return (
    <FormFrame
      label={flour === null ? tr`Another flour` : tr`Change ${flour.name}`}
      onSave={save}
      sx={{
        display: 'grid',
        gap: 1.5,
        gridTemplateColumns: { xs: '1fr 1fr', md: 'repeat(4, 1fr)' },
      }}
    >
      {FIELDS.map(({ name, label }) => text(name, label))}
      <FormRefusal sentence={wrong['']} />
      <Box sx={{ display: 'flex', gap: 1, gridColumn: '1 / -1' }}>
        <Button type="submit" variant="contained" disabled={busy}>
          {tr`Keep it`}
        </Button>
        <Button onClick={onClose}>{tr`Leave it`}</Button>
      </Box>
    </FormFrame>
  );
}

'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, useTransition } from 'react';
import type { DoughsView } from '@/server/doughs/view';
import { useAskAnew } from '@/ui/ask-anew';
import { useSay } from '@/ui/snack';
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
  const [fields, setFields] = useState(() => fieldsOf(flour));
  const [wrong, setWrong] = useState<Readonly<Record<string, string>>>({});
  const [busy, start] = useTransition();
  const askAnew = useAskAnew();
  const say = useSay();
  const save = () =>
    start(async () => {
      const outcome = await change({ id: flour?.id ?? null, ...fields });
      if (!outcome.ok) {
        setWrong(
          Object.fromEntries(outcome.refusals.map((one) => [one.field ?? '', one.sentence])),
        );
        return;
      }
      say({
        text: `${fields.name}: ${flour === null ? tr`added` : tr`changed`}.`,
        ...(flour === null
          ? {}
          : {
              action: {
                label: tr`Undo`,
                run: () => void change({ id: flour.id, ...fieldsOf(flour) }).then(() => askAnew()),
              },
            }),
      });
      onClose();
      askAnew();
    });
  return (
    <Box
      component="form"
      noValidate
      aria-label={flour === null ? tr`Another flour` : tr`Change ${flour.name}`}
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
      sx={{
        display: 'grid',
        gap: 1.5,
        gridTemplateColumns: { xs: '1fr 1fr', md: 'repeat(4, 1fr)' },
      }}
    >
      {FIELDS.map(({ name, label }) => (
        <TextField
          key={name}
          name={name}
          label={label}
          value={fields[name]}
          error={wrong[name] !== undefined}
          helperText={wrong[name]}
          onChange={(event) => setFields({ ...fields, [name]: event.target.value })}
        />
      ))}
      {wrong[''] === undefined ? null : <Typography role="alert">{wrong['']}</Typography>}
      <Box sx={{ display: 'flex', gap: 1, gridColumn: '1 / -1' }}>
        <Button type="submit" variant="contained" disabled={busy}>
          {tr`Keep it`}
        </Button>
        <Button onClick={onClose}>{tr`Leave it`}</Button>
      </Box>
    </Box>
  );
}

'use client';

import { inSentence, tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { BROUGHT, type BroughtWhat } from '@/core/cultures';
import type { BringingFacts } from '@/server/cultures/bringing-facts';
import { placeKind } from '@/core/forecast';
import { ChoiceField } from '@/ui/fields/choice-field';
import { FigureField } from '@/ui/fields/figure-field';
import { WallTimeField } from '@/ui/fields/wall-time-field';
import { tempText } from '@/ui/format';
import { newBatch, useAct } from '@/ui/hands/use-act';
import { ActButton, FieldRow, PanelHead, PanelRefusal } from '@/ui/panels/panel-parts';
import {
  assumedText,
  BROUGHT_NAMES,
  broughtForm,
  firstBrought,
  type BroughtFields,
} from './brought';
import type { CultureActions } from './culture-actions';

/** What was there before Olvik, each in one short form: what is not asked is assumed, said, and can be changed. */
export function BringPanel(props: { facts: BringingFacts; actions: CultureActions }) {
  const { facts, actions } = props;
  const { what } = facts;
  const [fields, setFields] = useState(() => firstBrought(facts));
  const [opened, setOpened] = useState(false);
  const { run, busy, refused } = useAct(actions);
  const router = useRouter();
  const errors = Object.fromEntries(
    Object.entries(refused).map(([field, says]) => [field.replace(/^start\./, ''), says]),
  );
  const form = useFields({ facts, fields, errors, change: setFields });
  const bring = () => {
    const sent = { ...broughtForm(facts, fields), batch: newBatch() };
    const said = () => tr`${fields.name}: in the shop now.`;
    const go = (path: string) => router.push(path);
    if (what === 'starter') {
      run(
        () => actions.describeCulture(sent),
        said,
        ({ id }) => go(culturePath(id)),
      );
    } else
      run(
        () => actions.bringIn(sent),
        said,
        ({ path }) => go(path),
      );
  };
  return (
    <Box
      component="form"
      noValidate
      aria-label={tr`Bring in`}
      onSubmit={(event) => {
        event.preventDefault();
        bring();
      }}
      sx={{ pb: 3 }}
    >
      <PanelHead title={tr`What is there already?`}>{BROUGHT_NAMES[what].says}</PanelHead>
      <Kinds what={what} />
      <PanelRefusal sentence={Object.values(errors)[0] ?? null} />
      <Unhad facts={facts} />
      <FieldRow columns={3}>{SHOWN[what].map(form)}</FieldRow>
      <Box sx={{ px: 2, pt: 1, display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Typography sx={{ flex: '1 1 20rem' }} data-testid="assumed">
          {tr`Assumed: ${assumedText(facts, fields)}`}
        </Typography>
        <Button size="small" aria-expanded={opened} onClick={() => setOpened(!opened)}>
          {opened ? tr`As it is` : tr`It was otherwise`}
        </Button>
      </Box>
      {opened ? <FieldRow columns={3}>{ASSUMED[what].map(form)}</FieldRow> : null}
      <Box sx={{ display: 'flex', justifyContent: 'flex-end', p: 2 }}>
        <ActButton
          title={tr`Bring it in`}
          under={inSentence(BROUGHT_NAMES[what].name)}
          glyph="move"
          disabled={busy}
          onAct={bring}
        />
      </Box>
    </Box>
  );
}

const culturePath = (id: string) => `/cultures/${encodeURIComponent(id)}`;

/** What can be there, one beside the other; a sack of flour is noted with the shop’s flours. */
function Kinds({ what }: { what: BroughtWhat }) {
  const { replace } = useRouter();
  return (
    <Box sx={{ px: 2, py: 1, display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
      <ToggleButtonGroup
        value={what}
        exclusive
        aria-label={tr`What is there`}
        onChange={(_, one: BroughtWhat | null) => {
          if (one !== null) replace(`/cultures/bring/${one}`);
        }}
        sx={{ flexWrap: 'wrap' }}
      >
        {BROUGHT.map((one) => (
          <ToggleButton key={one} value={one}>
            {BROUGHT_NAMES[one].name}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Button component={Link} prefetch={false} href="/stock" variant="text">
        {tr`Flour in sacks`}
      </Button>
    </Box>
  );
}

/** Why nothing frozen can be brought in. */
function Unhad({ facts: { what, places } }: { facts: BringingFacts }) {
  const freezer = places.some((place) => placeKind(place.tempC) === 'freezer');
  if (what !== 'frozen' || freezer) return null;
  return (
    <Alert
      severity="info"
      sx={{ mx: 2 }}
      action={
        <Button component={Link} prefetch={false} href="/shop" size="small">
          {tr`Places in Shop`}
        </Button>
      }
    >
      {tr`The shop has no freezer yet: add a place of −18° first.`}
    </Alert>
  );
}

type FieldName = keyof BroughtFields;

/** What is asked of each, and what is assumed until it is changed. */
const SHOWN: Readonly<Record<BroughtWhat, readonly FieldName[]>> = {
  starter: ['name', 'fedAt', 'massG'],
  dough: ['cultureId', 'name', 'mixedAt', 'massG', 'waterPct', 'saltPct', 'placeId'],
  balls: ['name', 'mixedAt', 'count', 'ballG', 'placeId'],
  frozen: ['name', 'mixedAt', 'massG', 'flatMm'],
};
const MIXED: readonly FieldName[] = ['flourId', 'freshPct', 'roomH', 'roomId'];
const ASSUMED: Readonly<Record<BroughtWhat, readonly FieldName[]>> = {
  starter: ['waterPct', 'flourId', 'ratio', 'placeId', 'rise'],
  dough: MIXED,
  balls: ['waterPct', 'saltPct', ...MIXED],
  frozen: ['waterPct', 'saltPct', ...MIXED, 'placeId'],
};
const LABELS: Readonly<Record<FieldName, string>> = {
  get name() {
    return tr`Name`;
  },
  get massG() {
    return tr`Weighs`;
  },
  get count() {
    return tr`Balls`;
  },
  get ballG() {
    return tr`Each`;
  },
  get flatMm() {
    return tr`Flat, thick (empty: a lump)`;
  },
  get fedAt() {
    return tr`Last fed`;
  },
  get mixedAt() {
    return tr`Mixed`;
  },
  get placeId() {
    return tr`Kept in`;
  },
  get cultureId() {
    return tr`Chain`;
  },
  get flourId() {
    return tr`Flour`;
  },
  get waterPct() {
    return tr`Water, % of flour`;
  },
  get saltPct() {
    return tr`Salt, % of flour`;
  },
  get freshPct() {
    return tr`Fresh yeast, % of flour`;
  },
  get roomH() {
    return tr`In the room first, h`;
  },
  get roomId() {
    return tr`That room`;
  },
  get ratio() {
    return tr`Flour per 1 of starter then`;
  },
  get rise() {
    return tr`Risen to now, ×`;
  },
};

/** The fields of the form by their names. */
function useFields(of: {
  facts: BringingFacts;
  fields: BroughtFields;
  errors: Readonly<Record<string, string>>;
  change: (fields: BroughtFields) => void;
}): (name: FieldName) => ReactNode {
  const { facts, fields, errors, change } = of;
  const set = (name: FieldName) => (value: string) => change({ ...fields, [name]: value });
  const { flours, chains, places, units } = facts;
  const placeChoice = places.map(({ id, name, tempC }) => ({
    id,
    name: `${name} ${tempText(tempC, units, 0)}`,
  }));
  const choices: Partial<Record<FieldName, readonly { id: string; name: string }[]>> = {
    flourId: flours,
    placeId: placeChoice,
    roomId: placeChoice,
    cultureId: [...chains, { id: '', name: tr`a new one` }],
  };
  return function Field(name) {
    // A first chain has no other to choose from.
    if (name === 'cultureId' && chains.length === 0) return null;
    const common = { name, label: LABELS[name], value: fields[name] };
    const error = errors[name];
    const options = choices[name];
    if (options !== undefined) {
      return (
        <ChoiceField key={name} {...common} options={options} error={error} onChange={set(name)} />
      );
    }
    if (name === 'fedAt' || name === 'mixedAt') {
      // On a phone an hour with its day wants the whole row.
      return (
        <Box key={name} sx={{ gridColumn: { xs: '1 / -1', md: 'auto' }, display: 'grid' }}>
          <WallTimeField {...common} error={error} onChange={set(name)} />
        </Box>
      );
    }
    if (name === 'name') {
      return (
        <TextField
          key={name}
          {...common}
          error={error !== undefined}
          onChange={(event) => set(name)(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 40 } }}
        />
      );
    }
    const unit = name.endsWith('G') ? 'mass' : name === 'flatMm' ? 'thickness' : undefined;
    return (
      <FigureField
        key={name}
        {...common}
        {...(unit === undefined ? {} : { of: unit })}
        error={error !== undefined}
        onChange={set(name)}
      />
    );
  };
}

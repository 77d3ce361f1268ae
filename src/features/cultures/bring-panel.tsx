'use client';

import { inSentence, tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { BROUGHT, type BroughtWhat } from '@/core/cultures';
import type { BringingFacts } from '@/server/cultures/bringing-facts';
import { placeKind } from '@/core/forecast';
import { FormFrame } from '@/ui/fields/form-frame';
import { useFormFields } from '@/ui/fields/use-form-fields';
import { useInUnits } from '@/ui/fields/in-units';
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
import { type FieldName, Field } from './bring-field';

/** What was there before Olvik, each in one short form: what is not asked is assumed, said, and can be changed. */
export function BringPanel(props: { facts: BringingFacts; actions: CultureActions }) {
  const { facts, actions } = props;
  const { what } = facts;
  const [opened, setOpened] = useState(false);
  const { run, busy, refused } = useAct(actions);
  const router = useRouter();
  const form = useFormFields<BroughtFields>(() => firstBrought(facts), refused, false);
  const { values: fields, errors } = form;
  const field = (name: FieldName) => <Field key={name} name={name} form={form} facts={facts} />;
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
    <FormFrame label={tr`Bring in`} onSave={bring} sx={{ pb: 3 }}>
      <PanelHead title={tr`What is there already?`}>{BROUGHT_NAMES[what].says}</PanelHead>
      <Kinds what={what} />
      <PanelRefusal sentence={Object.values(errors)[0] ?? null} />
      <Unhad facts={facts} />
      <FieldRow columns={3}>{SHOWN[what].map(field)}</FieldRow>
      <Box sx={{ px: 2, pt: 1, display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Typography sx={{ flex: '1 1 20rem' }} data-testid="assumed">
          {tr`Assumed: ${assumedText(facts, fields)}`}
        </Typography>
        <Button size="small" aria-expanded={opened} onClick={() => setOpened(!opened)}>
          {opened ? tr`As it is` : tr`It was otherwise`}
        </Button>
      </Box>
      {opened ? <FieldRow columns={3}>{ASSUMED[what].map(field)}</FieldRow> : null}
      <Box sx={{ display: 'flex', justifyContent: 'flex-end', p: 2 }}>
        <ActButton
          title={tr`Bring it in`}
          under={inSentence(BROUGHT_NAMES[what].name)}
          glyph="move"
          disabled={busy}
          onAct={bring}
        />
      </Box>
    </FormFrame>
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
  const inUnits = useInUnits();
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
      {inUnits(tr`The shop has no freezer yet: add a place of −18° first.`)}
    </Alert>
  );
}

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

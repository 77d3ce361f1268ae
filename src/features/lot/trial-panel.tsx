'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { toLocalText } from '@/core/units';
import type { LotView } from '@/server/lots/lot-view';
import type { TrialThing } from '@/shop/trials/trial-form';
import type { TrialOffer } from '@/shop/trials/trial-offer';
import type { HandsActions } from '@/ui/hands/actions';
import { newBatch, useAct } from '@/ui/hands/use-act';
import { massText } from '@/ui/format';
import { LinkButton } from '@/ui/link-button';
import { WallTimeField } from '@/ui/fields/wall-time-field';
import { FigureField } from '@/ui/fields/figure-field';
import { NAMES, ThingField, figureOf } from './thing-field';

/** A trial beside a lot: the same once more, one thing different, and a look at both. */
export function TrialPanel(props: { view: LotView; trial: TrialOffer; actions: HandsActions }) {
  const { view, trial, actions } = props;
  const { run, busy, refused } = useAct(actions);
  const others = view.places.filter((place) => place.id !== trial.placeId);
  const [thing, setThing] = useState<TrialThing>(trial.things[0] ?? 'place');
  const [placeId, setPlace] = useState(others[0]?.id ?? '');
  const { flours } = trial;
  const [flourId, setFlour] = useState(flours[0]?.id ?? '');
  const [figure, setFigure] = useState<Readonly<Partial<Record<TrialThing, string>>>>({
    yeast: '50',
    water: '5',
    start: String(Math.round((trial.startC ?? 20) + 4)),
  });
  const [massG, setMassG] = useState(String(trial.massG));
  const [lookAt, setLookAt] = useState(toLocalText(trial.lookAtMs, view.units.timeZone));
  const [secondId, setSecondId] = useState<string | null>(null);
  const plan = () =>
    run(
      () =>
        actions.planTrial({
          lotId: view.code,
          batch: newBatch(),
          thing,
          placeId,
          flourId,
          ...figureOf(thing, figure[thing] ?? ''),
          massG,
          lookAt,
        }),
      ({ lotId }) => {
        setSecondId(lotId);
        return tr`Trial ${lotId} planned beside ${view.code}, with a look at both.`;
      },
    );
  const wrong = Object.values(refused)[0];
  return (
    <Box component="section" aria-label={tr`A trial beside it`} sx={{ display: 'grid', gap: 1.25 }}>
      <Typography variant="h3" component="h2">
        {tr`A trial beside it`}
      </Typography>
      <Typography variant="body2" color="text.secondary">
        {saysOf(view, trial)}
      </Typography>
      {wrong === undefined ? null : <Alert severity="warning">{wrong}</Alert>}
      <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: '1fr 1fr', alignItems: 'end' }}>
        <TextField
          select
          label={tr`Different`}
          value={thing}
          onChange={(event) => setThing(event.target.value as TrialThing)}
        >
          {trial.things.map((one) => (
            <MenuItem key={one} value={one}>
              {NAMES[one]}
            </MenuItem>
          ))}
        </TextField>
        <ThingField
          thing={thing}
          {...(thing === 'place'
            ? { others, chosen: placeId, onChoose: setPlace }
            : { others: flours, chosen: flourId, onChoose: setFlour })}
          figure={figure[thing] ?? ''}
          onFigure={(typed) => setFigure({ ...figure, [thing]: typed })}
        />
        <FigureField
          label={tr`Trial lot`}
          of="mass"
          name="trial-grams"
          value={massG}
          onChange={setMassG}
        />
        <Box sx={{ gridColumn: '1 / -1' }}>
          <WallTimeField label={tr`Look at both`} value={lookAt} onChange={setLookAt} />
        </Box>
        <Button
          size="small"
          disabled={busy}
          onClick={plan}
          sx={{ minHeight: 48 }}
          data-testid="plan-trial"
        >
          {tr`Plan the trial`}
        </Button>
        {secondId === null ? null : (
          <LinkButton
            size="small"
            href={`/compare/lots?${new URLSearchParams([
              ['lot', view.code],
              ['lot', secondId],
            ]).toString()}`}
          >
            {tr`Both side by side`}
          </LinkButton>
        )}
      </Box>
    </Box>
  );
}

const saysOf = ({ units }: LotView, { pieceG }: TrialOffer) =>
  pieceG === null
    ? tr`The same once more, one thing different; you are reminded to look at both.`
    : tr`Some of it, one thing different: divided, kept and baked beside the rest, ${massText(pieceG, units)} each.`;

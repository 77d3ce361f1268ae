'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { LotView } from '@/server/lots/lot-view';
import type { HandsActions } from '@/ui/hands/actions';
import { SureQuestion } from '@/ui/hands/sure-question';
import { newBatch, useAct } from '@/ui/hands/use-act';
import { FigureField } from '@/ui/fields/figure-field';
import { massText } from '@/ui/format';

/** What the hands may do to a lot outside its plan: fold it, move it, add to it by feel. */
export function ActPanel({ view, actions }: { view: LotView; actions: HandsActions }) {
  const { run, busy, refused } = useAct(actions);
  const [placeId, setPlaceId] = useState(view.places[0]?.id ?? '');
  const [ingredientId, setIngredientId] = useState('water');
  const [massG, setMassG] = useState('');
  const [asked, setAsked] = useState<{ what: unknown; said: string } | null>(null);
  const act = (what: unknown, said: string, sure = false) => {
    setAsked({ what, said });
    run(
      () => actions.actOnLot({ lotId: view.code, batch: newBatch(), act: what, sure }),
      () => said,
      () => setMassG(''),
    );
  };
  const { sure: question, ...others } = refused;
  const wrong = Object.values(others)[0];
  const { name } = view.strand;
  return (
    <Box sx={{ display: 'grid', gap: 1.25, alignContent: 'start' }}>
      <Typography variant="h3" component="h2">
        {tr`Do something to it now`}
      </Typography>
      {wrong === undefined ? null : <Alert severity="warning">{wrong}</Alert>}
      <SureQuestion
        question={question}
        busy={busy}
        onYes={() => asked !== null && act(asked.what, asked.said, true)}
      />
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
        <TextField
          select
          label={tr`Place`}
          value={placeId}
          onChange={(event) => setPlaceId(event.target.value)}
        >
          {view.places.map((place) => (
            <MenuItem key={place.id} value={place.id}>
              {place.name}
            </MenuItem>
          ))}
        </TextField>
        <Button
          size="small"
          disabled={busy}
          onClick={() => act({ kind: 'move', placeId }, tr`${name}: moved.`)}
        >
          {tr`Move`}
        </Button>
        <Button
          size="small"
          disabled={busy}
          onClick={() => act({ kind: 'fold' }, tr`${name}: folded.`)}
        >
          {tr`Fold`}
        </Button>
      </Box>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
        <TextField
          select
          label={tr`Add`}
          value={ingredientId}
          onChange={(event) => setIngredientId(event.target.value)}
        >
          {view.ingredients.map((one) => (
            <MenuItem key={one.id} value={one.id}>
              {one.name}
            </MenuItem>
          ))}
        </TextField>
        <FigureField label="" of="mass" value={massG} onChange={setMassG} />
        <Button
          size="small"
          disabled={busy}
          onClick={() =>
            act(
              { kind: 'add', ingredientId, massG },
              tr`${name}: ${massText(Number(massG.replace(',', '.')) || 0, view.units)} added.`,
            )
          }
        >
          {tr`Add`}
        </Button>
      </Box>
    </Box>
  );
}

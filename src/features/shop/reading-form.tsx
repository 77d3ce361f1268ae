'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, useTransition } from 'react';
import type { ShopUnits } from '@/core/units';
import type { PlaceRow } from '@/server/shop/shop-view';
import { degreesApartText, momentText, tempText } from '@/ui/format';
import { newBatch } from '@/ui/hands/use-act';
import { useAskAnew } from '@/ui/ask-anew';
import { useSay } from '@/ui/snack';
import type { PlaceActions } from './place-actions';
import { FigureField } from '@/ui/fields/figure-field';

/** A temperature measured in a place: one figure, and what was learned from all of them. */
export function ReadingForm(props: {
  place: PlaceRow;
  actions: PlaceActions;
  nowMs: number;
  units: ShopUnits;
}) {
  const { place, actions, nowMs, units } = props;
  const [text, setText] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const askAnew = useAskAnew();
  const say = useSay();
  const log = () =>
    start(async () => {
      const outcome = await actions.logReading({
        placeId: place.id,
        batch: newBatch(),
        tempC: text,
      });
      if (!outcome.ok) {
        setWrong(outcome.refusals.map((one) => one.sentence).join(' '));
        return;
      }
      setWrong(null);
      setText('');
      const { batch, offsetC } = outcome.value;
      say({
        text: tr`${place.name}: ${tempText(Number(text.replace(',', '.')), units)} measured, ${offsetWords(offsetC, units)}.`,
        action: {
          label: tr`Undo`,
          run: () => void actions.undo(batch).then(() => askAnew()),
        },
      });
      askAnew();
    });
  return (
    <Box
      component="form"
      noValidate
      aria-label={tr`Reading in ${place.name}`}
      onSubmit={(event) => {
        event.preventDefault();
        log();
      }}
      sx={{ display: 'flex', gap: 1.5, alignItems: 'start', flexWrap: 'wrap' }}
    >
      <FigureField
        label={tr`Measured now`}
        of="temperature"
        value={text}
        onChange={setText}
        error={wrong ?? undefined}
        width={150}
      />
      <Button type="submit" size="small" disabled={busy || text === ''} sx={{ mt: 1 }}>
        {tr`Log it`}
      </Button>
      <Typography variant="body2" color="text.secondary" sx={{ mt: 2 }}>
        {measuredWords(place, nowMs, units)}
      </Typography>
    </Box>
  );
}

function measuredWords({ reading, offsetC }: PlaceRow, nowMs: number, units: ShopUnits): string {
  if (reading === null) return tr`Nothing measured yet: taken to be as set, ±1°.`;
  const when = momentText(reading.atMs, nowMs, units.timeZone);
  return tr`${tempText(reading.tempC, units)} at ${when}; ${offsetWords(offsetC ?? 0, units)}.`;
}

function offsetWords(offsetC: number, units: ShopUnits): string {
  if (Math.abs(offsetC) < 0.05) return tr`taken to be as set`;
  return tr`taken to be ${degreesApartText(Math.abs(offsetC), units)} ${offsetC > 0 ? tr`warmer` : tr`colder`} than set`;
}

'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ShopUnits } from '@/core/units';
import { sentenceInUnits } from '@/shop/sentence-in-units';
import type { PlaceRow } from '@/server/shop/shop-view';
import { degreesApartText, momentText, tempText } from '@/ui/format';
import { newBatch } from '@/ui/hands/use-act';
import { FormFrame } from '@/ui/fields/form-frame';
import { useFormFields } from '@/ui/fields/use-form-fields';
import { useSend } from '@/ui/hands/use-send';
import type { PlaceActions } from './place-actions';

/** A temperature measured in a place: one figure, and what was learned from all of them. */
export function ReadingForm(props: {
  place: PlaceRow;
  actions: PlaceActions;
  nowMs: number;
  units: ShopUnits;
}) {
  const { place, actions, nowMs, units } = props;
  const { send, busy, sentence } = useSend();
  const { values, reset, figure } = useFormFields(
    NOT_READ,
    sentence === null ? {} : { tempC: sentence },
  );
  const { tempC } = values;
  const log = () =>
    send(() => actions.logReading({ placeId: place.id, batch: newBatch(), tempC }), {
      said: ({ offsetC }) =>
        tr`${place.name}: ${tempText(Number(tempC.replace(',', '.')), units)} measured, ${offsetWords(offsetC, units)}.`,
      undo:
        ({ batch }) =>
        () =>
          actions.undo(batch),
      then: () => reset(NOT_READ),
    });
  return (
    <FormFrame
      label={tr`Reading in ${place.name}`}
      onSave={log}
      sx={{ display: 'flex', gap: 1.5, alignItems: 'start', flexWrap: 'wrap' }}
    >
      <Box sx={{ width: 150, display: 'grid' }}>
        {figure('tempC', tr`Measured now`, 'temperature')}
      </Box>
      <Button type="submit" size="small" disabled={busy || tempC === ''} sx={{ mt: 1 }}>
        {tr`Log it`}
      </Button>
      <Typography variant="body2" color="text.secondary" sx={{ mt: 2 }}>
        {measuredWords(place, nowMs, units)}
      </Typography>
    </FormFrame>
  );
}
const NOT_READ = { tempC: '' };

function measuredWords({ reading, offsetC }: PlaceRow, nowMs: number, units: ShopUnits): string {
  if (reading === null)
    return sentenceInUnits(tr`Nothing measured yet: taken to be as set, ±1°.`, units);
  const when = momentText(reading.atMs, nowMs, units.timeZone);
  return tr`${tempText(reading.tempC, units)} at ${when}; ${offsetWords(offsetC ?? 0, units)}.`;
}

function offsetWords(offsetC: number, units: ShopUnits): string {
  if (Math.abs(offsetC) < 0.05) return tr`taken to be as set`;
  return tr`taken to be ${degreesApartText(Math.abs(offsetC), units)} ${offsetC > 0 ? tr`warmer` : tr`colder`} than set`;
}

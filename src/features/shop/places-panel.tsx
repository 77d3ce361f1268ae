'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { ShopUnits } from '@/core/units';
import type { PlaceActions } from './place-actions';
import type { PlaceRow } from '@/server/shop/shop-view';
import { tempText } from '@/ui/format';
import { PlaceForm } from './place-form';
import { ProbeLine } from './probe-line';
import { ReadingForm } from './reading-form';

/** The places with their temperatures, warmest first, what was measured in each, and one more. */
export function PlacesPanel(props: {
  places: readonly PlaceRow[];
  actions: PlaceActions;
  nowMs: number;
  units: ShopUnits;
}) {
  const { actions, nowMs, units } = props;
  const places = [...props.places].sort((a, b) => b.tempC - a.tempC);
  const [adding, setAdding] = useState(false);
  const [changing, setChanging] = useState<string | null>(null);
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      {places.map((place) => (
        <Box
          key={`${place.id}-${place.tempC}-${place.capacityL}-${JSON.stringify(place.daily)}`}
          sx={{ display: 'grid', gap: 1, borderBottom: '1px solid var(--line)', pb: 1.5 }}
        >
          {changing === place.id ? (
            <PlaceForm
              place={place}
              change={actions.changePlace}
              units={units}
              onSaved={() => setChanging(null)}
            />
          ) : (
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 2 }}>
              <Typography sx={{ flex: 1, minWidth: 0 }}>
                <strong>{place.name}</strong>, {placeText(place, units)}
              </Typography>
              <Button
                size="small"
                variant="text"
                aria-label={tr`Change ${place.name}`}
                onClick={() => setChanging(place.id)}
              >
                {tr`Change`}
              </Button>
            </Box>
          )}
          {place.probe === null ? null : (
            <ProbeLine
              place={place}
              probe={place.probe}
              nowMs={nowMs}
              units={units}
              trouble={actions.troubleProbe}
            />
          )}
          <ReadingForm place={place} actions={actions} nowMs={nowMs} units={units} />
        </Box>
      ))}
      {adding ? (
        <PlaceForm
          place={null}
          change={actions.changePlace}
          units={units}
          onSaved={() => setAdding(false)}
        />
      ) : (
        <Button onClick={() => setAdding(true)} sx={{ justifySelf: 'start' }}>
          {tr`Add a place`}
        </Button>
      )}
    </Box>
  );
}

/** "set to 21°, room for 30 l", with its curve and its insulation where it has them. */
function placeText({ tempC, capacityL, daily, insulation }: PlaceRow, units: ShopUnits): string {
  const set = daily === null ? tr`set to ${tempText(tempC, units)}` : tr`by a curve over the day`;
  const holds = insulation === 1 ? '' : tr`, holds warmth ×${insulation}`;
  return tr`${set}, room for ${capacityL} l${holds}`;
}

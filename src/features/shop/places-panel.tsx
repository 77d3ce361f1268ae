'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Suspense, useState } from 'react';
import type { ShopUnits } from '@/core/units';
import type { PlaceActions } from './place-actions';
import type { PlaceRow } from '@/services/shop-view';
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
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      {places.map((place) => (
        <Box
          key={`${place.id}-${place.tempC}-${place.capacityL}-${JSON.stringify(place.daily)}`}
          sx={{ display: 'grid', gap: 1, borderBottom: '1px solid var(--line)', pb: 1.5 }}
        >
          <Suspense>
            <PlaceForm place={place} change={actions.changePlace} />
          </Suspense>
          <Suspense>
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
          </Suspense>
        </Box>
      ))}
      {adding ? (
        <PlaceForm place={null} change={actions.changePlace} onSaved={() => setAdding(false)} />
      ) : (
        <Button onClick={() => setAdding(true)} sx={{ justifySelf: 'start' }}>
          Add a place
        </Button>
      )}
    </Box>
  );
}

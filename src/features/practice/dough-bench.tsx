'use client';

import { tr } from '@/words/tr';
import type { DoughFacts } from '@/shop/doughs/facts';
import { tempAt } from '@/core/forecast';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { massSight, SEEN_AS } from '@/core/practice';
import type { ShopUnits } from '@/core/units';

import type { WholeDoughStart } from '@/shop/practice/whole-dough';
import { clockText, dateText, spanText, tempText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { DoughCurves } from './dough-curves';
import { DoughHands, type BenchPlace } from './dough-hands';
import { DoughOutturn } from './dough-outturn';
import { JarPicture } from './jar-picture';
import { useBenchKeys } from './use-bench-keys';
import { useBench } from './use-bench';

/** The bench on which a dough goes by: picture, levels, clock, what the hands can do, and how it turned out. */
export function DoughBench(props: {
  start: Extract<WholeDoughStart, { kind: 'start' }>;
  facts: DoughFacts;
  units: ShopUnits;
  warmerC: number;
  ahead: boolean;
}) {
  const { start, facts, units, warmerC, ahead } = props;
  const { timeZone } = units;
  const places = useMemo(() => benchPlaces(facts, units), [facts, units]);
  const bench = useBench({ start, facts, warmerC });
  const { answer, refused, steps, endMs, clock, mass, placeId, next, hands } = bench;
  const { atMs } = clock;
  const placeName = (id: string) => places.find((one) => one.id === id)?.name ?? id;
  useBenchKeys({
    go: () => clock.go(!clock.going),
    now: hands.now,
    later: hands.later,
    undo: hands.undo,
    place: (index) => {
      const place = places[index];
      if (place !== undefined) hands.toPlace(place.id);
    },
  });
  if (refused !== null) return <Typography sx={{ p: 2 }}>{refused}</Typography>;
  if (answer === null || mass === null) return null;
  const sight = massSight(mass, atMs);
  return (
    <Box
      sx={{
        flex: 1,
        display: 'grid',
        alignContent: 'start',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '260px minmax(0, 1fr)' },
        background: 'var(--paper)',
      }}
    >
      <Box sx={{ p: 2, background: 'var(--flour)', borderRight: { md: '2px solid var(--ink)' } }}>
        <Typography sx={{ fontWeight: 700 }}>{mass.name}</Typography>
        <Typography variant="body2">{placeId === null ? '' : placeName(placeId)}</Typography>
        <Box sx={{ maxWidth: { xs: 140, md: 'none' } }}>
          <JarPicture kind={SEEN_AS[mass.kind]} sight={sight} />
        </Box>
        <Typography sx={{ mt: 1 }}>
          {tr`Smells `}
          <strong>{sight.smell}</strong>; {sight.touch}.
        </Typography>
      </Box>
      <Box sx={{ minWidth: 0, display: 'grid', gap: 2, alignContent: 'start', pb: 3 }}>
        <DoughCurves
          run={answer.run}
          asPlanned={answer.asPlanned}
          steps={steps}
          span={{ fromMs: start.fromMs, toMs: Math.max(endMs, start.toMs) }}
          atMs={atMs}
          ahead={ahead}
          timeZone={timeZone}
          placeName={placeName}
        />
        <Box sx={{ px: 2, display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
          <Typography sx={{ fontSize: rem(30), fontWeight: 700, minWidth: rem(92) }}>
            {clockText(atMs, timeZone)}
          </Typography>
          <Typography sx={{ minWidth: rem(150) }}>
            {tr`${dateText(atMs, timeZone)}, ${spanText(atMs - start.fromMs)} gone`}
          </Typography>
          <Button size="large" onClick={() => clock.go(!clock.going)} data-testid="go">
            {clock.going ? tr`Stop` : atMs >= endMs ? tr`Once more` : tr`Let it go`}
          </Button>
          <Slider
            aria-label={tr`Hours, turned by hand`}
            value={atMs}
            min={start.fromMs}
            max={endMs}
            step={300_000}
            onChange={(_, value) => {
              clock.go(false);
              clock.turnTo(value);
            }}
            getAriaValueText={(value) => clockText(value, timeZone)}
            sx={{ flex: '1 1 240px', mx: 1 }}
          />
        </Box>
        <Box sx={{ px: 2 }}>
          <DoughHands
            next={next}
            atMs={atMs}
            timeZone={timeZone}
            places={places}
            placeId={placeId}
            canUndo={bench.deeds.length > 0}
            onNow={hands.now}
            onLater={hands.later}
            onPlace={hands.toPlace}
            onUndo={hands.undo}
          />
        </Box>
        <Box sx={{ px: 2 }}>
          {atMs >= endMs || ahead ? (
            <DoughOutturn
              run={answer.run}
              asPlanned={answer.asPlanned}
              timeZone={timeZone}
              over={atMs >= endMs}
            />
          ) : (
            <Typography color="text.secondary">{tr`How it turned out is told at the end.`}</Typography>
          )}
          <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
            {tr`Keys: space lets it go or stops it, Enter does the next thing now, L puts it off, 1–${places.length} carry it, Z takes back. The whole goes by in a minute. Nothing here is kept.`}
          </Typography>
        </Box>
      </Box>
    </Box>
  );
}

/** The places of the shop that a dough can stand in, the warmest first. */
function benchPlaces({ places, nowMs }: DoughFacts, units: ShopUnits): BenchPlace[] {
  return places
    .map((place) => ({ id: place.id, name: place.name, tempC: tempAt(place, nowMs) }))
    .filter((place) => place.tempC > 0)
    .sort((a, b) => b.tempC - a.tempC)
    .map(({ id, name, tempC }) => ({ id, name, temp: tempText(tempC, units) }));
}

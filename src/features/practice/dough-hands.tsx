'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import type { Moment } from '@/core/practice';
import { clockText, momentText } from '@/ui/format';
import { momentWords } from './dough-words';

/** A place that a dough can be carried to. */
export interface BenchPlace {
  readonly id: string;
  readonly name: string;
  readonly temp: string;
}

/** What the hands can do with a dough now: the next thing now or later, another place, take the last back. */
export function DoughHands(props: {
  next: Moment | null;
  atMs: number;
  timeZone: string;
  places: readonly BenchPlace[];
  placeId: string | null;
  canUndo: boolean;
  onNow: () => void;
  onLater: () => void;
  onPlace: (placeId: string) => void;
  onUndo: () => void;
}) {
  const { next, atMs, timeZone, places, placeId, canUndo } = props;
  const nameOf = (id: string) => places.find((one) => one.id === id)?.name ?? id;
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        {next === null ? (
          <Typography>{tr`Nothing is left to do.`}</Typography>
        ) : (
          <NextMoment
            onNow={props.onNow}
            next={next}
            nameOf={nameOf}
            onLater={props.onLater}
            atMs={atMs}
            timeZone={timeZone}
          />
        )}
        <Box sx={{ flex: 1 }} />
        <Button disabled={!canUndo} onClick={props.onUndo}>
          {tr`Take the last back`}
        </Button>
      </Box>
      <Places placeId={placeId} onPlace={props.onPlace} places={places} />
    </Box>
  );
}

/** What comes next: done now, or put off. */
function NextMoment(props: {
  onNow: () => void;
  next: Moment;
  nameOf: (id: string) => string;
  onLater: () => void;
  atMs: number;
  timeZone: string;
}) {
  const { onNow, next, nameOf, onLater, atMs, timeZone } = props;
  return (
    <>
      <Button variant="contained" size="large" onClick={onNow} data-testid="do-now">
        {tr`${momentWords(next, nameOf)} now`}
      </Button>
      <Button onClick={onLater} data-testid="put-off">
        {tr`½ h later`}
      </Button>
      <Typography>
        {tr`planned `}
        <strong>
          {next.atMs - atMs < DAY_MS
            ? clockText(next.atMs, timeZone)
            : momentText(next.atMs, atMs, timeZone)}
        </strong>
      </Typography>
    </>
  );
}

/** Where the dough stands, and where else it can. */
function Places({
  placeId,
  onPlace,
  places,
}: {
  placeId: string | null;
  onPlace: (placeId: string) => void;
  places: readonly BenchPlace[];
}) {
  return (
    <ToggleButtonGroup
      exclusive
      value={placeId}
      onChange={(_, value: string | null) => value !== null && onPlace(value)}
      aria-label={tr`Where it stands`}
      sx={{ flexWrap: 'wrap' }}
    >
      {places.map((place, index) => (
        <ToggleButton
          key={place.id}
          value={place.id}
          aria-keyshortcuts={String(index + 1)}
          sx={{ minHeight: 48 }}
        >
          {place.name} {place.temp}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
const DAY_MS = 86_400_000;

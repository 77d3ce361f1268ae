'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { type loggerHead, readLogger, unitIn } from '@/formats/logger-csv';
import type { Outcome } from '@/shop/outcome';
import type { ReadingsPreview } from '@/server/records/import-readings';
import type { RecordsView } from '@/server/records/records-view';
import { clockText, dateText, tempText } from '@/ui/format';

/** Which columns of a file are read, and how. */
export interface Asked {
  readonly text: string;
  readonly head: readonly string[];
  readonly time: string;
  readonly temperature: string;
  /** Empty until it is known or chosen. */
  readonly unit: 'C' | 'F' | '';
  readonly order: 'day first' | 'month first';
  readonly placeId: string;
  readonly timeZone: string;
}

/** What is asked of a file at first: the likely columns. */
export function askedOf(
  text: string,
  { head, time, temperature }: NonNullable<ReturnType<typeof loggerHead>>,
  view: RecordsView,
): Asked {
  return {
    text,
    head,
    time: time ?? head[0] ?? '',
    temperature: temperature ?? head[1] ?? '',
    unit: unitIn(temperature ?? head[1] ?? '') ?? '',
    order: 'day first',
    placeId: view.places[0]?.id ?? '',
    timeZone: view.units.timeZone,
  };
}

export async function ask<T>(asked: Asked, store: boolean, batch: string): Promise<Outcome<T>> {
  return fetch(`/records/readings${store ? '?store=yes' : ''}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ ...asked, batch }),
  })
    .then((response) => response.json() as Promise<Outcome<T>>)
    .catch(() => ({
      ok: false,
      refusals: [
        { field: null, sentence: tr`Readings: the shop can not be reached. Nothing was stored.` },
      ],
    }));
}

/** The range that a file would give in a unit, as the shop reads degrees; nothing where it can not be read. */
function rangeIn(asked: Asked, unit: 'C' | 'F', { units }: RecordsView): string {
  const read = readLogger(asked.text.slice(0, LOOKED_AT), { ...asked, unit });
  if (read.kind === 'refused' || read.rows.length === 0) return '';
  const temps = read.rows.map((one) => one.tempC);
  return tr`: ${tempText(Math.min(...temps), units)} to ${tempText(Math.max(...temps), units)}`;
}
/** Letters of a file that are read to show its range. */
const LOOKED_AT = 40_000;

/** Which column is the hour, which the temperature. */
export function Columns(props: {
  asked: Asked;
  view: RecordsView;
  change: (more: Partial<Asked>) => void;
}) {
  const { asked, view, change } = props;
  const choose = (
    label: string,
    key: 'time' | 'temperature' | 'unit' | 'order' | 'placeId',
    values: readonly (readonly [value: string, name: string])[],
  ) => (
    <TextField
      fullWidth={false}
      select
      label={label}
      value={asked[key]}
      onChange={(event) => change({ [key]: event.target.value })}
      sx={{ minWidth: 150 }}
    >
      {values.map(([value, name]) => (
        <MenuItem key={value} value={value}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
  const columns = asked.head.map((one) => [one, one] as const);
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
      {choose(tr`Time stands in`, 'time', columns)}
      {choose(tr`Temperature in`, 'temperature', columns)}
      {choose(tr`Degrees`, 'unit', [
        ['', 'choose'],
        ['C', `°C${rangeIn(asked, 'C', view)}`],
        ['F', `°F${rangeIn(asked, 'F', view)}`],
      ])}
      {choose(tr`Dates have`, 'order', [
        [tr`day first`, tr`the day first`],
        [tr`month first`, tr`the month first`],
      ])}
      {choose(
        tr`Measured in`,
        'placeId',
        view.places.map(({ id, name }) => [id, name] as const),
      )}
      <TextField
        fullWidth={false}
        label={tr`Zone of times without one`}
        value={asked.timeZone}
        onChange={(event) => change({ timeZone: event.target.value })}
      />
    </Box>
  );
}

/** The first readings as they would be kept. */
export function Preview(props: {
  preview: ReadingsPreview;
  view: RecordsView;
  busy: boolean;
  store: () => void;
}) {
  const { preview, view, busy, store } = props;
  const { timeZone } = view.units;
  const at = (atMs: number | null) =>
    atMs === null ? '' : `${dateText(atMs, timeZone)} ${clockText(atMs, timeZone)}`;
  const temp = (tempC: number | null) => (tempC === null ? '' : tempText(tempC, view.units));
  return (
    <Box data-testid="readings-preview">
      <Typography>
        <strong>{tr`${preview.rows} readings`}</strong>
        {tr` from ${at(preview.fromMs)} to ${at(preview.toMs)}, between ${temp(preview.leastC)} and ${temp(preview.mostC)}${preview.known === 0 ? '' : tr`; ${preview.known} of them are in the journal already`}.`}
      </Typography>
      {preview.unlikely === null ? null : (
        <Alert severity="warning" sx={{ my: 1 }}>
          {preview.unlikely}
        </Alert>
      )}
      {preview.first.map((one) => (
        <Typography key={one.atMs} variant="body2">
          {at(one.atMs)}: {temp(one.tempC)}
        </Typography>
      ))}
      <Button
        variant="contained"
        disabled={busy}
        onClick={store}
        sx={{ mt: 1 }}
        data-testid="store-readings"
      >
        {tr`Store ${preview.rows - preview.known} readings`}
      </Button>
    </Box>
  );
}

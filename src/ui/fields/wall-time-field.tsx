'use client';

import CalendarToday from '@mui/icons-material/CalendarToday';
import InputAdornment from '@mui/material/InputAdornment';
import TextField from '@mui/material/TextField';

import { DateTime } from 'luxon';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { WALL_FORMAT, type WallTimeProps } from './wall-time';

// A calendar weighs more than the form around it: it comes when a field is entered.
const WallTimePicker = dynamic(
  () => import('./wall-time-picker').then((one) => one.WallTimePicker),
  {
    ssr: false,
  },
);

/**
 * A date and time on the shop's wall clock, as "2026-11-27T18:00": words until it is entered, then figures and a
 * calendar. It only shows and changes the figures; what instant they mean is decided by the core.
 */
export function WallTimeField(props: WallTimeProps) {
  const { label, value, error, name } = props;
  const [opened, setOpened] = useState(false);
  if (opened) return <WallTimePicker {...props} />;
  const parsed = DateTime.fromISO(value, { zone: 'utc', locale: 'en-GB' });
  return (
    <TextField
      label={label}
      value={parsed.isValid ? parsed.toFormat(WALL_FORMAT) : ''}
      onFocus={() => setOpened(true)}
      variant="standard"
      fullWidth
      error={error !== undefined}
      helperText={error ?? ''}
      {...(name === undefined ? {} : { name })}
      slotProps={{
        inputLabel: { shrink: true },
        input: {
          readOnly: true,
          endAdornment: (
            <InputAdornment position="end">
              <CalendarToday fontSize="small" aria-hidden="true" />
            </InputAdornment>
          ),
        },
      }}
    />
  );
}

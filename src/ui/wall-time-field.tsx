'use client';

import { AdapterLuxon } from '@mui/x-date-pickers/AdapterLuxon';
import { DateTimePicker } from '@mui/x-date-pickers/DateTimePicker';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import { DateTime } from 'luxon';

const LOCAL = "yyyy-MM-dd'T'HH:mm";

/**
 * A date and time on the shop's wall clock, as "2026-11-27T18:00". The picker only shows and changes the
 * figures; what instant they mean is decided by the core.
 */
export function WallTimeField(props: {
  label: string;
  value: string;
  onChange: (value: string) => void;
  error?: string | undefined;
  name?: string;
}) {
  const { label, value, onChange, error, name } = props;
  const parsed = DateTime.fromFormat(value, LOCAL, { zone: 'utc' });
  return (
    <LocalizationProvider dateAdapter={AdapterLuxon} adapterLocale="en-GB">
      <DateTimePicker
        label={label}
        value={parsed.isValid ? parsed : null}
        onChange={(next) => {
          if (next?.isValid === true) onChange(next.toFormat(LOCAL));
        }}
        ampm={false}
        format="ccc dd LLL yyyy HH:mm"
        timezone="UTC"
        slotProps={{
          textField: {
            variant: 'standard',
            fullWidth: true,
            error: error !== undefined,
            helperText: error ?? '',
            ...(name === undefined ? {} : { name }),
          },
        }}
      />
    </LocalizationProvider>
  );
}

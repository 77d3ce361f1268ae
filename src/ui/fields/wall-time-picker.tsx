'use client';

import { AdapterLuxon } from '@mui/x-date-pickers/AdapterLuxon';
import { DateTimePicker } from '@mui/x-date-pickers/DateTimePicker';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import { DateTime } from 'luxon';
import { rem } from '../rem';
import { TYPED_WALL_FORMAT, type WallTimeProps } from './wall-time';

const LOCAL = "yyyy-MM-dd'T'HH:mm";

/** The opened {@link WallTimeField}: its figures to type and its calendar. */
export function WallTimePicker(props: WallTimeProps) {
  const { label, value, onChange, error, name } = props;
  const parsed = DateTime.fromFormat(value, LOCAL, { zone: 'utc' });
  return (
    <LocalizationProvider dateAdapter={AdapterLuxon} adapterLocale="en-GB">
      <DateTimePicker
        autoFocus
        label={label}
        value={parsed.isValid ? parsed : null}
        onChange={(next) => {
          if (next?.isValid === true) onChange(next.toFormat(LOCAL));
        }}
        ampm={false}
        format={TYPED_WALL_FORMAT}
        timezone="UTC"
        slotProps={{
          textField: {
            variant: 'standard',
            fullWidth: true,
            sx: { '& .MuiPickersInputBase-root': { minHeight: 44, fontSize: rem(18) } },
            error: error !== undefined,
            helperText: error ?? (parsed.isValid ? parsed.setLocale('en-GB').toFormat('cccc') : ''),
            ...(name === undefined ? {} : { name }),
          },
        }}
      />
    </LocalizationProvider>
  );
}

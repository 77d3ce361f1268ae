'use client';

import { AdapterLuxon } from '@mui/x-date-pickers/AdapterLuxon';
import { DatePicker } from '@mui/x-date-pickers/DatePicker';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import { DateTime } from 'luxon';
import { useState } from 'react';
import { rem } from '../rem';
import { TYPED_DAY_FORMAT, type DayProps } from './wall-time';

const ISO = 'yyyy-MM-dd';
const dayOf = (text: string | undefined): DateTime | null => {
  const parsed = DateTime.fromFormat(text ?? '', ISO, { zone: 'utc' });
  return parsed.isValid ? parsed : null;
};

/** The opened {@link DayField}: its figures to type and its calendar. */
export function DayPicker(props: DayProps) {
  const { label, value, onChange, from, name } = props;
  const least = dayOf(from);
  // What is typed stands while it is on its way to a day: the year 2 on its way to 2026.
  const [typed, setTyped] = useState<{ text: string; date: DateTime | null }>({
    text: value,
    date: dayOf(value),
  });
  const date = typed.text === value ? typed.date : dayOf(value);
  return (
    <LocalizationProvider dateAdapter={AdapterLuxon} adapterLocale="en-GB">
      <DatePicker
        autoFocus
        label={label}
        value={date}
        onChange={(next, { validationError }) => {
          const takes = next === null || (next.isValid && validationError === null);
          const text = takes ? (next?.toFormat(ISO) ?? '') : value;
          setTyped({ text, date: next });
          if (text !== value) onChange(text);
        }}
        {...(least === null ? {} : { minDate: least })}
        format={TYPED_DAY_FORMAT}
        timezone="UTC"
        slotProps={{
          field: { clearable: true },
          textField: {
            variant: 'standard',
            fullWidth: true,
            helperText: dayOf(value)?.setLocale('en-GB').toFormat('cccc') ?? '',
            sx: { '& .MuiPickersInputBase-root': { minHeight: 44, fontSize: rem(18) } },
            ...(name === undefined ? {} : { name }),
          },
        }}
      />
    </LocalizationProvider>
  );
}

'use client';

import { AdapterLuxon } from '@mui/x-date-pickers/AdapterLuxon';
import { DatePicker } from '@mui/x-date-pickers/DatePicker';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import { DateTime } from 'luxon';
import { useRouter } from 'next/navigation';

/** The day whose trace is shown, to be chosen. */
export function DayChoice({ day }: { day: string }) {
  const router = useRouter();
  return (
    <LocalizationProvider dateAdapter={AdapterLuxon} adapterLocale="en-GB">
      <DatePicker
        label="Day"
        value={DateTime.fromISO(day, { zone: 'utc' })}
        onAccept={(next) => {
          if (next?.isValid === true) router.replace(`/records/trace?day=${next.toISODate()}`);
        }}
        format="ccc dd LLL yyyy"
        timezone="UTC"
        slotProps={{ textField: { variant: 'standard', sx: { width: 190 } } }}
      />
    </LocalizationProvider>
  );
}

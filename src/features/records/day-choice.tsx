'use client';

import TextField from '@mui/material/TextField';
import { useRouter } from 'next/navigation';

/** The day whose trace is shown, to be chosen. */
export function DayChoice({ day }: { day: string }) {
  const router = useRouter();
  return (
    <TextField
      fullWidth={false}
      label="Day"
      type="date"
      value={day}
      onChange={(event) => {
        if (event.target.value !== '') router.replace(`/records/trace?day=${event.target.value}`);
      }}
      slotProps={{ inputLabel: { shrink: true }, htmlInput: { 'data-testid': 'trace-day' } }}
    />
  );
}

'use client';

import { tr } from '@/words/tr';
import { useRouter } from 'next/navigation';
import { DayField } from '@/ui/fields/day-field';

/** The day whose trace is shown: typed as people type, or chosen. */
export function DayChoice({ day }: { day: string }) {
  const router = useRouter();
  return (
    <DayField
      label={tr`Day`}
      name="day"
      value={day}
      onChange={(next) => {
        if (next !== '' && next !== day) router.replace(`/records/trace?day=${next}`);
      }}
    />
  );
}

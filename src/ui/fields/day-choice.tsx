'use client';

import { localeOf } from '@/words/days';
import { AdapterLuxon } from '@mui/x-date-pickers/AdapterLuxon';
import { DateCalendar } from '@mui/x-date-pickers/DateCalendar';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import { DateTime } from 'luxon';
import { ChoicePopover } from './choice-popover';

const dayOf = (text: string) => DateTime.fromISO(text, { zone: 'utc' });

/** A day from a calendar. */
export function DayChoice(props: {
  label: string;
  value: string;
  /** The earliest that can be chosen; empty or left out for any. */
  from?: string | undefined;
  anchor: HTMLElement;
  onChange: (day: string) => void;
  onClose: () => void;
}) {
  const { label, value, from = '', anchor, onChange, onClose } = props;
  return (
    <ChoicePopover label={label} anchor={anchor} onClose={onClose}>
      <LocalizationProvider dateAdapter={AdapterLuxon} adapterLocale={localeOf()}>
        <DateCalendar
          value={dayOf(value)}
          timezone="UTC"
          {...(from === '' ? {} : { minDate: dayOf(from) })}
          onChange={(next: DateTime | null, state) => {
            if (next?.isValid === true && state !== 'partial')
              onChange(next.toFormat('yyyy-MM-dd'));
          }}
        />
      </LocalizationProvider>
    </ChoicePopover>
  );
}

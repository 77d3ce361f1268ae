'use client';

import { DateTime } from 'luxon';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { UnopenedDay } from './unopened-day';
import { DAY_FORMAT, type DayProps } from './wall-time';

// A calendar weighs more than the form around it: it comes when a field is entered.
const DayPicker = dynamic(() => import('./day-picker').then((one) => one.DayPicker), {
  ssr: false,
});

/** A day of the shop's calendar: words until it is entered, then figures and a calendar. */
export function DayField(props: DayProps) {
  const [opened, setOpened] = useState(false);
  if (opened) return <DayPicker {...props} />;
  const parsed = DateTime.fromISO(props.value, { zone: 'utc', locale: 'en-GB' });
  return (
    <UnopenedDay
      label={props.label}
      name={props.name}
      shown={parsed.isValid ? parsed.toFormat(DAY_FORMAT) : ''}
      onOpen={() => setOpened(true)}
    />
  );
}

'use client';

import { DateTime } from 'luxon';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { UnopenedDay } from './unopened-day';
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
    <UnopenedDay
      label={label}
      name={name}
      error={error}
      shown={parsed.isValid ? parsed.toFormat(WALL_FORMAT) : ''}
      onOpen={() => setOpened(true)}
    />
  );
}

'use client';

import { localeOf } from '@/words/days';
import { tr } from '@/words/tr';
import { DateTime } from 'luxon';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { readWallTime } from '@/core/units';
import { useHouseDays } from './house-days';
import { TypedField } from './typed-field';
import { useTyped } from './use-typed';
import { WALL_FORMAT, type WallTimeProps } from './wall-time';

// A calendar weighs more than the form around it: it comes when it is asked for.
const WallTimeChoice = dynamic(
  () => import('./wall-time-choice').then((one) => one.WallTimeChoice),
  { ssr: false },
);

/** A wall time in words; empty where it is none. */
function wordsOf(value: string): string {
  const parsed = DateTime.fromISO(value, { zone: 'utc', locale: localeOf() });
  return parsed.isValid ? parsed.toFormat(WALL_FORMAT) : '';
}

/**
 * A date and time on the shop’s wall clock, as "2026-11-27T18:00": in words, typed as people type, or chosen from the days to
 * come. What is half typed changes nothing; what can not be understood stays to be mended, and says what is allowed.
 */
export function WallTimeField(props: WallTimeProps) {
  const { label, value, onChange, error, name } = props;
  const days = useHouseDays();
  const field = useTyped({
    value,
    onChange,
    read: (text) => readWallTime(text, { now: days.now(), value }),
    words: wordsOf,
    what: tr`no day and hour`,
    suchAs: tr`such as fri 18, 18:30, 27 nov 9, +2h`,
  });
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <TypedField label={label} field={field} error={error} name={name} onChoose={setAnchor} />
      {anchor === null ? null : (
        <WallTimeChoice
          label={label}
          value={value === '' ? days.now() : value}
          days={days}
          anchor={anchor}
          onChange={(next) => {
            field.letGo();
            onChange(next);
          }}
          onClose={() => setAnchor(null)}
        />
      )}
    </>
  );
}

'use client';

import { localeOf } from '@/words/days';
import { tr } from '@/words/tr';
import { DateTime } from 'luxon';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { readPastDay } from '@/core/units';
import { useHouseDays } from './house-days';
import { TypedField } from './typed-field';
import { useTyped } from './use-typed';
import { DAY_FORMAT, type DayProps } from './wall-time';

// A calendar weighs more than the form around it: it comes when it is asked for.
const DayChoice = dynamic(() => import('./day-choice').then((one) => one.DayChoice), {
  ssr: false,
});

function wordsOf(day: string): string {
  const parsed = DateTime.fromISO(day, { zone: 'utc', locale: localeOf() });
  return parsed.isValid ? parsed.toFormat(DAY_FORMAT) : '';
}

/** A day gone by, of the shop’s calendar: in words, typed as people type, or chosen; emptied for none. */
export function DayField(props: DayProps) {
  const { label, value, onChange, from, name } = props;
  const days = useHouseDays();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const field = useTyped({
    value,
    onChange,
    read: (text) => {
      const day = readPastDay(text, days.now());
      return day !== null && from !== undefined && day < from ? null : day;
    },
    words: wordsOf,
    what: from === undefined || from === '' ? tr`no day` : tr`no day from ${wordsOf(from)} on`,
    suchAs: tr`such as fri, yesterday, 20 nov, 20.11.`,
    clears: true,
  });
  return (
    <>
      <TypedField label={label} field={field} name={name} onChoose={setAnchor} />
      {anchor === null ? null : (
        <DayChoice
          label={label}
          value={value === '' ? days.now().slice(0, 10) : value}
          from={from}
          anchor={anchor}
          onChange={(day) => {
            field.letGo();
            setAnchor(null);
            onChange(day);
          }}
          onClose={() => setAnchor(null)}
        />
      )}
    </>
  );
}

'use client';

import CalendarToday from '@mui/icons-material/CalendarToday';
import IconButton from '@mui/material/IconButton';
import InputAdornment from '@mui/material/InputAdornment';
import TextField from '@mui/material/TextField';
import { DateTime } from 'luxon';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { readWallTime } from '@/core/units';
import { useHouseDays } from './house-days';
import { WALL_FORMAT, type WallTimeProps } from './wall-time';

// A calendar weighs more than the form around it: it comes when it is asked for.
const WallTimeChoice = dynamic(
  () => import('./wall-time-choice').then((one) => one.WallTimeChoice),
  { ssr: false },
);

const SUCH_AS = 'such as fri 18, 18:30, 27 nov 9, +2h';

/** A wall time in words; empty where it is none. */
function wordsOf(value: string): string {
  const parsed = DateTime.fromISO(value, { zone: 'utc', locale: 'en-GB' });
  return parsed.isValid ? parsed.toFormat(WALL_FORMAT) : '';
}

/** What is typed into a field until it is taken: what it means so far, or why it can not be taken. */
function useTyped(
  { value, onChange }: Pick<WallTimeProps, 'value' | 'onChange'>,
  now: () => string,
) {
  const [typed, setTyped] = useState<string | null>(null);
  const [left, setLeft] = useState(false);
  const read = typed === null ? null : readWallTime(typed, { now: now(), value });
  const wrong = left && typed !== null && read === null;
  const take = () => {
    // Nothing left in it is nothing said.
    if (typed?.trim() === '') return setTyped(null);
    setLeft(true);
    if (read === null) return;
    setTyped(null);
    if (read !== value) onChange(read);
  };
  const says = wrong
    ? `“${typed}” is no day and hour. Allowed: ${SUCH_AS}.`
    : typed === null
      ? null
      : read === null
        ? SUCH_AS
        : wordsOf(read);
  return {
    shown: typed ?? wordsOf(value),
    isTyped: typed !== null,
    wrong,
    says,
    take,
    type: (text: string) => {
      setLeft(false);
      setTyped(text);
    },
    letGo: () => setTyped(null),
  };
}

/**
 * A date and time on the shop’s wall clock, as "2026-11-27T18:00": in words, typed as people type, or chosen from the days to
 * come. What is half typed changes nothing; what can not be understood stays to be mended, and says what is allowed.
 */
export function WallTimeField(props: WallTimeProps) {
  const { label, value, onChange, error, name } = props;
  const days = useHouseDays();
  const field = useTyped(props, days.now);
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <TextField
        label={label}
        value={field.shown}
        variant="standard"
        fullWidth
        autoComplete="off"
        error={field.wrong || error !== undefined}
        helperText={field.says ?? error ?? ''}
        onFocus={(event) => event.target.select()}
        onChange={(event) => field.type(event.target.value)}
        onBlur={field.take}
        onKeyDown={(event) => {
          if (!field.isTyped) return;
          if (event.key === 'Escape') {
            event.stopPropagation();
            field.letGo();
          }
          if (event.key !== 'Enter') return;
          // The first Enter takes what was typed, the next one the form.
          event.preventDefault();
          field.take();
        }}
        {...(name === undefined ? {} : { name })}
        slotProps={{
          inputLabel: { shrink: true },
          htmlInput: { maxLength: 40 },
          input: {
            endAdornment: (
              <InputAdornment position="end">
                <IconButton
                  aria-label={`${label}: choose a day`}
                  onClick={(event) => setAnchor(event.currentTarget)}
                  edge="end"
                >
                  <CalendarToday fontSize="small" />
                </IconButton>
              </InputAdornment>
            ),
          },
        }}
      />
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

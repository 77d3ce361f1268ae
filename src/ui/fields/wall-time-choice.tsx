'use client';

import { localeOf } from '@/words/days';
import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import Typography from '@mui/material/Typography';
import { AdapterLuxon } from '@mui/x-date-pickers/AdapterLuxon';
import { DateCalendar } from '@mui/x-date-pickers/DateCalendar';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import { DateTime } from 'luxon';
import { ChoicePopover } from './choice-popover';
import { useState } from 'react';
import { rem } from '../rem';
import type { HouseDays } from './house-days';

const DAYS = 10;
const HOURS = Array.from({ length: 24 }, (_, hour) => hour);
const QUARTERS = [0, 15, 30, 45];
const two = (figure: number) => String(figure).padStart(2, '0');

/** A day and an hour by touch: the days to come with the shop’s services on them, then the hour. */
export function WallTimeChoice(props: {
  label: string;
  /** As "2026-11-27T18:00". */
  value: string;
  days: HouseDays;
  anchor: HTMLElement;
  onChange: (value: string) => void;
  onClose: () => void;
}) {
  const { label, value, days, anchor, onChange, onClose } = props;
  const [far, setFar] = useState(false);
  const today = DateTime.fromISO(days.now().slice(0, 10), { zone: 'utc', locale: localeOf() });
  const day = value.slice(0, 10);
  const hour = Number(value.slice(11, 13));
  const minute = Number(value.slice(14, 16));
  const set = (on: string, h: number, m: number) => onChange(`${on}T${two(h)}:${two(m)}`);
  return (
    <ChoicePopover label={label} anchor={anchor} width={372} onClose={onClose}>
      <Choices label={tr`Day`} columns={5}>
        {Array.from({ length: DAYS }, (_, n) => today.plus({ days: n })).map((one) => {
          const iso = one.toFormat('yyyy-MM-dd');
          const services = days.services[iso] ?? [];
          return (
            <ToggleButton
              key={iso}
              value={iso}
              selected={iso === day}
              onClick={() => set(iso, hour, minute)}
              aria-label={[one.toFormat('cccc d LLLL'), ...services].join(', ')}
              sx={{
                flexDirection: 'column',
                lineHeight: 1.2,
                minHeight: 52,
                p: 0.25,
                whiteSpace: 'nowrap',
                fontSize: rem(15),
              }}
            >
              <b>{one.toFormat('ccc d')}</b>
              <Typography component="span" variant="caption" noWrap sx={{ maxWidth: '100%' }}>
                {services[0] ?? '\u00a0'}
                {services.length > 1 ? ` +${services.length - 1}` : ''}
              </Typography>
            </ToggleButton>
          );
        })}
      </Choices>
      {far ? (
        <LocalizationProvider dateAdapter={AdapterLuxon} adapterLocale={localeOf()}>
          <DateCalendar
            value={DateTime.fromISO(day, { zone: 'utc' })}
            timezone="UTC"
            onChange={(next: DateTime | null) => {
              if (next?.isValid === true) set(next.toFormat('yyyy-MM-dd'), hour, minute);
            }}
          />
        </LocalizationProvider>
      ) : (
        <Button size="small" variant="text" onClick={() => setFar(true)}>
          {tr`Another day`}
        </Button>
      )}
      <Figures
        label={tr`Hour`}
        columns={8}
        all={HOURS}
        chosen={hour}
        says={two}
        onChoose={(one) => set(day, one, minute)}
      />
      <Figures
        label={tr`Minutes`}
        columns={4}
        all={QUARTERS}
        chosen={minute}
        says={(one) => `:${two(one)}`}
        onChoose={(one) => set(day, hour, one)}
      />
      <Button fullWidth onClick={onClose} sx={{ mt: 1 }}>
        {tr`Done`}
      </Button>
    </ChoicePopover>
  );
}

function Choices(props: { label: string; columns: number; children: React.ReactNode }) {
  return (
    <Box
      role="group"
      aria-label={props.label}
      sx={{
        display: 'grid',
        gridTemplateColumns: `repeat(${props.columns}, minmax(0, 1fr))`,
        gap: 0.5,
        mt: 1,
      }}
    >
      {props.children}
    </Box>
  );
}

function Figures(props: {
  label: string;
  columns: number;
  all: readonly number[];
  chosen: number;
  says: (figure: number) => string;
  onChoose: (figure: number) => void;
}) {
  const { label, columns, all, chosen, says, onChoose } = props;
  return (
    <Choices label={label} columns={columns}>
      {all.map((one) => (
        <ToggleButton
          key={one}
          value={one}
          selected={one === chosen}
          onClick={() => onChoose(one)}
          sx={{ minHeight: 44, p: 0 }}
        >
          {says(one)}
        </ToggleButton>
      ))}
    </Choices>
  );
}

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import Typography from '@mui/material/Typography';
import { dateText } from '@/ui/format';
import type { DemandForm } from './demand-form';

/** Days after a service on which the same can be asked for at once. */
const DAYS = 6;
const DAY_MS = 24 * 3_600_000;
const noonOf = (date: string) => Date.parse(`${date}T12:00:00Z`);

/** “Fri 4 December” of a day of the wall clock. */
export const dayName = (date: string): string => dateText(noonOf(date), 'UTC');

const dateAfter = (date: string, days: number) =>
  new Date(noonOf(date) + days * DAY_MS).toISOString().slice(0, 10);

/** A wall-clock text so many days later, at the same hour; as it is where it is not one. */
function textAfter(text: string, days: number): string {
  return /^\d{4}-\d\d-\d\dT/.test(text)
    ? `${dateAfter(text.slice(0, 10), days)}${text.slice(10)}`
    : text;
}

/**
 * A service and the same on other days, each at its hours of the wall clock.
 * @param days so many days after it, each from 1
 */
export const onDays = (form: DemandForm, days: readonly number[]): DemandForm[] => [
  form,
  ...[...days]
    .sort((a, b) => a - b)
    .map((day) => ({
      ...form,
      id: null,
      readyFrom: textAfter(form.readyFrom, day),
      readyTo: textAfter(form.readyTo, day),
    })),
];

/** The days after a service, one tap each: the same is asked for there, too. */
export function SameOn(props: {
  readyFrom: string;
  days: readonly number[];
  onChange: (days: readonly number[]) => void;
}) {
  const { readyFrom, days, onChange } = props;
  const date = /^\d{4}-\d\d-\d\d/.exec(readyFrom)?.[0];
  if (date === undefined || Number.isNaN(noonOf(date))) return null;
  const toggle = (day: number) =>
    onChange(days.includes(day) ? days.filter((one) => one !== day) : [...days, day]);
  return (
    <Box role="group" aria-label={tr`The same on`} sx={{ gridColumn: '1 / -1' }}>
      <Typography variant="body2" color="text.secondary">
        {tr`The same on`}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.5 }}>
        {Array.from({ length: DAYS }, (_, index) => index + 1).map((day) => (
          <Chip
            key={day}
            label={dayName(dateAfter(date, day))}
            variant={days.includes(day) ? 'filled' : 'outlined'}
            color={days.includes(day) ? 'primary' : 'default'}
            onClick={() => toggle(day)}
            aria-pressed={days.includes(day)}
            sx={{ minHeight: 44 }}
          />
        ))}
      </Box>
    </Box>
  );
}

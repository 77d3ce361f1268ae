'use client';

import { weekdaysShort } from '@/words/days';
import { tr, trOf } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Outcome } from '@/shop/outcome';
import type { ShopHours } from '@/server/shop/hours';
import { hoursText, readHours } from './hours-text';
import { useSend } from '@/ui/hands/use-send';

/** What the hours’ form can do. */
export interface HoursActions {
  readonly changeHours: (form: unknown) => Promise<Outcome<{ before: ShopHours }>>;
}

/** Who is there when, day by day, and the days on which nobody is. */
export function HoursPanel(props: {
  people: readonly string[];
  hours: ShopHours;
  actions: HoursActions;
}) {
  const { people, hours, actions } = props;
  const [texts, setTexts] = useState(() => textsOf(people, hours));
  const [weekdays, setWeekdays] = useState<readonly number[]>(hours.closed.weekdays);
  const [dates, setDates] = useState(hours.closed.dates.join(', '));
  const { send, busy, sentence: wrong, setWrong } = useSend();
  const save = () => {
    const presences = people.flatMap((who) =>
      weekdaysShort().map((day, index) => ({
        who,
        day,
        weekday: index + 1,
        text: texts[who]?.[index] ?? '',
      })),
    );
    const bad = presences.find((one) => readHours(one.text) === null);
    if (bad !== undefined) {
      return setWrong({
        '': tr`${bad.who}, ${trOf(bad.day)}: “${bad.text}” is not understood. Allowed: for example 6–14 or 10–14, 17–22; empty: not there.`,
      });
    }
    const form = {
      presences: presences.flatMap(({ who, weekday, text }) =>
        (readHours(text) ?? []).map((one) => ({ who, weekday, ...one })),
      ),
      closed: { weekdays, dates: dates.split(/[\s,]+/).filter((one) => one !== '') },
      seen: hours,
    };
    send(() => actions.changeHours(form), {
      said: tr`Hours: saved.`,
      undo:
        ({ before }) =>
        () =>
          actions.changeHours(before),
    });
  };
  return (
    <Box component="section" aria-label={tr`Hours of each person`}>
      <Typography variant="body2" sx={{ mb: 1 }}>
        {tr`Left empty everywhere, everybody is there in the shop’s hours.`}
      </Typography>
      {people.map((who) => (
        <HoursOf key={who} who={who} texts={texts} onTexts={setTexts} />
      ))}
      <Typography sx={{ mt: 2 }}>{tr`Closed on`}</Typography>
      <ClosedDays weekdays={weekdays} onWeekdays={setWeekdays} />
      <TextField
        label={tr`And on these days, with commas`}
        placeholder="2026-12-24, 2026-12-25"
        value={dates}
        onChange={(event) => setDates(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 400 } }}
      />
      {wrong === null ? null : (
        <Alert severity="warning" sx={{ my: 1 }}>
          {wrong}
        </Alert>
      )}
      <Button size="small" disabled={busy} onClick={save} sx={{ mt: 1 }}>
        {tr`Save hours`}
      </Button>
    </Box>
  );
}

/** The hours of a person, day by day. */
function HoursOf({
  who,
  texts,
  onTexts,
}: {
  who: string;
  texts: Record<string, string[]>;
  onTexts: (texts: Record<string, string[]>) => void;
}) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'repeat(4, 1fr)', sm: '4.5rem repeat(7, minmax(0, 1fr))' },
        gap: 1,
        alignItems: 'end',
      }}
    >
      <Typography sx={{ fontWeight: 700, minHeight: 44, alignContent: 'center' }}>{who}</Typography>
      {weekdaysShort().map((day, index) => (
        <TextField
          key={day}
          label={trOf(day)}
          value={texts[who]?.[index] ?? ''}
          onChange={(event) => {
            const changed = [...(texts[who] ?? [])];
            changed[index] = event.target.value;
            onTexts({ ...texts, [who]: changed });
          }}
          slotProps={{ htmlInput: { 'aria-label': `${who}, ${day}`, maxLength: 30 } }}
        />
      ))}
    </Box>
  );
}

function ClosedDays({
  weekdays,
  onWeekdays,
}: {
  weekdays: readonly number[];
  onWeekdays: (weekdays: readonly number[]) => void;
}) {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap' }}>
      {weekdaysShort().map((day, index) => (
        <FormControlLabel
          key={day}
          label={trOf(day)}
          control={
            <Checkbox
              checked={weekdays.includes(index + 1)}
              onChange={(event) =>
                onWeekdays(
                  event.target.checked
                    ? [...weekdays, index + 1]
                    : weekdays.filter((one) => one !== index + 1),
                )
              }
            />
          }
        />
      ))}
    </Box>
  );
}

function textsOf(people: readonly string[], { presences }: ShopHours): Record<string, string[]> {
  return Object.fromEntries(
    people.map((who) => [
      who,
      weekdaysShort().map((_, index) =>
        hoursText(presences.filter((one) => one.who === who && one.weekday === index + 1)),
      ),
    ]),
  );
}

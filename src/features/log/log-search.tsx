'use client';

import { tr, trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import InputAdornment from '@mui/material/InputAdornment';
import MenuItem from '@mui/material/MenuItem';
import Search from '@mui/icons-material/Search';
import TextField from '@mui/material/TextField';
import { usePathname, useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import { DayField } from '@/ui/fields/day-field';
import { LOG_PART_NAMES } from './parts';
import type { LogView } from '@/server/log/log';

/** A word is looked for once the fingers rest. */
const REST_MS = 250;

/** What of the journal is shown: words, a part of it, days, who. It stands in the address, so that a search can be kept. */
export function LogSearchBar({ view }: { view: LogView }) {
  const { search, people } = view;
  const router = useRouter();
  const path = usePathname();
  const [words, setWords] = useState(search.q ?? '');
  const typed = useRef(false);
  const ask = (change: Record<string, string | undefined>) => {
    const next = { ...search, before: undefined, q: words.trim() || undefined, ...change };
    const pairs = Object.entries(next).flatMap(([key, value]) =>
      value === undefined || value === '' ? [] : [[key, String(value)] as [string, string]],
    );
    const query = new URLSearchParams(pairs).toString();
    router.replace(query === '' ? path : `${path}?${query}`, { scroll: false });
  };
  const latest = useRef(ask);
  useEffect(() => {
    latest.current = ask;
  });
  useEffect(() => {
    if (!typed.current) return undefined;
    const timer = setTimeout(() => latest.current({}), REST_MS);
    return () => clearTimeout(timer);
  }, [words]);
  const asked = Object.entries(search).some(([, value]) => value !== undefined);
  const clear = () => {
    typed.current = false;
    setWords('');
    router.replace(path, { scroll: false });
  };
  return (
    <Box
      component="search"
      aria-label={tr`Search the journal`}
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        gap: 1.5,
        p: 2,
        alignItems: 'center',
        borderBottom: '2px solid var(--line)',
      }}
    >
      <WordsField
        words={words}
        onWords={(next) => {
          typed.current = true;
          setWords(next);
        }}
      />
      <PartField search={search} onAsk={ask} />
      <Box sx={{ width: { xs: 'calc(50% - 6px)', sm: 190 } }}>
        <DayField
          label={tr`From`}
          value={search.from ?? ''}
          onChange={(from) => ask({ from, ...(isBefore(search.to, from) ? { to: from } : {}) })}
        />
      </Box>
      <Box sx={{ width: { xs: 'calc(50% - 6px)', sm: 190 } }}>
        <DayField
          label={tr`To`}
          value={search.to ?? ''}
          from={search.from}
          onChange={(to) => ask({ to })}
        />
      </Box>
      {people.length < 2 ? null : <WhoField onAsk={ask} view={view} />}
      {asked ? <Button onClick={clear}>{tr`Show all again`}</Button> : null}
    </Box>
  );
}

function WordsField({ words, onWords }: { words: string; onWords: (words: string) => void }) {
  return (
    <TextField
      fullWidth={false}
      label={tr`Words, a name, a lot’s code`}
      value={words}
      onChange={(event) => {
        onWords(event.target.value);
      }}
      sx={{ flex: '1 1 260px' }}
      slotProps={{
        htmlInput: { 'data-testid': 'log-words', maxLength: 120 },
        input: {
          startAdornment: (
            <InputAdornment position="start">
              <Search />
            </InputAdornment>
          ),
        },
      }}
    />
  );
}

function PartField({
  search,
  onAsk,
}: {
  search: LogView['search'];
  onAsk: (change: Record<string, string | undefined>) => void;
}) {
  return (
    <TextField
      fullWidth={false}
      select
      label={tr`Show`}
      value={search.part ?? 'everything'}
      onChange={(event) => onAsk({ part: event.target.value })}
      sx={{ minWidth: { xs: 140, sm: 180 }, flex: { xs: '1 1 100%', sm: 'none' } }}
    >
      {LOG_PART_NAMES.map((name) => (
        <MenuItem key={name} value={name}>
          {trOf(name)}
        </MenuItem>
      ))}
    </TextField>
  );
}

function WhoField({
  onAsk,
  view,
}: {
  onAsk: (change: Record<string, string | undefined>) => void;
  view: LogView;
}) {
  const { search, people } = view;
  return (
    <TextField
      fullWidth={false}
      select
      label={tr`Who`}
      value={search.by ?? ''}
      onChange={(event) => onAsk({ by: event.target.value })}
      sx={{ minWidth: 120 }}
    >
      <MenuItem value="">{tr`anybody`}</MenuItem>
      {people.map((name) => (
        <MenuItem key={name} value={name}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}

/** True for a day that is there and lies before another: days of one form stand in the order of time as texts. */
const isBefore = (day: string | undefined, other: string) =>
  day !== undefined && day !== '' && other !== '' && day < other;

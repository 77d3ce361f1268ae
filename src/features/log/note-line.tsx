'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState, type FormEvent } from 'react';
import type { LogView } from '@/server/log/log';
import type { Outcome } from '@/shop/outcome';
import { useSend } from '@/ui/hands/use-send';
import { newId } from '@/ui/new-id';
import { useWho } from '@/ui/who/who';

/** Writes a note: about the day, or about the lot whose entries are shown. */
export type WriteNote = (form: unknown) => Promise<Outcome<{ batch: string }>>;

const LONGEST = 600;

/** A line in which a word about the day, or about a lot, is written. */
export function NoteLine(props: {
  view: LogView;
  write: WriteNote;
  undo: (batch: string) => Promise<Outcome<unknown>>;
}) {
  const { view, write, undo } = props;
  const [text, setText] = useState('');
  const [by, setBy] = useState(useWho() ?? '');
  const { send, busy, sentence: wrong } = useSend();
  const { lot } = view.search;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const note = { batch: newId(), text, by: by === '' ? null : by, lotId: lot ?? null };
    send(() => write(note), {
      said: tr`Note written.`,
      undo:
        ({ batch }) =>
        () =>
          undo(batch),
      then: () => setText(''),
    });
  };
  return (
    <Box
      component="form"
      className="no-print"
      onSubmit={submit}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'flex-start', px: 2, py: 1 }}
    >
      <TextField
        fullWidth={false}
        name="note"
        label={lot === undefined ? tr`Note of the day` : tr`Note on ${lot}`}
        value={text}
        onChange={(event) => setText(event.target.value)}
        error={wrong !== null}
        helperText={wrong}
        sx={{ flex: '1 1 260px' }}
        slotProps={{ htmlInput: { maxLength: LONGEST } }}
      />
      {view.people.length === 0 ? null : (
        <TextField
          select
          fullWidth={false}
          label={tr`By`}
          value={by}
          onChange={(event) => setBy(event.target.value)}
          sx={{ minWidth: 120 }}
        >
          <MenuItem value="">{tr`nobody named`}</MenuItem>
          {view.people.map((who) => (
            <MenuItem key={who} value={who}>
              {who}
            </MenuItem>
          ))}
        </TextField>
      )}
      <Button type="submit" disabled={busy} sx={{ mt: 1 }} data-testid="write-note">
        {tr`Write it`}
      </Button>
    </Box>
  );
}

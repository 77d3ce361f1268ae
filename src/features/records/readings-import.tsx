'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { loggerHead } from '@/formats/logger-csv';
import { sentencesOf, type Outcome } from '@/shop/outcome';
import type { ReadingsPreview } from '@/server/records/import-readings';
import type { RecordsView } from '@/server/records/records-view';
import { FileButton } from '@/ui/file-button';
import { FormRefusal } from '@/ui/fields/form-frame';
import { useSend } from '@/ui/hands/use-send';
import { newId } from '@/ui/new-id';
import { type Asked, askedOf, ask, Columns, Preview } from './readings-columns';

/** A logger’s file: its columns matched, looked at first, stored only when confirmed. */
export function ReadingsImport(props: {
  view: RecordsView;
  undo: (batch: string) => Promise<Outcome<{ batch: string }>>;
}) {
  const { view, undo } = props;
  const [asked, setAsked] = useState<Asked | null>(null);
  const [preview, setPreview] = useState<ReadingsPreview | null>(null);
  const [refusal, setRefusal] = useState<string | null>(null);
  const { send, busy, sentence } = useSend();
  const open = async (file: File | undefined) => {
    if (file === undefined) return;
    const text = await file.text();
    const found = loggerHead(text);
    setPreview(null);
    if (found === null || found.head.length < 2) {
      setAsked(null);
      return setRefusal(tr`Readings: ${file.name} is no table of readings. Nothing was stored.`);
    }
    setRefusal(null);
    setAsked(askedOf(text, found, view));
  };
  const change = (more: Partial<Asked>) => {
    if (asked === null) return;
    setPreview(null);
    setAsked({ ...asked, ...more });
  };
  const look = async () => {
    if (asked === null) return;
    const outcome = await ask<ReadingsPreview>(asked, false, newId());
    setPreview(outcome.ok ? outcome.value : null);
    setRefusal(outcome.ok ? null : sentencesOf(outcome));
  };
  const store = () => {
    if (asked === null) return;
    send(() => ask<{ batch: string; stored: number }>(asked, true, newId()), {
      said: ({ stored }) => tr`${stored} readings stored.`,
      undo:
        ({ batch }) =>
        () =>
          undo(batch),
      then: () => {
        setAsked(null);
        setPreview(null);
      },
    });
  };
  return (
    <Box sx={{ mt: 1, display: 'grid', gap: 1.5 }}>
      <Typography>
        {tr`Any table with a time and a temperature. Nothing is stored before you have seen it.`}
      </Typography>
      <FormRefusal sentence={refusal ?? sentence} />
      <Box>
        <FileButton
          accept=".csv,.txt,text/csv,text/plain"
          testId="logger-file"
          onFiles={([file]) => void open(file)}
        >
          {tr`Choose a file`}
        </FileButton>
      </Box>
      {asked === null ? null : <Columns asked={asked} view={view} change={change} />}
      {asked === null || preview !== null ? null : (
        <Box>
          <Button
            onClick={() => void look()}
            disabled={asked.unit === ''}
            data-testid="look-at-readings"
          >
            {tr`Look at them first`}
          </Button>
        </Box>
      )}
      {preview === null ? null : (
        <Preview preview={preview} view={view} busy={busy} store={store} />
      )}
    </Box>
  );
}

'use client';

import { tr, trOf, word } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { BackupsPanel, type BackupActions } from '@/ui/panels/backups-panel';
import { sentencesOf, type Outcome } from '@/shop/outcome';
import type { RecordsView } from '@/server/records/records-view';
import { clockText } from '@/ui/format';
import { FileButton } from '@/ui/file-button';
import { LinkButton } from '@/ui/link-button';
import { ViewFrame } from '@/ui/view-frame';
import { Panes } from '@/ui/panes';
import { ColdCurves } from './cold-curves';
import { ReadingsImport } from './readings-import';

/** What the records can do. */
export interface RecordActions extends BackupActions {
  readonly undo: (batch: string) => Promise<Outcome<{ batch: string }>>;
}

/** Tables by what they hold. */
const TABLES: Readonly<Record<string, string>> = {
  journal: word('journal'),
  lots: word('lots'),
  looks: word('looks'),
  discards: word('discards'),
  scores: word('scores'),
  readings: word('readings'),
  'flour-use': word('flour use'),
  'cold-stores': word('cold stores'),
  traces: word('traces'),
  allergens: word('allergens'),
};

/** Everything that leaves the shop and comes back: sheets, tables, the archive, back-ups, a logger’s readings. */
export function Records({ view, actions }: { view: RecordsView; actions: RecordActions }) {
  const { timeZone } = view.units;
  return (
    <ViewFrame
      title={tr`Records`}
      subtitle={tr`what is kept, what goes out`}
      clock={clockText(view.nowMs, timeZone)}
    >
      <Panes columns="minmax(0, 1fr) minmax(0, 1fr)">
        <Sheets view={view} />
        <Box sx={{ p: 2.5 }}>
          <ArchivePanel view={view} />
          <Typography variant="h2" sx={{ mt: 4 }}>
            {tr`Back-ups`}
          </Typography>
          <BackupsPanel backups={view.backups} timeZone={view.units.timeZone} actions={actions} />
          <Typography variant="h2" sx={{ mt: 4 }}>
            {tr`Readings of a logger`}
          </Typography>
          <ReadingsImport view={view} undo={actions.undo} />
        </Box>
      </Panes>
    </ViewFrame>
  );
}

function Sheets({ view }: { view: RecordsView }) {
  return (
    <Box sx={{ background: 'var(--paper)', p: 2.5, borderRight: { md: '2px solid var(--ink)' } }}>
      <Typography variant="h2">{tr`Sheets for food safety`}</Typography>
      <ColdCurves cold={view.cold} nowMs={view.nowMs} units={view.units} />
      <Typography sx={{ my: 1 }}>
        {tr`The sheets hold this with gaps and excursions, the trace of each sack, allergens. The shop’s own plan and local codes come first.`}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <LinkButton href="/records/sheets">{tr`Open the sheets`}</LinkButton>
        <Button component="a" href="/records/sheets.pdf" download>
          {tr`As PDF`}
        </Button>
      </Box>
      <Typography variant="h2" sx={{ mt: 4 }}>
        {tr`Tables, as CSV`}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
        {view.tables.map((name) => (
          <Button key={name} component="a" href={`/shop/export/${name}.csv`} download>
            {trOf(TABLES[name] ?? name)}
          </Button>
        ))}
      </Box>
    </Box>
  );
}

function ArchivePanel({ view }: { view: RecordsView }) {
  const [refusal, setRefusal] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const router = useRouter();
  const read = async (file: File | undefined) => {
    if (file === undefined) return;
    setBusy(true);
    const answer = await fetch('/shop/archive.json', { method: 'POST', body: file })
      .then((response) => response.json() as Promise<Outcome<{ entries: number }>>)
      .catch(() => null);
    setBusy(false);
    if (answer === null) setRefusal(tr`Archive: the shop can not be reached. Nothing was changed.`);
    else if (answer.ok) router.push('/');
    else setRefusal(sentencesOf(answer));
  };
  return (
    <section aria-label={tr`Archive`}>
      <Typography variant="h2">{tr`The whole shop in one file`}</Typography>
      <Typography sx={{ my: 1 }}>
        {tr`The archive holds everything: journal, cultures, methods, settings, photos. It is open JSON, and an empty shop reads it back to the same state.`}
      </Typography>
      {refusal === null ? null : <Alert severity="warning">{refusal}</Alert>}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
        <Button component="a" href="/shop/archive.json" download variant="contained" size="large">
          {tr`Take the archive`}
        </Button>
        {view.empty ? (
          <FileButton
            accept="application/json,.json"
            testId="archive-file"
            disabled={busy}
            onFiles={([file]) => void read(file)}
          >
            {busy ? tr`Reading …` : tr`Read an archive in`}
          </FileButton>
        ) : null}
      </Box>
    </section>
  );
}

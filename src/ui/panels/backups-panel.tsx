'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Backup, BackupRow } from '@/server/backups/backups';
import type { Restored } from '@/server/backups/restore';
import type { Outcome } from '@/shop/outcome';
import { clockText, dateText } from '@/ui/format';
import { useSend } from '@/ui/hands/use-send';

/** What can be done with back-ups. */
export interface BackupActions {
  readonly keepBackup: () => Promise<Outcome<{ backup: Backup; dropped: number }>>;
  readonly restoreShop: (form: { name: string }) => Promise<Outcome<Restored>>;
}

const SHOWN = 8;

/** The back-ups of the shop: kept, read through, copied elsewhere, and put back with what they replace kept. */
export function BackupsPanel(props: {
  backups: readonly BackupRow[];
  timeZone: string;
  actions: BackupActions;
}) {
  const { backups, timeZone, actions } = props;
  const [asked, setAsked] = useState<BackupRow | null>(null);
  const [all, setAll] = useState(false);
  const { send, busy } = useSend('notice');
  const keep = () =>
    send(actions.keepBackup, { said: ({ backup }) => tr`Back-up kept: ${backup.name}.` });
  const restore = (name: string) =>
    send(() => actions.restoreShop({ name }).finally(() => setAsked(null)), {
      said: tr`The shop is back as it was then.`,
      undo:
        ({ before }) =>
        () =>
          actions.restoreShop({ name: before }),
    });
  const shown = all ? backups : backups.slice(0, SHOWN);
  return (
    <Box component="section" aria-label={tr`Back-ups`}>
      <Typography sx={{ my: 1 }}>
        {tr`Olvik copies its database while it runs, whenever something was written; the newest eight stay, and the last of each of thirty days. Each is read through when it is made and every week.`}
      </Typography>
      <Button onClick={keep} disabled={busy} data-testid="keep-backup">
        {tr`Keep a back-up now`}
      </Button>
      {backups.length === 0 ? <Typography sx={{ mt: 1 }}>{tr`None yet.`}</Typography> : null}
      {shown.map((one) => (
        <BackupLine
          key={one.name}
          backup={one}
          timeZone={timeZone}
          onRestore={() => setAsked(one)}
        />
      ))}
      {backups.length > shown.length ? (
        <Button size="small" variant="text" onClick={() => setAll(true)}>
          {tr`Show all ${backups.length}`}
        </Button>
      ) : null}
      <RestoreDialog
        asked={asked}
        timeZone={timeZone}
        busy={busy}
        onClose={() => setAsked(null)}
        onRestore={restore}
      />
    </Box>
  );
}

const momentOf = (atMs: number, timeZone: string) =>
  `${dateText(atMs, timeZone)} ${clockText(atMs, timeZone)}`;
const MEGA = 1e6;

function BackupLine(props: { backup: BackupRow; timeZone: string; onRestore: () => void }) {
  const { name, atMs, bytes, entries, damage, through } = props.backup;
  const when = momentOf(atMs, props.timeZone);
  return (
    <Box
      data-testid="backup"
      sx={{
        display: 'grid',
        gridTemplateColumns: 'minmax(0, 1fr) auto auto',
        gap: 1,
        alignItems: 'center',
        py: 0.5,
        borderBottom: '1px solid var(--line)',
      }}
    >
      <Box>
        <Typography sx={{ fontWeight: 700 }}>{when}</Typography>
        <Typography variant="body2" color="text.secondary">
          {damage === null
            ? tr`${entries} entries, ${(bytes / MEGA).toFixed(1)} MB, ${through ? tr`read through, sound` : tr`can be opened`}`
            : tr`Can not be read (${damage}). It is no back-up; the others stay.`}
        </Typography>
      </Box>
      <Link
        href={`/shop/backup?name=${encodeURIComponent(name)}`}
        download
        aria-label={tr`Copy of ${when}`}
      >
        {tr`Copy`}
      </Link>
      <Button
        size="small"
        disabled={damage !== null}
        onClick={props.onRestore}
        aria-label={tr`Put back ${when}`}
      >
        {tr`Put back…`}
      </Button>
    </Box>
  );
}

function RestoreDialog(props: {
  asked: BackupRow | null;
  timeZone: string;
  busy: boolean;
  onClose: () => void;
  onRestore: (name: string) => void;
}) {
  const { asked, timeZone, busy, onClose, onRestore } = props;
  if (asked === null) return null;
  return (
    <Dialog open onClose={onClose} aria-labelledby="restore-title">
      <DialogTitle id="restore-title">{tr`The shop as of ${momentOf(asked.atMs, timeZone)}?`}</DialogTitle>
      <DialogContent>
        <Typography>
          {tr`All of it comes back as it stood then, with ${asked.entries} entries; what was written since is not in it. What stands now is kept as a back-up first, so that this can be taken back. Photos stay as they are.`}
        </Typography>
      </DialogContent>
      <DialogActions>
        <Button variant="text" onClick={onClose} disabled={busy}>
          {tr`Leave it`}
        </Button>
        <Button variant="contained" onClick={() => onRestore(asked.name)} disabled={busy}>
          {busy ? tr`Putting it back…` : tr`Put it back`}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

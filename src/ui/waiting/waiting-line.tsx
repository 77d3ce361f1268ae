'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useEffect, useSyncExternalStore } from 'react';
import { clockText } from '../format';
import { useSay } from '../snack';
import { sendWaiting, type SendLate } from './send-waiting';
import { NONE_WAITING, waitingHere, type WaitingAct } from '../waiting-store';

/** How often the shop is tried while something waits, ms. */
const TRY_MS = 4_000;

const WORDS: Readonly<Record<string, string>> = {
  get doStep() {
    return tr`a step done`;
  },
  get skipStep() {
    return tr`a step skipped`;
  },
  get logLook() {
    return tr`a look`;
  },
  get logReading() {
    return tr`a reading`;
  },
  get logNote() {
    return tr`a note`;
  },
};

/** What was done on this device while the shop did not answer, until it has it; what it would not have, to be decided. */
export function WaitingLine({ send, timeZone }: { send: SendLate; timeZone: string | null }) {
  const acts = useSyncExternalStore(waitingHere.subscribe, waitingHere.list, () => NONE_WAITING);
  const open = acts.filter(({ refused }) => refused === null);
  useFlush(open.length > 0, send);
  if (acts.length === 0) return null;
  return (
    <Alert
      severity="warning"
      data-testid="waiting"
      data-over-view
      className="no-print"
      sx={{ borderRadius: 0 }}
    >
      {open.length === 0 ? null : (
        <Typography>
          {tr`${open.length === 1 ? tr`One act waits` : tr`${open.length} acts wait`} on this device, with the hour at which it was done, and goes to the shop by itself when that answers.`}
        </Typography>
      )}
      {acts
        .filter(({ refused }) => refused !== null)
        .map((act) => (
          <Refused key={act.id} act={act} timeZone={timeZone} />
        ))}
    </Alert>
  );
}

function Refused({ act, timeZone }: { act: WaitingAct; timeZone: string | null }) {
  const at = clockText(act.saidMs, timeZone ?? 'UTC');
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', mt: 0.5 }}>
      <Typography sx={{ flex: '1 1 16rem' }}>
        {tr`${WORDS[act.name] ?? act.name}, ${at}, does not fit any more: `}
        {act.refused}
      </Typography>
      <Button size="small" onClick={() => waitingHere.refuse(act.id, null)}>
        {tr`Try again`}
      </Button>
      <Button size="small" onClick={() => waitingHere.drop(act.id)}>
        {tr`Drop it`}
      </Button>
    </Box>
  );
}

/** Sends what waits, at once and then every few seconds, for as long as anything does. */
function useFlush(wanted: boolean, send: SendLate): void {
  const say = useSay();
  const router = useRouter();
  useEffect(() => {
    if (!wanted) return undefined;
    let busy = false;
    const flush = async () => {
      if (busy) return;
      busy = true;
      const stored = await sendWaiting(waitingHere, send, Date.now);
      busy = false;
      if (stored === 0) return;
      say({
        text:
          stored === 1
            ? tr`The act that waited is stored.`
            : tr`${stored} acts that waited are stored.`,
      });
      router.refresh();
    };
    void flush();
    const timer = setInterval(() => void flush(), TRY_MS);
    return () => clearInterval(timer);
  }, [wanted, send, say, router]);
}

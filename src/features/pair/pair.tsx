'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, useSyncExternalStore, useTransition } from 'react';
import { rem } from '@/ui/rem';

const lostWords = () =>
  tr`The shop did not answer. Are both devices on the same network? Then try again.`;

const never = () => () => undefined;
/** The code that a camera brought, behind the address, where no server sees it. */
const codeInAddress = () => /^#(\d{6})$/.exec(window.location.hash)?.[1] ?? '';

/** A device that is not in: a code, a name, and nothing of the shop. */
export function Pair() {
  const brought = useSyncExternalStore(never, codeInAddress, () => '');
  // What is typed while the page comes to life stands; sent before that, it would be lost.
  const isAlive = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  const [wrong, setWrong] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const send = (form: FormData) =>
    start(async () => {
      const said = (field: string) => String(form.get(field) ?? '');
      const sentence = await pairedBy({ code: said('code'), name: said('name') });
      // The whole page anew: what it stands on is another one from now on.
      if (sentence === null) window.location.replace(new URL('/', window.location.href));
      else setWrong(sentence);
    });
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        send(new FormData(event.currentTarget));
      }}
      sx={{ maxWidth: 420, mx: 'auto', p: 3, pt: { xs: 4, sm: 10 }, display: 'grid', gap: 2 }}
    >
      <Typography variant="h1">Olvik</Typography>
      <Typography>
        {tr`On a device that is in: More, Other devices, “Show a code”. It is good once, for two minutes.`}
      </Typography>
      <TextField
        key={brought}
        name="code"
        label={tr`Code`}
        defaultValue={brought}
        slotProps={{
          htmlInput: {
            inputMode: 'numeric',
            autoComplete: 'one-time-code',
            maxLength: 12,
            style: { fontSize: rem(32), fontWeight: 700, letterSpacing: '0.1em' },
          },
        }}
      />
      <TextField
        label={tr`Name of this device`}
        name="name"
        placeholder={tr`bench tablet`}
        slotProps={{ htmlInput: { maxLength: 40 } }}
      />
      {wrong === null ? null : <Alert severity="warning">{wrong}</Alert>}
      <Button type="submit" variant="contained" size="large" disabled={busy || !isAlive}>
        {tr`Let this device in`}
      </Button>
    </Box>
  );
}

/** Null where the device is in now, else why it is not. */
async function pairedBy(form: { code: string; name: string }): Promise<string | null> {
  try {
    const response = await fetch('/pair', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(form),
    });
    if (response.ok) return null;
    const said = (await response.json().catch(() => null)) as { sentence?: string } | null;
    return said?.sentence ?? lostWords();
  } catch {
    return lostWords();
  }
}

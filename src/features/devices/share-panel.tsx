'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Link from '@mui/material/Link';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { useEffect } from 'react';
import type { GateState } from '@/shop/kept/device';
import { useAskAnew } from '@/ui/ask-anew';
import { rem } from '@/ui/rem';
import { type DeviceActions } from './device-actions';
import { useSend } from '@/ui/hands/use-send';

/** While the gate opens or closes, it is asked how far it is, ms. */
const ASK_MS = 500;

/** Whether the shop is reached from the network, what that means, and how it proves itself. */
export function SharePanel({ gate, actions }: { gate: GateState; actions: DeviceActions }) {
  const { send, busy } = useSend('notice');
  const askAnew = useAskAnew();
  const { wanted, always, addresses, fingerprint, trouble } = gate;
  const open = addresses.length > 0;
  const settling = trouble === null && (wanted || always) !== open;
  useEffect(() => {
    if (!settling) return undefined;
    const timer = setInterval(askAnew, ASK_MS);
    return () => clearInterval(timer);
  }, [settling, askAnew]);
  const put = (on: boolean) => send(() => actions.share({ wanted: on }));
  return (
    <Box component="section" aria-label={tr`The network`}>
      <FormControlLabel
        control={
          <Switch
            checked={wanted || always}
            disabled={busy || always}
            onChange={() => put(!wanted)}
          />
        }
        label={
          <Typography variant="h3" component="span">
            {tr`Open to this network`}
          </Typography>
        }
      />
      <Typography>
        {tr`Closed, the shop is reached from this machine alone. Open, any device of the same network can ask for it, and sees nothing before it is let in by a code. Everything goes encrypted. Do not open it on a network of guests.`}
      </Typography>
      {always ? (
        <Typography sx={{ mt: 1 }}>
          {tr`Open for this run: Olvik was started with --share. Stop it and start it without to close it.`}
        </Typography>
      ) : null}
      {settling ? (
        <Typography role="status" sx={{ mt: 1 }}>
          {open ? tr`Closing…` : tr`Opening…`}
        </Typography>
      ) : null}
      {trouble === null ? null : (
        <Alert severity="warning" sx={{ mt: 1 }} data-testid="gate-trouble">
          {trouble}
        </Alert>
      )}
      {open ? (
        <Box sx={{ mt: 1.5, display: 'grid', gap: 1 }} data-testid="gate-open">
          <Typography variant="h3" component="h3">
            {tr`On the other device, open`}
          </Typography>
          {addresses.map((address) => (
            <Typography key={address} sx={{ fontSize: rem(20), fontWeight: 700 }}>
              {address}
            </Typography>
          ))}
          <Typography>
            {tr`Its browser warns once: nobody but this shop vouches for its certificate. Look that it shows this fingerprint (SHA-256), then go on:`}
          </Typography>
          <Typography
            component="code"
            sx={{ fontSize: rem(14), overflowWrap: 'anywhere', background: 'var(--paper)', p: 1 }}
          >
            {fingerprint}
          </Typography>
          <Typography variant="body2">
            {tr`To have the warning gone, and Olvik kept as an app on the device, put `}
            <Link href="/devices/certificate" color="inherit">
              {tr`this certificate`}
            </Link>
            {tr` among those that the device trusts (its settings call it certificates or credentials). A device that trusts it also keeps pictures of the views for when the shop is away.`}
          </Typography>
        </Box>
      ) : null}
    </Box>
  );
}

'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useSyncExternalStore } from 'react';
import type { WaysInView } from '@/server/ways-in/view';
import type { KeyKind } from '@/shop/kept/device';
import { Panes } from '@/ui/panes';
import type { DeviceActions } from './device-actions';
import { DevicesIn } from './devices-in';
import { KeysPanel } from './keys-panel';
import { LetIn } from './let-in';
import { SharePanel } from './share-panel';

const never = () => () => undefined;

/** The crew’s other devices: how they reach the shop, who is in, and what opens by a key. */
export function Devices({ view, actions }: { view: WaysInView; actions: DeviceActions }) {
  const { gate, keys, nowMs, timeZone } = view;
  const own = useSyncExternalStore(
    never,
    () => window.location.origin,
    () => '',
  );
  const bases = [...new Set([...gate.addresses, own])].filter((one) => one !== '');
  const keysOf = (kind: KeyKind) => (
    <KeysPanel
      kind={kind}
      keys={keys.filter((one) => one.kind === kind)}
      bases={bases}
      about={{ nowMs, timeZone }}
      actions={actions}
    />
  );
  return (
    <Panes columns="minmax(0, 1fr) minmax(0, 1fr)">
      <Network actions={actions} view={view} />
      <Box sx={{ p: 2.5, display: 'grid', gap: 3, alignContent: 'start' }}>
        <Box component="section" aria-label={tr`Devices of the crew`}>
          <Typography variant="h2" gutterBottom>
            {tr`Devices of the crew`}
          </Typography>
          <DevicesIn view={view} actions={actions} />
        </Box>
        {keysOf('calendar')}
        {keysOf('readings')}
        {keysOf('scale')}
        {keysOf('labels')}
      </Box>
    </Panes>
  );
}

/** Whether the network may come in, and who is let in from it. */
function Network({ actions, view }: { actions: DeviceActions; view: WaysInView }) {
  const { gate, people } = view;
  return (
    <Box
      sx={{
        background: 'var(--paper)',
        p: 2.5,
        borderRight: { md: '3px solid var(--ink)' },
        display: 'grid',
        gap: 3,
        alignContent: 'start',
      }}
    >
      <SharePanel gate={gate} actions={actions} />
      {gate.addresses.length === 0 ? null : (
        <LetIn addresses={gate.addresses} people={people} actions={actions} />
      )}
    </Box>
  );
}

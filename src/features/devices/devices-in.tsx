'use client';

import { tr } from '@/words/tr';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import type { WaysInView } from '@/server/ways-in/view';
import type { Device } from '@/shop/kept/device';
import { momentText } from '@/ui/format';
import { ROLE_WORDS, type DeviceActions } from './device-actions';
import { useSend } from '@/ui/hands/use-send';
import type { Who } from '@/server/ways-in/who';

/** Every device that was let in, with when it was here last; shut out at once. */
export function DevicesIn({ view, actions }: { view: WaysInView; actions: DeviceActions }) {
  const { devices, nowMs, timeZone, who } = view;
  const { send, busy } = useSend('notice');
  const shut = ({ id, name }: Device) =>
    send(() => actions.shutOut({ id }), {
      said: tr`${name} is shut out. To come back it needs a new code.`,
    });
  const at = (atMs: number) => momentText(atMs, nowMs, timeZone);
  if (devices.length === 0) return <Typography>{tr`No other device was let in yet.`}</Typography>;
  return (
    <TableContainer tabIndex={0}>
      <Table size="small" aria-label={tr`Devices`}>
        <TableHead>
          <TableRow>
            <TableCell>{tr`Device`}</TableCell>
            <TableCell>{tr`May`}</TableCell>
            <TableCell>{tr`Whose`}</TableCell>
            <TableCell>{tr`Here last`}</TableCell>
            <TableCell />
          </TableRow>
        </TableHead>
        <TableBody>
          {devices.map((device) => (
            <DeviceLine
              key={device.id}
              device={device}
              who={who}
              at={at}
              busy={busy}
              onShut={shut}
            />
          ))}
        </TableBody>
      </Table>
    </TableContainer>
  );
}

function DeviceLine(props: {
  device: Device;
  who: Who;
  at: (atMs: number) => string;
  busy: boolean;
  onShut: ({ id, name }: Device) => void;
}) {
  const { device, who, at, busy, onShut } = props;
  return (
    <TableRow data-testid="device">
      <TableCell sx={{ fontWeight: 700 }}>
        {device.name}
        {device.id === who.device?.id ? tr` (this one)` : ''}
      </TableCell>
      <TableCell>{ROLE_WORDS[device.role].name}</TableCell>
      <TableCell>{device.person ?? tr`everybody`}</TableCell>
      <TableCell>{at(device.seenMs)}</TableCell>
      <TableCell align="right">
        {device.shutMs === null ? (
          <Button size="small" disabled={busy} onClick={() => onShut(device)}>
            {tr`Shut out`}
            <span className="visually-hidden"> {device.name}</span>
          </Button>
        ) : (
          tr`out since ${at(device.shutMs)}`
        )}
      </TableCell>
    </TableRow>
  );
}

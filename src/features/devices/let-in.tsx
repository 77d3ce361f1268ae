'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { DEVICE_ROLES, type DeviceRole } from '@/shop/kept/device';
import { qrOf } from '@/shop/labels/qr';
import { ChoiceField } from '@/ui/fields/choice-field';
import { rem } from '@/ui/rem';
import { ROLE_WORDS, type DeviceActions } from './device-actions';
import { useSend } from '@/ui/hands/use-send';

const EVERYBODY = {
  id: '',
  get name() {
    return tr`everybody`;
  },
};

/** A code that lets one device in: six digits, and squares to be read by its camera. */
export function LetIn(props: {
  addresses: readonly string[];
  people: readonly string[];
  actions: DeviceActions;
}) {
  const { addresses, people, actions } = props;
  const [role, setRole] = useState<DeviceRole>('hands');
  const [person, setPerson] = useState('');
  const [shown, setShown] = useState<{ code: string; untilMs: number } | null>(null);
  const { send, busy, sentence: wrong } = useSend();
  const ask = () =>
    send(() => actions.letIn({ role, person: person === '' ? null : person }), {
      then: ({ code, forMs }) => setShown({ code, untilMs: Date.now() + forMs }),
    });
  return (
    <Box component="section" aria-label={tr`Let a device in`} sx={{ display: 'grid', gap: 1 }}>
      <Typography variant="h2">{tr`Let a device in`}</Typography>
      <RadioGroup
        aria-label={tr`What it may do`}
        value={role}
        onChange={(_, value) => setRole(value as DeviceRole)}
      >
        {DEVICE_ROLES.map((one) => (
          <FormControlLabel
            key={one}
            value={one}
            control={<Radio />}
            label={`${ROLE_WORDS[one].name}: ${ROLE_WORDS[one].says}`}
          />
        ))}
      </RadioGroup>
      <ChoiceField
        label={tr`Whose it is`}
        value={person}
        options={[EVERYBODY, ...people.map((name) => ({ id: name, name }))]}
        onChange={setPerson}
      />
      <Button
        variant={shown === null ? 'contained' : 'outlined'}
        disabled={busy}
        onClick={ask}
        data-testid="show-code"
      >
        {shown === null ? tr`Show a code` : tr`Show another code`}
      </Button>
      {wrong === null ? null : <Alert severity="warning">{wrong}</Alert>}
      {shown === null ? null : (
        <CodeShown key={shown.code} {...shown} address={addresses[0] ?? null} />
      )}
    </Box>
  );
}

/** What was asked for is seen without a search for it. */
const intoSight = (element: HTMLElement | null) => element?.scrollIntoView({ block: 'nearest' });

function CodeShown(props: { code: string; untilMs: number; address: string | null }) {
  const { code, untilMs, address } = props;
  const [left, setLeft] = useState(() => untilMs - Date.now());
  useEffect(() => {
    const timer = setInterval(() => setLeft(untilMs - Date.now()), 500);
    return () => clearInterval(timer);
  }, [untilMs]);
  if (left <= 0) {
    return <Typography role="status">{tr`The code is over. Show another.`}</Typography>;
  }
  const seconds = Math.ceil(left / 1000);
  return (
    <Box
      ref={intoSight}
      sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}
      data-testid="code-shown"
    >
      {address === null ? null : <Squares text={`${address}/pair#${code}`} />}
      <Box>
        <Typography
          aria-label={tr`Code ${[...code].join(' ')}`}
          data-testid="code"
          sx={{ fontSize: rem(52), fontWeight: 700, lineHeight: 1.1 }}
        >
          {code.slice(0, 3)} {code.slice(3)}
        </Typography>
        <Typography variant="body2">
          {tr`good once, for ${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')} more`}
        </Typography>
      </Box>
    </Box>
  );
}

const SIDE_PX = 176;

/** A text as squares that a camera reads. */
function Squares({ text }: { text: string }) {
  const { size, dark } = qrOf(text);
  const path = dark.flatMap((on, i) =>
    on ? [`M${i % size} ${Math.floor(i / size)}h1v1h-1z`] : [],
  );
  return (
    <svg
      role="img"
      aria-label={tr`The address with the code, to be read by a camera`}
      width={SIDE_PX}
      height={SIDE_PX}
      viewBox={`-3 -3 ${size + 6} ${size + 6}`}
      // Cameras want dark on light, whatever the look.
      style={{ background: '#fff' }}
    >
      <path d={path.join('')} fill="#000" />
    </svg>
  );
}

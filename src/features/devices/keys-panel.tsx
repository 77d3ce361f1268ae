'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { KeyKind, WayKey } from '@/shop/kept/device';
import { momentText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { type DeviceActions } from './device-actions';
import { useSend } from '@/ui/hands/use-send';

const WORDS: Readonly<
  Record<KeyKind, { readonly head: string; readonly says: string; readonly give: string }>
> = {
  calendar: {
    get head() {
      return tr`Calendar address`;
    },
    get says() {
      return tr`A calendar program asks at a secret address for the steps of the hands, with their alarms: they ring with this page closed. Whoever has the address reads them and nothing else, until it is taken back.`;
    },
    get give() {
      return tr`Make an address`;
    },
  },
  readings: {
    get head() {
      return tr`Readings by HTTP`;
    },
    get says() {
      return tr`A thermometer or a logger sends what it measures with a key, as JSON or CSV lines.`;
    },
    get give() {
      return tr`Make a key`;
    },
  },
  scale: {
    get head() {
      return tr`Scale by HTTP`;
    },
    get says() {
      return tr`What stands by a scale sends what it shows with a key, some times a second; the mix card weighs by it. Silent for four seconds, it counts as not connected, and the card goes on by hand.`;
    },
    get give() {
      return tr`Make a key`;
    },
  },
  labels: {
    get head() {
      return tr`Label printer by HTTP`;
    },
    get says() {
      return tr`What stands by a label printer asks for the labels with a key and says what it has printed. From its key on, labels go there and no longer to the simulated one.`;
    },
    get give() {
      return tr`Make a key`;
    },
  },
};
const FOR_WHAT: Readonly<Record<KeyKind, string>> = {
  get calendar() {
    return tr`my phone`;
  },
  get readings() {
    return tr`cold store logger`;
  },
  get scale() {
    return tr`bench scale`;
  },
  get labels() {
    return tr`label printer`;
  },
};

/** What a program sends with its key, line by line. */
function sentLines(kind: Exclude<KeyKind, 'calendar'>, base: string, secret: string): string[] {
  const key = tr`Authorization: Bearer ${secret}`;
  if (kind === 'readings')
    return [tr`POST ${base}/readings`, key, '[{"place":"Fridge","tempC":4.2}]'];
  if (kind === 'scale') return [tr`POST ${base}/scale/shows`, key, '{"massG":812.4,"stable":true}'];
  return [
    tr`GET ${base}/labels/jobs`,
    key,
    tr`POST ${base}/labels/jobs`,
    tr`{"job":"what X-Olvik-Job said","printed":true}`,
  ];
}

/** Keys of one kind: given out with their secret said once, and taken back. */
export function KeysPanel(props: {
  kind: KeyKind;
  keys: readonly WayKey[];
  /** Where the shop is reached. */
  bases: readonly string[];
  about: { readonly nowMs: number; readonly timeZone: string };
  actions: DeviceActions;
}) {
  const { kind, keys, bases, about, actions } = props;
  const { head, says, give } = WORDS[kind];
  const [name, setName] = useState('');
  const [given, setGiven] = useState<string | null>(null);
  const { send, busy, sentence: wrong } = useSend();
  const make = () =>
    send(() => actions.giveKey({ kind, name }), {
      then: ({ secret }) => {
        setName('');
        setGiven(secret);
      },
    });
  const takeBack = (key: WayKey) =>
    send(() => actions.takeKeyBack({ id: key.id }), {
      said: tr`${key.name}: taken back.`,
      then: () => setGiven(null),
    });
  return (
    <Box component="section" aria-label={head} sx={{ display: 'grid', gap: 1 }}>
      <Typography variant="h2">{head}</Typography>
      <Typography>{says}</Typography>
      {keys.map((key) => (
        <Box
          key={key.id}
          sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}
          data-testid={`key-${kind}`}
        >
          <Typography sx={{ fontWeight: 700, flex: 1 }}>{key.name}</Typography>
          <Typography variant="body2">
            {key.usedMs === null
              ? tr`not used yet`
              : tr`used ${momentText(key.usedMs, about.nowMs, about.timeZone)}`}
          </Typography>
          <Button size="small" disabled={busy} onClick={() => takeBack(key)}>
            {tr`Take back`}
            <span className="visually-hidden"> {key.name}</span>
          </Button>
        </Box>
      ))}
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'end', flexWrap: 'wrap' }}>
        <TextField
          label={tr`For what`}
          fullWidth={false}
          sx={{ flex: '1 1 12rem' }}
          placeholder={FOR_WHAT[kind]}
          value={name}
          onChange={(event) => setName(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 40, 'aria-label': tr`${head}: for what` } }}
        />
        <Button disabled={busy} onClick={make}>
          {give}
        </Button>
      </Box>
      {wrong === null ? null : <Alert severity="warning">{wrong}</Alert>}
      {given === null ? null : <Given kind={kind} secret={given} bases={bases} />}
    </Box>
  );
}

function Given({
  kind,
  secret,
  bases,
}: {
  kind: KeyKind;
  secret: string;
  bases: readonly string[];
}) {
  const [base = ''] = bases;
  const lines =
    kind === 'calendar'
      ? bases.map((one) => `${one}/calendar/${secret}.ics`)
      : sentLines(kind, base, secret);
  return (
    <Alert severity="info" data-testid={`given-${kind}`}>
      {tr`${kind === 'calendar' ? tr`Subscribe to it` : tr`What is sent, with the key`}; it is shown this once:`}
      {lines.map((line) => (
        <Typography
          key={line}
          component="code"
          sx={{ display: 'block', fontSize: rem(14), overflowWrap: 'anywhere', mt: 0.5 }}
        >
          {line}
        </Typography>
      ))}
    </Alert>
  );
}

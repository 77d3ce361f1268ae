'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, useTransition } from 'react';
import type { KeyKind, WayKey } from '@/shop/kept/device';
import { useAskAnew } from '@/ui/ask-anew';
import { momentText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { useSay } from '@/ui/snack';
import { sentencesOf, type DeviceActions } from './device-actions';

const WORDS: Readonly<
  Record<KeyKind, { readonly head: string; readonly says: string; readonly give: string }>
> = {
  calendar: {
    head: 'Calendar address',
    says: 'A calendar program asks at a secret address for the steps of the hands, with their alarms: they ring with this page closed. Whoever has the address reads them and nothing else, until it is taken back.',
    give: 'Make an address',
  },
  readings: {
    head: 'Readings by HTTP',
    says: 'A thermometer or a logger sends what it measures with a key, as JSON or CSV lines.',
    give: 'Make a key',
  },
  scale: {
    head: 'Scale by HTTP',
    says: 'What stands by a scale sends what it shows with a key, some times a second; the mix card weighs by it. Silent for four seconds, it counts as not connected, and the card goes on by hand.',
    give: 'Make a key',
  },
  labels: {
    head: 'Label printer by HTTP',
    says: 'What stands by a label printer asks for the labels with a key and says what it has printed. From its key on, labels go there and no longer to the simulated one.',
    give: 'Make a key',
  },
};
const FOR_WHAT: Readonly<Record<KeyKind, string>> = {
  calendar: 'my phone',
  readings: 'cold store logger',
  scale: 'bench scale',
  labels: 'label printer',
};

/** What a program sends with its key, line by line. */
function sentLines(kind: Exclude<KeyKind, 'calendar'>, base: string, secret: string): string[] {
  const key = `Authorization: Bearer ${secret}`;
  if (kind === 'readings')
    return [`POST ${base}/readings`, key, '[{"place":"Fridge","tempC":4.2}]'];
  if (kind === 'scale') return [`POST ${base}/scale/shows`, key, '{"massG":812.4,"stable":true}'];
  return [
    `GET ${base}/labels/jobs`,
    key,
    `POST ${base}/labels/jobs`,
    '{"job":"what X-Olvik-Job said","printed":true}',
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
  const [wrong, setWrong] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const say = useSay();
  const askAnew = useAskAnew();
  const make = () =>
    start(async () => {
      const outcome = await actions.giveKey({ kind, name });
      if (!outcome.ok) return setWrong(sentencesOf(outcome));
      setWrong(null);
      setName('');
      setGiven(outcome.value.secret);
      askAnew();
    });
  const takeBack = (key: WayKey) =>
    start(async () => {
      const outcome = await actions.takeKeyBack({ id: key.id });
      say({ text: outcome.ok ? `${key.name}: taken back.` : sentencesOf(outcome) });
      setGiven(null);
      askAnew();
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
              ? 'not used yet'
              : `used ${momentText(key.usedMs, about.nowMs, about.timeZone)}`}
          </Typography>
          <Button size="small" disabled={busy} onClick={() => takeBack(key)}>
            Take back<span className="visually-hidden"> {key.name}</span>
          </Button>
        </Box>
      ))}
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'end', flexWrap: 'wrap' }}>
        <TextField
          label="For what"
          fullWidth={false}
          sx={{ flex: '1 1 12rem' }}
          placeholder={FOR_WHAT[kind]}
          value={name}
          onChange={(event) => setName(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 40, 'aria-label': `${head}: for what` } }}
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
      {kind === 'calendar' ? 'Subscribe to it' : 'What is sent, with the key'}; it is shown this
      once:
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

'use client';

import { tr, trOf } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { LotKind } from '@/core/ripeness';
import type { ShopUnits } from '@/core/units';
import type { LookResult } from '@/server/hands/look';
import { momentText } from '../format';
import type { HandsActions } from './actions';
import { JarLevel } from './jar-level';
import { newBatch, useAct } from './use-act';

/** A lot that can be looked at. */
export interface Lookable {
  readonly lotId: string;
  readonly name: string;
  readonly kind: LotKind;
  /** Rise the forecast expects now. */
  readonly expectedRise: number;
}

const SIGNS = {
  get dome() {
    return ['flat', 'domed', 'sinking'];
  },
  get smell() {
    return ['floury', 'mild', 'fruity', 'sharp', 'boozy'];
  },
  get float() {
    return ['floats', 'sinks'];
  },
  get poke() {
    return ['springs back', 'comes back slowly', 'stays'];
  },
} as const;
type SignName = keyof typeof SIGNS;

const SIGN_LABELS: Readonly<Record<SignName, string>> = {
  get dome() {
    return tr`Dome`;
  },
  get smell() {
    return tr`Smell`;
  },
  get float() {
    return tr`A spoonful in water`;
  },
  get poke() {
    return tr`A dent with a wet finger`;
  },
};

/** What is worth looking for in each kind of lot. */
function signsFor(kind: LotKind | undefined): readonly SignName[] {
  if (kind === 'dough' || kind === 'balls') return ['poke', 'smell'];
  const stiff = kind === 'biga' || kind === 'stiff starter' || kind === 'carry-over';
  return stiff ? ['dome', 'smell'] : ['dome', 'smell', 'float'];
}

/** A look: the level on the jar, then dome, smell and float, each one tap and each can be left out. */
export function LookDialog(props: {
  lots: readonly Lookable[];
  first: string | null;
  nowMs: number;
  units: ShopUnits;
  actions: HandsActions;
  onClose: () => void;
}) {
  const { lots, nowMs, units, actions, onClose } = props;
  const { run, busy, refused } = useAct(actions);
  const [batch] = useState(newBatch);
  const [lotId, setLotId] = useState(props.first ?? lots[0]?.lotId ?? '');
  const [rise, setRise] = useState<number | null>(null);
  const [ph, setPh] = useState('');
  const [signs, setSigns] = useState<Partial<Record<SignName, string>>>({});
  const lot = lots.find((one) => one.lotId === lotId);
  const save = () =>
    run(
      () => actions.logLook({ lotId, batch, rise, ph: ph || null, ...signs }),
      (result) => saidOf(lot?.name ?? lotId, result, nowMs, units),
      onClose,
    );
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="look-title">
      <DialogTitle id="look-title">
        <Typography component="span" variant="h2">
          {tr`What do you see?`}
        </Typography>
      </DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        {refused[''] === undefined ? null : <Alert severity="warning">{refused['']}</Alert>}
        {lots.length === 0 ? (
          <Alert severity="info">{tr`Nothing has been made yet; there is nothing to look at.`}</Alert>
        ) : (
          <TextField
            select
            label={tr`Lot`}
            value={lotId}
            onChange={(event) => setLotId(event.target.value)}
          >
            {lots.map((one) => (
              <MenuItem key={one.lotId} value={one.lotId}>
                {one.name} · {one.lotId}
              </MenuItem>
            ))}
          </TextField>
        )}
        <JarLevel rise={rise} expected={lot?.expectedRise ?? null} onChange={setRise} />
        {signsFor(lot?.kind).map((sign) => (
          <Box key={sign}>
            <Typography variant="body2" sx={{ mb: 0.5 }}>
              {SIGN_LABELS[sign]}
            </Typography>
            <ToggleButtonGroup
              exclusive
              fullWidth
              aria-label={trOf(sign)}
              value={signs[sign] ?? null}
              onChange={(_, value: string | null) =>
                setSigns({ ...signs, [sign]: value ?? undefined })
              }
            >
              {SIGNS[sign].map((value) => (
                <ToggleButton key={value} value={value}>
                  {trOf(value)}
                </ToggleButton>
              ))}
            </ToggleButtonGroup>
          </Box>
        ))}
        <PhField value={ph} onChange={setPh} wrong={refused['ph']} />
      </DialogContent>
      <DialogActions sx={{ p: 2, gap: 1 }}>
        <Button variant="text" onClick={onClose}>
          {tr`Close`}
        </Button>
        <Button
          variant="contained"
          size="large"
          onClick={save}
          disabled={busy || lots.length === 0}
        >
          {tr`Log this look`}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function PhField(props: {
  value: string;
  onChange: (value: string) => void;
  wrong: string | undefined;
}) {
  const { value, onChange, wrong } = props;
  return (
    <TextField
      label={tr`pH, if you measure it`}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      error={wrong !== undefined}
      helperText={wrong ?? ''}
      slotProps={{ htmlInput: { inputMode: 'decimal' } }}
      sx={{ maxWidth: 220 }}
    />
  );
}

function saidOf(
  name: string,
  { aheadMinutes, bestMs }: Pick<LookResult, 'aheadMinutes' | 'bestMs'>,
  nowMs: number,
  units: ShopUnits,
): string {
  if (aheadMinutes === null || bestMs === null) return tr`${name}: look logged.`;
  const best = tr`best ${momentText(bestMs, nowMs, units.timeZone)}`;
  if (aheadMinutes === 0) return tr`${name} is as forecast: ${best}.`;
  return tr`${name} is ${Math.abs(aheadMinutes)} min ${aheadMinutes > 0 ? tr`ahead` : tr`behind`}: ${best}.`;
}

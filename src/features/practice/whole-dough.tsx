'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import LinearProgress from '@mui/material/LinearProgress';
import MenuItem from '@mui/material/MenuItem';
import Slider from '@mui/material/Slider';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import type { WholeDoughView } from '@/server/practice/whole-dough-view';
import { useCompute } from '@/ui/compute/use-compute';
import { clockText, degreesApartText } from '@/ui/format';
import { LinkButton } from '@/ui/link-button';
import { ViewFrame } from '@/ui/view-frame';
import { DoughBench } from './dough-bench';

const MOST_APART_C = 8;

/** A whole dough run in a minute: by its plan, with what the hands do otherwise, in rooms as warm as wanted. Nothing is stored. */
export function WholeDough({ view }: { view: WholeDoughView }) {
  const { units, nowMs, methods, facts } = view;
  const [key, setKey] = useState(() => firstKey(view));
  const [warmerC, setWarmerC] = useState(0);
  const [ahead, setAhead] = useState(true);
  const method = methods.find((one) => one.key === key)?.method ?? null;
  const asks = useMemo(() => (method === null ? null : { method, facts }), [method, facts]);
  const { answer: start, busy, refused } = useCompute('doughStart', asks);
  return (
    <ViewFrame
      title={tr`A whole dough`}
      subtitle={tr`from leaven to last ball`}
      clock={clockText(nowMs, units.timeZone)}
      aside={
        <Box sx={{ px: 2 }}>
          <LinkButton href="/practice">{tr`Judge single jars`}</LinkButton>
        </Box>
      }
    >
      <Box
        sx={{
          display: 'grid',
          gap: 3,
          alignItems: 'center',
          px: 2,
          py: 1.5,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '300px minmax(0, 320px) auto' },
          borderBottom: '1px solid var(--line)',
        }}
      >
        <TextField
          select
          label={tr`Dough`}
          value={key}
          onChange={(event) => setKey(event.target.value)}
          data-testid="dough-choice"
        >
          {methods.map((one) => (
            <MenuItem key={one.key} value={one.key}>
              {one.name}
            </MenuItem>
          ))}
        </TextField>
        <Box>
          <Typography id="warmer">
            {tr`Rooms: `}
            <strong>{warmWords(warmerC, units)}</strong>
          </Typography>
          <Slider
            aria-labelledby="warmer"
            value={warmerC}
            min={-MOST_APART_C}
            max={MOST_APART_C}
            step={1}
            onChange={(_, value) => setWarmerC(value)}
            getAriaValueText={(value) => warmWords(value, units)}
          />
        </Box>
        <FormControlLabel
          control={<Switch checked={ahead} onChange={(_, value) => setAhead(value)} />}
          label={tr`Show what is to come`}
        />
      </Box>
      {busy ? <LinearProgress aria-label={tr`Planning the dough`} /> : null}
      {refused === null ? null : <Typography sx={{ p: 2 }}>{refused}</Typography>}
      {start?.kind === 'none' ? <Typography sx={{ p: 2 }}>{start.because}</Typography> : null}
      {methods.length === 0 ? (
        <Typography sx={{ p: 2 }}>
          {tr`No dough can be run yet: make a method in Doughs, or a culture that one can take from.`}
        </Typography>
      ) : null}
      {start?.kind === 'start' ? (
        <DoughBench
          key={`${key} ${start.fromMs}`}
          start={start}
          facts={facts}
          units={units}
          warmerC={warmerC}
          ahead={ahead}
        />
      ) : null}
    </ViewFrame>
  );
}

/** A dough of two days where there is one: it has the most to go wrong. */
function firstKey({ methods }: WholeDoughView): string {
  const cold = methods.find(({ method }) => method.balls.length > 1);
  return (cold ?? methods[0])?.key ?? '';
}

function warmWords(apartC: number, units: WholeDoughView['units']): string {
  if (apartC === 0) return tr`as they are`;
  return `${degreesApartText(Math.abs(apartC), units)} ${apartC > 0 ? tr`warmer` : tr`colder`}`;
}

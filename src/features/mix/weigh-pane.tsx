'use client';

import type { MixView } from '@/shop/mix/view';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { weighing, type CardLine, type WeighItem, type Weighing } from '@/core/mixing';

import { decimals } from '@/ui/format';
import { rem } from '@/ui/rem';
import { ByFeel, UndoLast } from './side-acts';
import type { MixActions } from './mix-actions';
import { ScaleVessel } from './scale-vessel';
import { SimulatedScalePanel } from './simulated-scale-panel';
import type { useCard } from './use-card';
import type { Shown } from './use-scale';

/** The line at hand on the scale: what is still to pour, the vessel, right, under or over. */
export function WeighPane(props: {
  line: CardLine & { item: WeighItem };
  shown: Shown;
  view: MixView;
  working: ReturnType<typeof useCard>;
  actions: MixActions;
  onTick: () => void;
}) {
  const { line, shown, view, working, actions, onTick } = props;
  const { item } = line;
  const { write } = working;
  const wantedG = line.wantedG - (item.heldBack ? (line.weighedG ?? 0) : 0);
  const onScaleG = Math.max(0, shown?.massG ?? 0);
  const found = weighing(item, wantedG, onScaleG);
  const takeOver = (factor: number | null) => {
    write(
      { kind: 'weigh', itemId: item.id, massG: onScaleG, by: 'scale' },
      ...(factor === null ? [] : [{ kind: 'scale' as const, factor }]),
    );
    void actions.handleScale({ act: 'tare' });
  };
  const digits = wantedG < 100 ? 1 : 0;
  return (
    <>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1 }}>
        <Typography>
          {item.name}, {found.state === 'over' ? 'too much by' : 'still to pour'}
        </Typography>
        <ScaleState shown={shown} />
      </Box>
      <Pouring found={found} onScaleG={onScaleG} wantedG={wantedG} digits={digits} />
      <ScaleVessel
        share={wantedG > 0 ? onScaleG / wantedG : 0}
        state={found.state}
        mark={`${decimals(wantedG, digits)}`}
        tolerance={`±${decimals(item.toleranceG, 1)} g is fine`}
      />
      <Over found={found} shown={shown} digits={digits} onTake={takeOver} />
      <Box sx={{ display: 'grid', gridTemplateColumns: '1.6fr 1fr', gap: 1 }}>
        <Button size="large" variant="contained" onClick={onTick}>
          {item.heldBack ? 'This portion is in' : 'It is in'}
        </Button>
        <Button size="large" onClick={() => void actions.handleScale({ act: 'tare' })}>
          Tare
        </Button>
      </Box>
      {item.heldBack ? (
        <Button onClick={() => write({ kind: 'enough', itemId: item.id })}>
          The dough wants no more
        </Button>
      ) : null}
      <Typed key={item.id} line={line} wantedG={wantedG} write={write} />
      <ByFeel view={view} working={working} />
      <UndoLast working={working} />
      <SimulatedScalePanel
        wantedG={wantedG}
        handle={actions.handleScale}
        connected={shown !== null}
      />
    </>
  );
}

/** Still to pour, readable from the other side of the bench. */
function Pouring(props: { found: Weighing; onScaleG: number; wantedG: number; digits: number }) {
  const { found, onScaleG, wantedG, digits } = props;
  return (
    <>
      <Typography
        data-testid="left"
        sx={{ fontSize: rem(92), fontWeight: 700, lineHeight: 0.95, whiteSpace: 'nowrap' }}
      >
        {decimals(Math.abs(found.leftG), digits)}
        <Box component="span" sx={{ fontSize: rem(40) }}>
          {' '}
          g
        </Box>
      </Typography>
      <Typography sx={{ fontSize: rem(19) }}>
        on the scale <strong>{decimals(onScaleG, digits)}</strong> of {decimals(wantedG, digits)} g
      </Typography>
    </>
  );
}

function ScaleState({ shown }: { shown: Shown }) {
  const moves = shown?.stable === false ? 'scale moves' : 'scale connected';
  return (
    <Typography variant="body2" data-testid="scale-state">
      {shown === null ? 'scale not connected' : moves}
    </Typography>
  );
}

/** Too much of one thing: taken off, taken as it is, or all the rest weighed in as much more. */
function Over(props: {
  found: Weighing;
  shown: Shown;
  digits: number;
  onTake: (factor: number | null) => void;
}) {
  const { found, shown, digits, onTake } = props;
  const { scaleBy } = found;
  if (found.state !== 'over' || shown?.stable !== true) return null;
  return (
    <Alert severity="warning" data-testid="over">
      {decimals(-found.leftG, digits)} g over.{' '}
      {scaleBy === null
        ? 'Take some off, or take it as it is.'
        : `Take some off, or weigh in ${decimals((scaleBy - 1) * 100, 1)} % more of all the rest.`}
      <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
        {scaleBy === null ? null : (
          <Button size="small" onClick={() => onTake(scaleBy)}>
            Scale the rest
          </Button>
        )}
        <Button size="small" onClick={() => onTake(null)}>
          Leave the rest
        </Button>
      </Box>
    </Alert>
  );
}

/** Grams typed, where there is no scale; of water its temperature too. */
function Typed(props: {
  line: CardLine & { item: WeighItem };
  wantedG: number;
  write: ReturnType<typeof useCard>['write'];
}) {
  const { line, wantedG, write } = props;
  const { item } = line;
  const [massG, setMassG] = useState('');
  const [tempC, setTempC] = useState('');
  const isWater = 'ingredientId' in item.of && item.of.ingredientId === 'water' && !item.ice;
  const number = (text: string) => Number(text.replace(',', '.'));
  const take = () =>
    write({
      kind: 'weigh',
      itemId: item.id,
      massG: massG === '' ? Math.round(wantedG * 100) / 100 : number(massG),
      by: 'typed',
      ...(tempC === '' ? {} : { tempC: number(tempC) }),
    });
  return (
    <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'end' }}>
      <TextField
        label="Weighed elsewhere, g"
        name="typedG"
        value={massG}
        onChange={(event) => setMassG(event.target.value)}
        slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 9 } }}
      />
      {isWater ? (
        <TextField
          label="Water, °C"
          name="waterC"
          value={tempC}
          onChange={(event) => setTempC(event.target.value)}
          slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 5 } }}
        />
      ) : null}
      <Button
        size="small"
        disabled={massG === '' && tempC === ''}
        onClick={take}
        sx={{ whiteSpace: 'nowrap' }}
      >
        Take it
      </Button>
    </Box>
  );
}

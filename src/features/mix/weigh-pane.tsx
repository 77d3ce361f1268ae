'use client';

import { tr } from '@/words/tr';
import type { MixView } from '@/shop/mix/view';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { weighing, type CardLine, type WeighItem, type Weighing } from '@/core/mixing';
import { decimals, massText, NO_BREAK, pouredText, splitUnit } from '@/ui/format';
import { rem } from '@/ui/rem';
import { ByFeel, UndoLast } from './side-acts';
import type { MixActions } from './mix-actions';
import { ScaleVessel } from './scale-vessel';
import { SimulatedScalePanel } from './simulated-scale-panel';
import type { useCard } from './use-card';
import type { LiveScale, Shown } from './use-scale';
import { Typed } from './typed-weight';

type Told = (massG: number) => string;

/** The line at hand on the scale: what is still to pour, the vessel, right, under or over. */
export function WeighPane(props: {
  line: CardLine & { item: WeighItem };
  scale: LiveScale;
  view: MixView;
  working: ReturnType<typeof useCard>;
  actions: MixActions;
  onTick: () => void;
}) {
  const { line, scale, view, working, actions, onTick } = props;
  const { shows: shown } = scale;
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
  const told = (massG: number) => pouredText(massG, wantedG, view.units);
  return (
    <>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1 }}>
        <Typography>
          {item.name}, {found.state === 'over' ? tr`too much by` : tr`still to pour`}
        </Typography>
        <ScaleState shown={shown} />
      </Box>
      <Pouring found={found} onScaleG={onScaleG} wantedG={wantedG} told={told} />
      <ScaleVessel
        share={wantedG > 0 ? onScaleG / wantedG : 0}
        state={found.state}
        mark={told(wantedG)}
        tolerance={tr`±${massText(item.toleranceG, view.units)} is fine`}
      />
      <Over found={found} shown={shown} told={told} onTake={takeOver} />
      <Box sx={{ display: 'grid', gridTemplateColumns: '1.6fr 1fr', gap: 1 }}>
        <Button size="large" variant="contained" onClick={onTick}>
          {item.heldBack ? tr`This portion is in` : tr`It is in`}
        </Button>
        <Button size="large" onClick={() => void actions.handleScale({ act: 'tare' })}>
          {tr`Tare`}
        </Button>
      </Box>
      {item.heldBack ? (
        <Button onClick={() => write({ kind: 'enough', itemId: item.id })}>
          {tr`The dough wants no more`}
        </Button>
      ) : null}
      <Typed key={item.id} line={line} wantedG={wantedG} write={write} />
      <ByFeel view={view} working={working} />
      <UndoLast working={working} />
      {scale.simulated ? (
        <SimulatedScalePanel
          wantedG={wantedG}
          handle={actions.handleScale}
          connected={shown !== null}
        />
      ) : null}
    </>
  );
}

/** Still to pour, readable from the other side of the bench. */
function Pouring(props: { found: Weighing; onScaleG: number; wantedG: number; told: Told }) {
  const { found, onScaleG, wantedG, told } = props;
  const [left, unit] = splitUnit(told(Math.abs(found.leftG)));
  return (
    <>
      <Typography
        data-testid="left"
        sx={{ fontSize: rem(92), fontWeight: 700, lineHeight: 0.95, whiteSpace: 'nowrap' }}
      >
        {left}
        <Box component="span" sx={{ fontSize: rem(40) }}>
          {NO_BREAK}
          {unit}
        </Box>
      </Typography>
      <Typography sx={{ fontSize: rem(19) }}>
        {tr`on the scale `}
        <strong>{told(onScaleG)}</strong>
        {tr` of ${told(wantedG)}`}
      </Typography>
    </>
  );
}

function ScaleState({ shown }: { shown: Shown }) {
  const moves = shown?.stable === false ? tr`scale moves` : tr`scale connected`;
  return (
    <Typography variant="body2" data-testid="scale-state">
      {shown === null ? tr`scale not connected` : moves}
    </Typography>
  );
}

/** Too much of one thing: taken off, taken as it is, or all the rest weighed in as much more. */
function Over(props: {
  found: Weighing;
  shown: Shown;
  told: Told;
  onTake: (factor: number | null) => void;
}) {
  const { found, shown, told, onTake } = props;
  const { scaleBy } = found;
  if (found.state !== 'over' || shown?.stable !== true) return null;
  return (
    <Alert severity="warning" data-testid="over">
      {tr`${told(-found.leftG)} over. ${
        scaleBy === null
          ? tr`Take some off, or take it as it is.`
          : tr`Take some off, or weigh in ${decimals((scaleBy - 1) * 100, 1)} % more of all the rest.`
      }`}
      <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
        {scaleBy === null ? null : (
          <Button size="small" onClick={() => onTake(scaleBy)}>
            {tr`Scale the rest`}
          </Button>
        )}
        <Button size="small" onClick={() => onTake(null)}>
          {tr`Leave the rest`}
        </Button>
      </Box>
    </Alert>
  );
}

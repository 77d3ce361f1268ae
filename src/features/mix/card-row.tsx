'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import type { CardLine } from '@/core/mixing';
import { useShopUnits, type FigureUnits } from '@/ui/fields/shop-units';
import { decimals, massText, spanText } from '@/ui/format';
import { rem } from '@/ui/rem';

type RowState = 'current' | 'done' | 'later';

/** How large a row is, and how it looks, by how far it is. */
const LOOK: Readonly<
  Record<RowState, { readonly name: number; readonly mass: number; readonly height: number }>
> = {
  current: { name: 27, mass: 44, height: 104 },
  done: { name: 17, mass: 20, height: 46 },
  later: { name: 21, mass: 30, height: 60 },
};

interface RowProps {
  readonly line: CardLine;
  readonly number: number;
  readonly current: boolean;
  readonly nowMs: number;
  readonly flourG: number;
  readonly onTick: () => void;
  readonly onTopUp: () => void;
  readonly onChoose: () => void;
}

export function Row(props: RowProps) {
  const { line, number, current, nowMs, flourG } = props;
  const { item } = line;
  const units = useShopUnits();
  const state: RowState = current ? 'current' : line.done ? 'done' : 'later';
  const look = LOOK[state];
  const background = { current: 'var(--ink)', done: 'var(--flour)', later: 'transparent' }[state];
  return (
    <Box
      component="li"
      data-item={item.id}
      data-state={state}
      sx={{
        display: 'grid',
        gridTemplateColumns: '52px minmax(0, 1fr) 4.5rem auto 56px',
        columnGap: 1,
        alignItems: 'center',
        px: 1.5,
        minHeight: look.height,
        borderBottom: '1px solid var(--line)',
        background,
        color: current ? 'var(--paper)' : 'inherit',
        borderRadius: current ? '0 0 26px 0' : 0,
      }}
    >
      <Disc number={number} faded={state === 'done'} />
      <RowName line={line} size={look.name} state={state} />
      <Typography variant="body2" sx={{ textAlign: 'right' }}>
        {item.kind === 'weigh'
          ? `${decimals((100 * line.wantedG) / Math.max(1, flourG), 1)} %`
          : ''}
      </Typography>
      <Typography
        sx={{
          fontSize: rem(look.mass),
          fontWeight: 700,
          lineHeight: 1,
          textAlign: 'right',
          minWidth: '6rem',
        }}
      >
        {amount(line, nowMs, units)}
      </Typography>
      <RowEnd {...props} state={state} />
    </Box>
  );
}

function Disc({ number, faded }: { number: number; faded: boolean }) {
  return (
    <Box
      aria-hidden="true"
      sx={{
        width: 38,
        height: 38,
        borderRadius: '50%',
        border: '2px solid',
        borderColor: faded ? 'var(--line)' : 'currentcolor',
        display: 'grid',
        placeItems: 'center',
        fontWeight: 700,
      }}
    >
      {number}
    </Box>
  );
}

function RowName({ line, size, state }: { line: CardLine; size: number; state: RowState }) {
  const units = useShopUnits();
  const more = line.topUpG > 0 ? tr`add ${massText(line.topUpG, units)} more` : line.item.says;
  return (
    <Box sx={{ minWidth: 0, py: 0.5 }}>
      <Typography className="name" sx={{ fontSize: rem(size), lineHeight: 1.1 }}>
        {line.item.name}
      </Typography>
      {state === 'done' && line.topUpG === 0 ? null : (
        <Typography variant="body2" sx={{ lineHeight: 1.2 }}>
          {more}
        </Typography>
      )}
    </Box>
  );
}

/** The end of a row: the tick to come, the tick that is there, or what was asked for since. */
function RowEnd(props: RowProps & { readonly state: RowState }) {
  const { line, state, onTick, onTopUp, onChoose } = props;
  const units = useShopUnits();
  const { item } = line;
  const square = { border: '2px solid currentcolor', borderRadius: 2, justifySelf: 'end' };
  if (state === 'current') {
    const act =
      item.kind === 'weigh' ? tr`weighed in` : line.startedMs === null ? tr`start` : tr`done`;
    return (
      <ButtonBase
        onClick={onTick}
        aria-label={`${item.name}: ${act}`}
        sx={{ ...square, width: 56, height: 56 }}
      />
    );
  }
  if (line.topUpG > 0) {
    return (
      <ButtonBase
        onClick={onTopUp}
        aria-label={tr`${item.name}: ${massText(line.topUpG, units)} more added`}
        sx={{ ...square, width: 44, height: 44 }}
      >
        +
      </ButtonBase>
    );
  }
  if (state === 'later') {
    return (
      <ButtonBase
        onClick={onChoose}
        aria-label={tr`${item.name}: take it now`}
        sx={{ ...square, width: 44, height: 44, borderColor: 'var(--line)' }}
      />
    );
  }
  return (
    <Box
      role="img"
      aria-label={tr`done`}
      sx={{ justifySelf: 'end', fontSize: rem(22), color: 'var(--olive)', pr: 1.5 }}
    >
      ✓
    </Box>
  );
}

/** Grams, or the minutes of what takes time: so many, or what is left. */
function amount(line: CardLine, nowMs: number, units: FigureUnits): string {
  const { item } = line;
  if (item.kind === 'weigh') {
    const massG = line.done
      ? (line.weighedG ?? line.wantedG)
      : line.wantedG - (item.heldBack ? (line.weighedG ?? 0) : 0);
    return massText(massG, units);
  }
  if (line.done || line.endsMs === null) return `${item.minutes} min`;
  return line.endsMs > nowMs
    ? spanLeft(line.endsMs - nowMs)
    : tr`over ${spanText(nowMs - line.endsMs)}`;
}

/** "4:05": minutes and seconds. */
export function spanLeft(ms: number): string {
  const seconds = Math.max(0, Math.round(ms / 1000));
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

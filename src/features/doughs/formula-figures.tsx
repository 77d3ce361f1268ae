'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import type { Pantry } from '@/core/composition';
import type { CellChange, DoughColumns, DoughRow } from '@/core/formula';
import { readQuantity, type ShopUnits } from '@/core/units';
import { shownFigure } from '@/ui/fields/typed-figure';
import { decimals } from '@/ui/format';
import { CellButton } from './cell-button';

export interface Cell {
  readonly column: string;
  readonly massG: number;
  readonly width: number;
  readonly name: string;
}

/** Grams and per cent of one cell; an empty cell is a dash. */
export function Figures(props: {
  row: DoughRow;
  at: Cell;
  columns: DoughColumns;
  pantry: Pantry;
  units: ShopUnits;
  onEdit: (change: CellChange) => void;
}) {
  const { row, at, columns, pantry, units, onEdit } = props;
  const name = pantry.get(row.ingredientId)?.name ?? row.ingredientId;
  const share = at.massG / columns.flourG;
  const digits = share > 0 && share < 0.02 ? 2 : 1;
  const type = (as: 'grams' | 'share') => (value: number) =>
    onEdit({
      ingredientId: row.ingredientId,
      column: at.column,
      as,
      value: as === 'share' ? value / 100 : value,
    });
  if (at.massG <= 0) {
    return (
      <Box
        component="span"
        sx={{ display: 'inline-block', width: 78, textAlign: 'right', lineHeight: '30px' }}
      >
        –
      </Box>
    );
  }
  const leaven = columns.leavens.find((one) => one.leaven.id === at.column)?.leaven;
  const fixed = leaven !== undefined && isFixed(row.ingredientId, leaven.made.by, pantry);
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.5 }}>
      <CellButton
        label={`${name}, ${at.name}, ${units.massUnit}`}
        shown={cellMass(at.massG, units)}
        typed={shownFigure(String(Number(at.massG.toFixed(gramDigits(at.massG)))), 'mass', units)}
        read={(text) => readQuantity(text, 'mass', units)}
        strong
        width={78}
        onType={fixed ? null : type('grams')}
      />
      <CellButton
        label={tr`${name}, ${at.name}, % of all flour`}
        shown={decimals(share * 100, digits)}
        typed={String(Number((share * 100).toFixed(digits)))}
        strong={false}
        width={56}
        onType={fixed ? null : type('share')}
      />
    </Box>
  );
}

const gramDigits = (massG: number) => (massG < 10 ? 2 : massG < 100 ? 1 : 0);

/** A mass in a column that names its unit. */
const cellMass = (massG: number, units: ShopUnits) =>
  units.massUnit === 'g'
    ? decimals(massG, gramDigits(massG))
    : shownFigure(String(massG), 'mass', units);

/** Salt and oil of a leaven that is taken as it is are what they are. */
function isFixed(id: string, by: string, pantry: Pantry): boolean {
  const kind = pantry.get(id)?.kind;
  return by === 'taken' && (kind === 'salt' || kind === 'oil');
}

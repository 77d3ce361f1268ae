'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import { ROUND_STYLES, type RoundStyle, type Target } from '@/core/formula';
import type { Method } from '@/core/methods';
import { ChoiceField } from '@/ui/fields/choice-field';
import { FigureField } from '@/ui/fields/figure-field';
import { NumberBox } from '@/ui/fields/number-box';
import { useShopUnits } from '@/ui/fields/shop-units';
import { perAreaText } from '@/ui/format';
import { SizedProducts } from './sized-products';

export const WAYS: readonly { readonly id: Target['by']; readonly name: string }[] = [
  {
    id: 'products',
    get name() {
      return tr`pieces by weight`;
    },
  },
  {
    id: 'diameter',
    get name() {
      return tr`rounds by diameter`;
    },
  },
  {
    id: 'tray',
    get name() {
      return tr`trays by area and thickness`;
    },
  },
  {
    id: 'flour',
    get name() {
      return tr`the flour in the sack`;
    },
  },
  {
    id: 'leaven',
    get name() {
      return tr`the leaven at hand`;
    },
  },
  {
    id: 'dough',
    get name() {
      return tr`a weight of dough`;
    },
  },
];

export function Fields(props: { target: Target; method: Method; set: (target: Target) => void }) {
  const { target, method, set } = props;
  const units = useShopUnits();
  if (target.by === 'products') {
    return (
      <SizedProducts products={target.products} set={(products) => set({ ...target, products })} />
    );
  }
  const figure = (name: string, label: string, to: (value: number) => Target) => ({
    name,
    label,
    onValue: (next: number) => set(to(next)),
  });
  if (target.by === 'diameter') {
    return (
      <Two>
        <NumberBox
          {...figure('count', tr`Rounds`, (count) => ({ ...target, count }))}
          value={target.count}
        />
        <NumberBox
          {...figure('diameterCm', tr`Diameter`, (diameterCm) => ({ ...target, diameterCm }))}
          of="length"
          value={target.diameterCm}
        />
        <ChoiceField
          name="style"
          label={tr`Meant to be`}
          value={target.style}
          options={Object.entries(ROUND_STYLES).map(([id, perCm2]) => ({
            id,
            name: `${id}, ${perAreaText(perCm2, units)}`,
          }))}
          onChange={(style) => set({ ...target, style: style as RoundStyle })}
        />
      </Two>
    );
  }
  if (target.by === 'tray') {
    return (
      <Two>
        <NumberBox
          {...figure('count', tr`Trays`, (count) => ({ ...target, count }))}
          value={target.count}
        />
        <NumberBox
          {...figure('thicknessMm', tr`Dough laid`, (thicknessMm) => ({ ...target, thicknessMm }))}
          of="thickness"
          value={target.thicknessMm}
        />
        <NumberBox
          {...figure('lengthCm', tr`Length`, (lengthCm) => ({ ...target, lengthCm }))}
          of="length"
          value={target.lengthCm}
        />
        <NumberBox
          {...figure('widthCm', tr`Width`, (widthCm) => ({ ...target, widthCm }))}
          of="length"
          value={target.widthCm}
        />
      </Two>
    );
  }
  if (target.by === 'leaven') {
    return (
      <Two>
        <ChoiceField
          name="leavenId"
          label={tr`Of which`}
          value={target.leavenId}
          options={method.dough.leavens.map(({ id, name }) => ({ id, name }))}
          onChange={(leavenId) => set({ ...target, leavenId })}
        />
        <NumberBox
          {...figure('massG', tr`There is`, (massG) => ({ ...target, massG }))}
          of="mass"
          value={target.massG}
        />
        <PieceWeight target={target} set={set} />
      </Two>
    );
  }
  const pieces = <PieceWeight target={target} set={set} />;
  return target.by === 'flour' ? (
    <Two>
      <NumberBox
        {...figure('flourG', tr`Flour`, (flourG) => ({ ...target, flourG }))}
        of="mass"
        value={target.flourG}
      />
      {pieces}
    </Two>
  ) : (
    <Two>
      <NumberBox
        {...figure('doughG', tr`Dough`, (doughG) => ({ ...target, doughG }))}
        of="mass"
        value={target.doughG}
      />
      {pieces}
    </Two>
  );
}

/** Weight of each piece of a plain weight of dough; left empty, the dough is used up in pieces of about 250 g. */
function PieceWeight(props: {
  target: Extract<Target, { by: 'flour' | 'leaven' | 'dough' }>;
  set: (target: Target) => void;
}) {
  const { target, set } = props;
  return (
    <FigureField
      name="pieceG"
      label={tr`In pieces of`}
      of="mass"
      value={target.pieceG == null ? '' : String(target.pieceG)}
      placeholder="250"
      onChange={(held) => {
        const pieceG = Number(held.replace(',', '.'));
        if (held.trim() === '') set({ ...target, pieceG: null });
        else if (pieceG > 0) set({ ...target, pieceG });
      }}
    />
  );
}

function Two({ children }: { children: React.ReactNode }) {
  return <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>{children}</Box>;
}

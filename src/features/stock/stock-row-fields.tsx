'use client';

import { tr } from '@/words/tr';
import TableCell from '@mui/material/TableCell';
import { useState, type ReactNode } from 'react';
import { pricePerKilogram, pricePerPound, type ShopUnits } from '@/core/units';
import type { StockRow } from '@/shop/stock-view';
import type { Outcome } from '@/shop/outcome';
import { FigureField } from '@/ui/fields/figure-field';
import { useSend } from '@/ui/hands/use-send';

/** What can be noted of stock. */
export interface StockActions {
  readonly noteStock: (form: unknown) => Promise<
    Outcome<{
      before: { readonly thereG: number | null; readonly pricePerKg: number | null } | null;
    }>
  >;
}

type Noted = 'thereG' | 'pricePerKg';

/** What is there and what a kilo or a pound of it costs, each noted when its field is left or entered. */
export function StockRowFields(props: {
  row: StockRow;
  units: ShopUnits;
  actions: StockActions;
  /** What stands between the two. */
  toBuy: ReactNode;
}) {
  const { row, units, actions, toBuy } = props;
  const inPounds = units.massUnit === 'oz';
  const { ingredientId, name } = row;
  const [typed, setTyped] = useState<Partial<Record<Noted, string>>>({});
  const sending = { thereG: useSend(), pricePerKg: useSend() };
  const stands = {
    thereG: held(row.thereG, 1),
    pricePerKg: held(inPounds ? pounds(row.pricePerKg) : row.pricePerKg, 4),
  };
  const note = (which: Noted) => {
    const text = typed[which];
    if (text === undefined || text.trim() === stands[which]) return;
    const put = (value: unknown) => () => actions.noteStock({ ingredientId, [which]: value });
    const figure = text.trim().replace(',', '.');
    const value = inPounds && which === 'pricePerKg' ? ofPounds(figure) : figure;
    sending[which].send(put(value), {
      said: which === 'thereG' ? tr`${name}: counted.` : tr`${name}: priced.`,
      undo: ({ before }) => put(before?.[which] ?? ''),
      then: () => setTyped((all) => ({ ...all, [which]: undefined })),
    });
  };
  const field = (which: Noted, label: string) => (
    <FigureField
      name={`${which}-${ingredientId}`}
      label={label}
      {...(which === 'thereG' ? { of: 'mass' as const } : {})}
      value={typed[which] ?? stands[which]}
      error={sending[which].sentence ?? undefined}
      onChange={(text) => setTyped((all) => ({ ...all, [which]: text }))}
      onLeave={() => note(which)}
      onEnterKey={() => note(which)}
    />
  );
  return (
    <>
      <TableCell sx={{ minWidth: 130 }}>{field('thereG', tr`${name}, there`)}</TableCell>
      {toBuy}
      <TableCell sx={{ minWidth: 120 }}>
        {field('pricePerKg', inPounds ? tr`${name}, a pound` : tr`${name}, a kilo`)}
      </TableCell>
    </>
  );
}

const pounds = (perKg: number | null) => (perKg === null ? null : pricePerPound(perKg));

/** What a kilo costs, by what was typed for a pound; what is no figure stays, to be refused as it was typed. */
const ofPounds = (typed: string): unknown =>
  typed === '' || !Number.isFinite(Number(typed)) ? typed : pricePerKilogram(Number(typed));

/** A figure as its field holds it; nothing for none. */
const held = (value: number | null, digits: number) =>
  value === null ? '' : String(Number(value.toFixed(digits)));

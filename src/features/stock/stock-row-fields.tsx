'use client';

import { tr } from '@/words/tr';
import TableCell from '@mui/material/TableCell';
import { useRouter } from 'next/navigation';
import { useState, useTransition, type ReactNode } from 'react';
import type { ShopUnits } from '@/core/units';
import type { StockRow } from '@/shop/stock-view';
import type { Outcome } from '@/shop/outcome';
import { FigureField } from '@/ui/fields/figure-field';
import { useSay } from '@/ui/snack';

/** What can be noted of stock. */
export interface StockActions {
  readonly noteStock: (form: unknown) => Promise<
    Outcome<{
      before: { readonly thereG: number | null; readonly pricePerKg: number | null } | null;
    }>
  >;
}

type Noted = 'thereG' | 'pricePerKg';

/** What is there and what a kilo costs, each noted when its field is left or entered. */
export function StockRowFields(props: {
  row: StockRow;
  units: ShopUnits;
  actions: StockActions;
  /** What stands between the two. */
  toBuy: ReactNode;
}) {
  const { row, actions, toBuy } = props;
  const { ingredientId, name } = row;
  const [typed, setTyped] = useState<Partial<Record<Noted, string>>>({});
  const [wrong, setWrong] = useState<Partial<Record<Noted, string>>>({});
  const [, start] = useTransition();
  const router = useRouter();
  const say = useSay();
  const stands = { thereG: held(row.thereG, 1), pricePerKg: held(row.pricePerKg, 4) };
  const note = (which: Noted) =>
    start(async () => {
      const text = typed[which];
      if (text === undefined || text.trim() === stands[which]) return;
      const value = text.trim().replace(',', '.');
      const outcome = await actions.noteStock({ ingredientId, [which]: value });
      if (!outcome.ok) {
        const sentence = outcome.refusals.map((one) => one.sentence).join(' ');
        return setWrong((all) => ({ ...all, [which]: sentence }));
      }
      setWrong((all) => ({ ...all, [which]: undefined }));
      setTyped((all) => ({ ...all, [which]: undefined }));
      const before = outcome.value.before?.[which] ?? '';
      say({
        text: which === 'thereG' ? tr`${name}: counted.` : tr`${name}: priced.`,
        action: {
          label: tr`Undo`,
          run: () =>
            void actions.noteStock({ ingredientId, [which]: before }).then(() => router.refresh()),
        },
      });
      router.refresh();
    });
  const field = (which: Noted, label: string) => (
    <FigureField
      name={`${which}-${ingredientId}`}
      label={label}
      {...(which === 'thereG' ? { of: 'mass' as const } : {})}
      value={typed[which] ?? stands[which]}
      error={wrong[which]}
      onChange={(text) => setTyped((all) => ({ ...all, [which]: text }))}
      onLeave={() => note(which)}
      onEnterKey={() => note(which)}
    />
  );
  return (
    <>
      <TableCell sx={{ minWidth: 130 }}>{field('thereG', tr`${name}, there`)}</TableCell>
      {toBuy}
      <TableCell sx={{ minWidth: 120 }}>{field('pricePerKg', tr`${name}, a kilo`)}</TableCell>
    </>
  );
}

/** A figure as its field holds it; nothing for none. */
const held = (value: number | null, digits: number) =>
  value === null ? '' : String(Number(value.toFixed(digits)));

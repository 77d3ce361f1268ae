'use client';

import { useState } from 'react';
import { FigureField, type FigureFieldProps } from './figure-field';

/** A figure that is taken when it is a number: with every letter typed, and as it stands outside when it is left. */
export function NumberBox(
  props: Omit<FigureFieldProps, 'value' | 'onChange' | 'onLeave'> & {
    /** In g, °C, cm or mm. */
    readonly value: number;
    readonly onValue: (value: number) => void;
  },
) {
  const { value, onValue, ...rest } = props;
  const [text, setText] = useState<string | null>(null);
  return (
    <FigureField
      {...rest}
      value={text ?? String(Number(value.toFixed(3)))}
      onChange={(held) => {
        setText(held);
        const next = Number(held.replace(',', '.').replace('−', '-'));
        if (held.trim() !== '' && Number.isFinite(next)) onValue(next);
      }}
      onLeave={() => setText(null)}
    />
  );
}

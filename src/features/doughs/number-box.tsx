'use client';

import TextField from '@mui/material/TextField';
import { useState } from 'react';

/** A figure that is taken when it is a number: with every letter typed, and as it stands outside when it is left. */
export function NumberBox(props: {
  name: string;
  label: string;
  value: number;
  onValue: (value: number) => void;
  /** The field is entered: what is typed until it is left is one change. */
  onEnter?: () => void;
  error?: string | undefined;
}) {
  const { name, label, value, onValue, onEnter, error } = props;
  const [text, setText] = useState<string | null>(null);
  const shown = String(Number(value.toFixed(3)));
  return (
    <TextField
      name={name}
      label={label}
      value={text ?? shown}
      error={error !== undefined}
      helperText={error}
      onChange={(event) => {
        setText(event.target.value);
        const next = Number(event.target.value.replace(',', '.'));
        if (event.target.value.trim() !== '' && Number.isFinite(next)) onValue(next);
      }}
      onFocus={onEnter}
      onBlur={() => setText(null)}
      slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 9 } }}
    />
  );
}

'use client';

import { tr } from '@/words/tr';
import ButtonBase from '@mui/material/ButtonBase';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { rem } from '@/ui/rem';

/** A figure of the formula that can be typed over: Enter takes it, Esc leaves it as it was. */
export function CellButton(props: {
  label: string;
  shown: string;
  /** As it is typed. */
  typed: string;
  strong: boolean;
  width: number;
  /** How a typed text is read; left out: a plain number. */
  read?: (text: string) => number | null;
  onType: ((value: number) => void) | null;
}) {
  const { label, shown, typed, strong, width, onType, read = plainNumber } = props;
  const [text, setText] = useState<string | null>(null);
  const look = {
    width,
    justifyContent: 'flex-end',
    fontSize: rem(strong ? 18 : 15),
    fontWeight: strong ? 700 : 400,
    color: strong ? 'var(--ink)' : 'var(--ink2)',
    minHeight: 30,
    fontFamily: 'inherit',
    borderRadius: 1,
  };
  if (onType === null) return <span style={{ display: 'inline-flex', ...look }}>{shown}</span>;
  if (text === null) {
    return (
      <ButtonBase
        aria-label={tr`${label}: ${shown}, change`}
        onClick={() => setText(typed)}
        sx={{ ...look, '&:hover, &:focus-visible': { background: 'var(--lamp)' } }}
      >
        {shown}
      </ButtonBase>
    );
  }
  const take = () => {
    const value = read(text);
    setText(null);
    if (text !== typed && value !== null) onType(value);
  };
  return (
    <TextField
      autoFocus
      value={text}
      onChange={(event) => setText(event.target.value)}
      onBlur={take}
      onFocus={(event) => event.target.select()}
      onKeyDown={(event) => {
        if (event.key === 'Enter') take();
        if (event.key === 'Escape') setText(null);
      }}
      slotProps={{
        htmlInput: {
          'aria-label': label,
          inputMode: 'decimal',
          maxLength: 16,
          style: { textAlign: 'right', padding: 0, height: 28 },
        },
        input: { sx: { minHeight: 30, fontSize: rem(16) } },
      }}
      sx={{ width }}
    />
  );
}

function plainNumber(text: string): number | null {
  const value = Number(text.replace(',', '.'));
  return text.trim() === '' || !Number.isFinite(value) ? null : value;
}

'use client';

import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { unitOf, type QuantityKind } from '@/core/units';
import { sentenceInUnits } from '@/shop/sentence-in-units';
import { useShopUnits } from './shop-units';
import { heldFigure, shownFigure } from './typed-figure';

/** A field that takes a figure, as text. */
export interface FigureFieldProps {
  readonly name?: string;
  /** What it is, without its unit; empty where the unit alone says it. */
  readonly label: string;
  /** What the figure is of; left out: a plain number. */
  readonly of?: QuantityKind;
  /** As the form holds it: g, °C, cm or mm. */
  readonly value: string;
  /** What is wrong with it; told below the field where it is a sentence. */
  readonly error?: string | boolean | undefined;
  readonly hint?: string | undefined;
  /** Words behind the unit in the label. */
  readonly more?: string;
  readonly placeholder?: string;
  readonly width?: number | string;
  readonly whole?: boolean;
  readonly onChange: (value: string) => void;
  readonly onEnter?: () => void;
  readonly onLeave?: () => void;
  readonly onEnterKey?: () => void;
}

/**
 * A figure to type in, in the units of the shop or with its own (“8 oz”, “70 f”): the form holds grams, °C and cm.
 * What is typed stands as it was typed until it is left.
 */
export function FigureField(props: FigureFieldProps) {
  const { name, label, of, value, error, hint, more = '', placeholder, width, whole } = props;
  const units = useShopUnits();
  const [typed, setTyped] = useState<{ text: string; held: string } | null>(null);
  const shown = (held: string) => (of === undefined ? held : shownFigure(held, of, units));
  const unit = of === undefined ? '' : unitOf(of, units);
  const sentence = typeof error === 'string' && error !== '' ? sentenceInUnits(error, units) : hint;
  return (
    <TextField
      {...(name === undefined ? {} : { name })}
      label={[label, unit].filter((part) => part !== '').join(', ') + more}
      value={typed?.held === value ? typed.text : shown(value)}
      {...(placeholder === undefined ? {} : { placeholder: shown(placeholder) })}
      error={error !== undefined && error !== false}
      helperText={sentence}
      onChange={(event) => {
        const text = event.target.value;
        const held = of === undefined ? text : heldFigure(text, of, units);
        setTyped({ text, held });
        props.onChange(held);
      }}
      onFocus={props.onEnter}
      onBlur={() => {
        setTyped(null);
        props.onLeave?.();
      }}
      onKeyDown={(event) => {
        if (event.key === 'Enter') props.onEnterKey?.();
      }}
      slotProps={{
        htmlInput: { inputMode: whole === true ? 'numeric' : 'decimal', maxLength: 16 },
      }}
      {...(width === undefined ? {} : { sx: { width } })}
    />
  );
}

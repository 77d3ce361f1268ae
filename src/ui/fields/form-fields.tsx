'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import type { QuantityKind } from '@/core/units';
import { ChoiceField } from './choice-field';
import { FigureField, type FigureFieldProps } from './figure-field';
import { WallTimeField } from './wall-time-field';

/** A choice of a few. */
type Options = readonly { readonly id: string; readonly name: string }[];

/** What a field of words has beside its label. */
interface TextMore {
  readonly placeholder?: string;
  readonly hint?: string;
  /** Letters it holds; 40 as a rule. */
  readonly longest?: number;
  /** The keys a phone shows: figures are typed in it. */
  readonly figures?: boolean;
}
const LONGEST = 40;

/**
 * Fields of one form by their names: what is typed goes to `change`, what is wrong is marked.
 * @param errors sentences by field; they stand below their fields where `told` is true, else the form tells them itself
 */
export function formFields<Fields extends object>(
  fields: Fields,
  errors: Readonly<Record<string, string>>,
  change: (changed: Partial<Fields>) => void,
  told = false,
) {
  type Name = Extract<keyof Fields, string>;
  const value = (name: Name) => {
    const held: unknown = fields[name];
    return typeof held === 'string' ? held : '';
  };
  const set = (name: Name) => (typed: string) =>
    change({ [name]: typed } as unknown as Partial<Fields>);
  const error = (name: Name) => (told ? errors[name] : errors[name] !== undefined);
  return {
    text: (name: Name, label: string, more: TextMore = {}) => (
      <TextField
        key={name}
        name={name}
        label={label}
        value={value(name)}
        error={errors[name] !== undefined}
        helperText={(told ? errors[name] : undefined) ?? more.hint}
        {...(more.placeholder === undefined ? {} : { placeholder: more.placeholder })}
        onChange={(event) => set(name)(event.target.value)}
        slotProps={{
          htmlInput: {
            maxLength: more.longest ?? LONGEST,
            ...(more.figures === true ? { inputMode: 'decimal' } : {}),
          },
        }}
      />
    ),
    figure: (
      name: Name,
      label: string,
      of?: QuantityKind,
      more: Pick<FigureFieldProps, 'hint' | 'whole' | 'more'> = {},
    ) => (
      <FigureField
        key={name}
        name={name}
        label={label}
        value={value(name)}
        error={error(name)}
        onChange={set(name)}
        {...more}
        {...(of === undefined ? {} : { of })}
      />
    ),
    choice: (
      name: Name,
      label: string,
      options: Options,
      onChange: (value: string) => void = set(name),
    ) => (
      <ChoiceField
        key={name}
        name={name}
        label={label}
        value={value(name)}
        options={options}
        error={error(name)}
        onChange={onChange}
      />
    ),
    hour: (name: Name, label: string) => (
      <WallTimeField
        key={name}
        name={name}
        label={label}
        value={value(name)}
        onChange={set(name)}
        error={errors[name]}
      />
    ),
  };
}

/** The hour that something is wanted at, by the shop’s clock. */
export function ReadyField(props: {
  value: string;
  error: string | undefined;
  onChange: (value: string) => void;
  label?: string;
}) {
  const { label = tr`Ready at`, ...rest } = props;
  return (
    <Box sx={{ gridColumn: { md: 'span 2' }, display: 'grid' }}>
      <WallTimeField label={label} name="readyAt" {...rest} />
    </Box>
  );
}

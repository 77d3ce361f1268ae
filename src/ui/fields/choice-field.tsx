'use client';

import TextField from '@mui/material/TextField';

/** One of a few. */
export function ChoiceField(props: {
  name?: string;
  label: string;
  /** Its name for ears, where the table around it is its label. */
  says?: string;
  value: string;
  options: readonly { readonly id: string; readonly name: string }[];
  error?: string | boolean | undefined;
  onChange: (value: string) => void;
}) {
  const { name, label, says, value, options, error, onChange } = props;
  return (
    <TextField
      select
      {...(name === undefined ? {} : { name })}
      label={label}
      value={value}
      error={error !== undefined && error !== false}
      helperText={typeof error === 'string' ? error : undefined}
      slotProps={{
        select: { native: true },
        ...(says === undefined ? {} : { htmlInput: { 'aria-label': says } }),
      }}
      onChange={(event) => onChange(event.target.value)}
    >
      {options.map((one) => (
        <option key={one.id} value={one.id}>
          {one.name}
        </option>
      ))}
    </TextField>
  );
}

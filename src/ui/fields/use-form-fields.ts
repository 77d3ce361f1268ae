'use client';

import { useState } from 'react';
import {
  useForm,
  useWatch,
  type DefaultValues,
  type FieldValues,
  type Path,
  type PathValue,
} from 'react-hook-form';
import type { Refused } from '@/shop/outcome';
import { formFields } from './form-fields';

/**
 * A form: its values as they are typed, whether anything was changed since it opened, and its fields by name, each marked
 * where it was refused.
 * @param first the values it opens with
 * @param wrong sentences by field, as a command answers them
 * @param told whether a sentence stands below its field; else the form tells it itself
 */
export function useFormFields<Fields extends FieldValues>(
  first: Fields | (() => Fields),
  wrong: Refused,
  told = true,
) {
  const [opened] = useState(first);
  const { control, setValue, reset, formState } = useForm<Fields>({
    defaultValues: opened as DefaultValues<Fields>,
  });
  const values = useWatch({ control }) as Fields;
  const change = (changed: Partial<Fields>) => {
    for (const [name, value] of Object.entries(changed)) {
      const field = name as Path<Fields>;
      setValue(field, value as PathValue<Fields, Path<Fields>>, { shouldDirty: true });
    }
  };
  const errors = byName(wrong);
  return {
    values,
    change,
    /** Opens it anew with these values. */
    reset: (next: Fields) => reset(next),
    dirty: formState.isDirty,
    errors,
    ...formFields(values, errors, change, told),
  };
}

/** A form of these fields. */
export type FormOf<Fields extends FieldValues> = ReturnType<typeof useFormFields<Fields>>;

/** Sentences by the names that fields have in a form: "start.fedAt" is its "fedAt", "daily.0.tempC" is in its "daily". */
function byName(wrong: Refused): Refused {
  return Object.fromEntries(
    Object.entries(wrong).map(([field, sentence]) => {
      const parts = field.split('.');
      const index = parts.findIndex((part) => /^\d+$/.test(part));
      return [(index > 0 ? parts[index - 1] : parts.at(-1)) ?? '', sentence];
    }),
  );
}

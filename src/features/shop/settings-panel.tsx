'use client';

import { tr, trOf } from '@/words/tr';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Outcome } from '@/shop/outcome';
import type { Shop } from '@/server/shop/shop';
import { changedOnly } from '@/ui/changed';
import { FormFrame } from '@/ui/fields/form-frame';
import { useFormFields } from '@/ui/fields/use-form-fields';
import { useSend } from '@/ui/hands/use-send';
import {
  CHOICES,
  type Texts,
  LABELS,
  FIGURES,
  textsOf,
  formOf,
  LONGEST,
  isChoice,
  typedBy,
} from './settings-texts';

/** The shop’s own settings. */
export function SettingsPanel(props: {
  shop: Shop;
  change: (form: unknown) => Promise<Outcome<{ before: Shop | null }>>;
}) {
  const { shop, change } = props;
  const [opened, setOpened] = useState(() => textsOf(shop));
  const { send, busy, wrong } = useSend();
  const { values, reset, text, figure, choice } = useFormFields(opened, typedBy(wrong));
  const open = (texts: Texts) => {
    setOpened(texts);
    reset(texts);
  };
  const save = () => {
    const { changed, before } = changedOnly(opened, values);
    send(() => change(formOf(changed)), {
      said: tr`Saved.`,
      undo: () => () => {
        open(opened);
        return change(formOf(before));
      },
      then: () => {
        open(values);
        // Everything on the page is said anew, what it has worked out before too.
        if (changed.language !== undefined) window.location.reload();
      },
    });
  };
  const field = (name: keyof Texts) => {
    if (isChoice(name)) {
      const options = CHOICES[name].map(([id, label]) => ({ id, name: trOf(label) }));
      return choice(name, LABELS[name], options);
    }
    const kind = FIGURES[name];
    return kind === undefined
      ? text(name, LABELS[name], { longest: LONGEST })
      : figure(name, LABELS[name], kind);
  };
  return (
    <FormFrame
      label={tr`Shop settings`}
      onSave={save}
      sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 2 }}
    >
      {(Object.keys(LABELS) as (keyof Texts)[]).map(field)}
      <Button
        type="submit"
        variant="contained"
        size="large"
        disabled={busy}
        sx={{ justifySelf: 'start' }}
      >
        {tr`Save`}
      </Button>
    </FormFrame>
  );
}

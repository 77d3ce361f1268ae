'use client';

import { tr } from '@/words/tr';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { TrialThing } from '@/shop/trials/trial-form';
import { FigureField } from '@/ui/fields/figure-field';

export const NAMES: Readonly<Record<TrialThing, string>> = {
  get place() {
    return tr`another place`;
  },
  get flour() {
    return tr`another flour`;
  },
  get yeast() {
    return tr`more or less yeast`;
  },
  get water() {
    return tr`more or less water`;
  },
  get start() {
    return tr`warmer or colder mixed`;
  },
};

/** What is different: another place or flour of those there are, or a figure. */
export function ThingField(props: {
  thing: TrialThing;
  others: readonly { readonly id: string; readonly name: string }[];
  chosen: string;
  onChoose: (id: string) => void;
  figure: string;
  onFigure: (typed: string) => void;
}) {
  const { thing, others, chosen, onChoose, figure, onFigure } = props;
  if (thing === 'place' || thing === 'flour') {
    return (
      <TextField
        select
        label={thing === 'place' ? tr`Place` : tr`Flour`}
        value={chosen}
        onChange={(event) => onChoose(event.target.value)}
      >
        {others.map(({ id, name }) => (
          <MenuItem key={id} value={id}>
            {name}
          </MenuItem>
        ))}
      </TextField>
    );
  }
  return (
    <FigureField
      key={thing}
      label={LABELS[thing]}
      {...(thing === 'start' ? { of: 'temperature' as const } : {})}
      name="trial-figure"
      value={figure}
      onChange={onFigure}
    />
  );
}

const LABELS: Readonly<Record<Exclude<TrialThing, 'place' | 'flour'>, string>> = {
  get yeast() {
    return tr`Yeast, % of the first`;
  },
  get water() {
    return tr`Water, points more`;
  },
  get start() {
    return tr`Just mixed`;
  },
};

/** The figure under the name that the server knows it by. */
export function figureOf(thing: TrialThing, text: string) {
  if (thing === 'yeast') return { yeastPct: text };
  if (thing === 'water') return { waterPoints: text };
  return thing === 'start' ? { startC: text } : {};
}

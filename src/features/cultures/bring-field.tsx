'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { BringingFacts } from '@/server/cultures/bringing-facts';
import type { QuantityKind } from '@/core/units';
import type { FormOf } from '@/ui/fields/use-form-fields';
import { tempText } from '@/ui/format';
import type { BroughtFields } from './brought';

export type FieldName = keyof BroughtFields;

const LABELS: Readonly<Record<FieldName, string>> = {
  get name() {
    return tr`Name`;
  },
  get massG() {
    return tr`Weighs`;
  },
  get count() {
    return tr`Balls`;
  },
  get ballG() {
    return tr`Each`;
  },
  get flatMm() {
    return tr`Flat, thick (empty: a lump)`;
  },
  get fedAt() {
    return tr`Last fed`;
  },
  get mixedAt() {
    return tr`Mixed`;
  },
  get placeId() {
    return tr`Kept in`;
  },
  get cultureId() {
    return tr`Chain`;
  },
  get flourId() {
    return tr`Flour`;
  },
  get waterPct() {
    return tr`Water, % of flour`;
  },
  get saltPct() {
    return tr`Salt, % of flour`;
  },
  get freshPct() {
    return tr`Fresh yeast, % of flour`;
  },
  get roomH() {
    return tr`In the room first, h`;
  },
  get roomId() {
    return tr`That room`;
  },
  get ratio() {
    return tr`Flour per 1 of starter then`;
  },
  get rise() {
    return tr`Risen to now, ×`;
  },
};

/** One field of the form, as what it is. */
export function Field(props: {
  name: FieldName;
  form: FormOf<BroughtFields>;
  facts: BringingFacts;
}): ReactNode {
  const { name, form, facts } = props;
  const { flours, chains, places, units } = facts;
  const label = LABELS[name];
  const placeChoice = places.map(({ id, name: place, tempC }) => ({
    id,
    name: `${place} ${tempText(tempC, units, 0)}`,
  }));
  switch (name) {
    case 'name':
      return form.text(name, label);
    case 'flourId':
      return form.choice(name, label, flours);
    case 'placeId':
    case 'roomId':
      return form.choice(name, label, placeChoice);
    case 'cultureId':
      // A first chain has no other to choose from.
      return chains.length === 0
        ? null
        : form.choice(name, label, [...chains, { id: '', name: tr`a new one` }]);
    case 'fedAt':
    case 'mixedAt':
      // On a phone an hour with its day wants the whole row.
      return (
        <Box sx={{ gridColumn: { xs: '1 / -1', md: 'auto' }, display: 'grid' }}>
          {form.hour(name, label)}
        </Box>
      );
    default:
      return form.figure(name, label, UNITS[name]);
  }
}

/** What is typed in the shop’s units. */
const UNITS: Partial<Record<FieldName, QuantityKind>> = {
  massG: 'mass',
  ballG: 'mass',
  flatMm: 'thickness',
};

'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { CardLine, WeighItem } from '@/core/mixing';
import { FigureField } from '@/ui/fields/figure-field';
import type { useCard } from './use-card';

/** Grams typed, where there is no scale; of water its temperature too. */
export function Typed(props: {
  line: CardLine & { item: WeighItem };
  wantedG: number;
  write: ReturnType<typeof useCard>['write'];
}) {
  const { line, wantedG, write } = props;
  const { item } = line;
  const [massG, setMassG] = useState('');
  const [tempC, setTempC] = useState('');
  const isWater = 'ingredientId' in item.of && item.of.ingredientId === 'water' && !item.ice;
  const number = (text: string) => Number(text.replace(',', '.'));
  const take = () =>
    write({
      kind: 'weigh',
      itemId: item.id,
      massG: massG === '' ? Math.round(wantedG * 100) / 100 : number(massG),
      by: 'typed',
      ...(tempC === '' ? {} : { tempC: number(tempC) }),
    });
  return (
    <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'end' }}>
      <FigureField
        label={tr`Weighed elsewhere`}
        of="mass"
        name="typedG"
        value={massG}
        onChange={setMassG}
      />
      {isWater ? (
        <FigureField
          label={tr`Water`}
          of="temperature"
          name="waterC"
          value={tempC}
          onChange={setTempC}
        />
      ) : null}
      <Button
        size="small"
        disabled={massG === '' && tempC === ''}
        onClick={take}
        sx={{ whiteSpace: 'nowrap' }}
      >
        {tr`Take it`}
      </Button>
    </Box>
  );
}

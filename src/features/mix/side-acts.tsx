'use client';

import { tr } from '@/words/tr';
import type { MixView } from '@/shop/mix/view';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';

import { massText, tempText } from '@/ui/format';
import { FigureField } from '@/ui/fields/figure-field';
import { useShopUnits } from '@/ui/fields/shop-units';
import { ChoiceField } from '@/ui/fields/choice-field';
import type { useCard } from './use-card';

type CardWork = ReturnType<typeof useCard>;
const number = (text: string) => Number(text.replace(',', '.'));

/** Water or flour by feel, beyond the card: it becomes part of the true formula. */
export function ByFeel({ view, working }: { view: MixView; working: CardWork }) {
  const flours = view.items.flatMap((item) =>
    item.kind === 'weigh' && 'ingredientId' in item.of && item.says === tr`in parts, slow`
      ? [{ id: item.of.ingredientId, name: item.name }]
      : [],
  );
  const [what, setWhat] = useState('water');
  const [massG, setMassG] = useState('');
  const felt = working.card.felt.reduce((sum, one) => sum + one.massG, 0);
  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'end' }}>
        <ChoiceField
          name="felt"
          label={tr`Added by feel`}
          value={what}
          options={[{ id: 'water', name: tr`water` }, ...flours]}
          onChange={setWhat}
        />
        <FigureField label="" of="mass" name="feltG" value={massG} onChange={setMassG} />
        <Button
          size="small"
          disabled={massG.trim() === ''}
          onClick={() => {
            working.write({ kind: 'felt', ingredientId: what, massG: number(massG) });
            setMassG('');
          }}
        >
          {tr`Add`}
        </Button>
      </Box>
      {felt > 0 ? (
        <Typography variant="body2">{tr`${massText(felt, view.units)} by feel so far.`}</Typography>
      ) : null}
    </Box>
  );
}

/** A look at the dough between two steps: how warm, how far it can be drawn. */
export function DoughLook({ working }: { working: CardWork }) {
  const [tempC, setTempC] = useState('');
  const [windowpane, setWindowpane] = useState('');
  const units = useShopUnits();
  const last = working.card.looks.at(-1);
  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'end' }}>
        <FigureField
          label={tr`Dough now`}
          of="temperature"
          name="lookC"
          value={tempC}
          onChange={setTempC}
        />
        <ChoiceField
          name="windowpane"
          label={tr`Windowpane`}
          value={windowpane}
          options={[
            { id: '', name: tr`not tried` },
            { id: 'tears', name: tr`tears` },
            { id: 'holds', name: tr`holds` },
            { id: 'clear', name: tr`clear` },
          ]}
          onChange={setWindowpane}
        />
        <Button
          size="small"
          disabled={tempC.trim() === '' && windowpane === ''}
          onClick={() => {
            working.write({
              kind: 'look',
              ...(tempC.trim() === '' ? {} : { tempC: number(tempC) }),
              ...(windowpane === '' ? {} : { windowpane: windowpane as 'tears' }),
            });
            setTempC('');
            setWindowpane('');
          }}
        >
          {tr`Note it`}
        </Button>
      </Box>
      {last === undefined ? null : (
        <Typography variant="body2" data-testid="last-look">
          {tr`Last look: ${last.tempC === undefined ? '' : `${tempText(last.tempC, units)} `}${last.windowpane === undefined ? '' : tr`windowpane ${last.windowpane}`}`}
        </Typography>
      )}
    </Box>
  );
}

/** Takes back the last thing on the card. */
export function UndoLast({ working }: { working: CardWork }) {
  const { lastMarkId } = working.card;
  return (
    <Button
      size="small"
      variant="text"
      sx={{ justifySelf: 'start' }}
      disabled={lastMarkId === null}
      onClick={() => lastMarkId !== null && working.write({ kind: 'undo', markId: lastMarkId })}
    >
      {tr`Take the last one back`}
    </Button>
  );
}

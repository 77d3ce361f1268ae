'use client';

import type { MixView } from '@/shop/mix/view';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';

import { decimals } from '@/ui/format';
import { ChoiceField } from '@/ui/panel-parts';
import type { useCard } from './use-card';

type CardWork = ReturnType<typeof useCard>;
const number = (text: string) => Number(text.replace(',', '.'));

/** Water or flour by feel, beyond the card: it becomes part of the true formula. */
export function ByFeel({ view, working }: { view: MixView; working: CardWork }) {
  const flours = view.items.flatMap((item) =>
    item.kind === 'weigh' && 'ingredientId' in item.of && item.says === 'in parts, slow'
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
          label="Added by feel"
          value={what}
          options={[{ id: 'water', name: 'water' }, ...flours]}
          onChange={setWhat}
        />
        <TextField
          label="g"
          name="feltG"
          value={massG}
          onChange={(event) => setMassG(event.target.value)}
          slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 7 } }}
        />
        <Button
          size="small"
          disabled={massG.trim() === ''}
          onClick={() => {
            working.write({ kind: 'felt', ingredientId: what, massG: number(massG) });
            setMassG('');
          }}
        >
          Add
        </Button>
      </Box>
      {felt > 0 ? (
        <Typography variant="body2">{decimals(felt, 1)} g by feel so far.</Typography>
      ) : null}
    </Box>
  );
}

/** A look at the dough between two steps: how warm, how far it can be drawn. */
export function DoughLook({ working }: { working: CardWork }) {
  const [tempC, setTempC] = useState('');
  const [windowpane, setWindowpane] = useState('');
  const last = working.card.looks.at(-1);
  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'end' }}>
        <TextField
          label="Dough now, °C"
          name="lookC"
          value={tempC}
          onChange={(event) => setTempC(event.target.value)}
          slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 5 } }}
        />
        <ChoiceField
          name="windowpane"
          label="Windowpane"
          value={windowpane}
          options={[
            { id: '', name: 'not tried' },
            { id: 'tears', name: 'tears' },
            { id: 'holds', name: 'holds' },
            { id: 'clear', name: 'clear' },
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
          Note it
        </Button>
      </Box>
      {last === undefined ? null : (
        <Typography variant="body2" data-testid="last-look">
          Last look: {last.tempC === undefined ? '' : `${decimals(last.tempC, 1)}° `}
          {last.windowpane === undefined ? '' : `windowpane ${last.windowpane}`}
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
      Take the last one back
    </Button>
  );
}

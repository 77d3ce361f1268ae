'use client';

import { tr } from '@/words/tr';
import type { DoughFacts } from '@/shop/doughs/facts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Method } from '@/core/methods';
import { CautionLine } from '@/ui/cautions/caution-line';
import { ChoiceField } from '@/ui/fields/choice-field';
import { NumberBox } from '@/ui/fields/number-box';
import type { Pantry, Ingredient } from '@/core/composition';

export function Added({ method, facts, set }: { method: Method; facts: DoughFacts; set: Set }) {
  const { added } = method.dough;
  const { pantry } = facts;
  const can = [...pantry.values()].filter((one) => ['sugar', 'liquid', 'extra'].includes(one.kind));
  const free = can.filter((one) => !added.some((line) => line.ingredientId === one.id));
  return (
    <Box component="section" aria-label={tr`What else goes in`}>
      <Typography variant="h3">{tr`What else goes in`}</Typography>
      {added.map((line) => (
        <AddedLine key={line.ingredientId} line={line} pantry={pantry} onSet={set} added={added} />
      ))}
      {added.some((one) => one.ingredientId === 'honey') ? <CautionLine at="honey" /> : null}
      <AddMore free={free} onSet={set} method={method} />
    </Box>
  );
}

function AddedLine(props: {
  line: { ingredientId: string; share: number };
  pantry: Pantry;
  onSet: Set;
  added: { ingredientId: string; share: number }[];
}) {
  const { line, pantry, onSet, added } = props;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr auto', gap: 1, alignItems: 'end' }}>
      <NumberBox
        name={`added-${line.ingredientId}`}
        label={tr`${pantry.get(line.ingredientId)?.name ?? line.ingredientId}, % of the flour`}
        value={line.share * 100}
        onValue={(value) =>
          onSet({
            added: added.map((one) => (one === line ? { ...one, share: value / 100 } : one)),
          })
        }
      />
      <Button
        size="small"
        variant="text"
        onClick={() => onSet({ added: added.filter((one) => one !== line) })}
      >
        {tr`Without`}
      </Button>
    </Box>
  );
}

/** What else can be added. */
function AddMore({ free, onSet, method }: { free: Ingredient[]; onSet: Set; method: Method }) {
  const { added } = method.dough;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1, mt: 0.5 }}>
      <ChoiceField
        name="addThing"
        label={tr`Add`}
        value=""
        options={[{ id: '', name: '…' }, ...free.map(({ id, name }) => ({ id, name }))]}
        onChange={(id) =>
          id === '' ? null : onSet({ added: [...added, { ingredientId: id, share: 0.02 }] })
        }
      />
      <NumberBox
        name="yeastFinal"
        label={tr`Yeast at the mix, % as fresh`}
        value={method.dough.yeast.freshShare * 100}
        onValue={(value) => onSet({ yeast: { ...method.dough.yeast, freshShare: value / 100 } })}
      />
      <NumberBox
        name="oilPct"
        label={tr`Oil, %`}
        value={method.dough.oilShare * 100}
        onValue={(value) => onSet({ oilShare: value / 100 })}
      />
    </Box>
  );
}

export type Set = (changed: Partial<Method['dough']>) => void;

'use client';

import { tr, trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import type { DiscardDough } from '@/core/cultures';
import type { DiscardFacts } from '@/server/cultures/discard-facts';
import { massText } from '@/ui/format';
import { waterText } from '@/ui/water-text';
import type { DiscardFields } from './discard-fields';
import { WeightLine } from '@/ui/panels/panel-parts';

export const figureOf = ({ dose }: DiscardDough, { units }: DiscardFacts) =>
  dose === null ? tr`No yeast` : tr`${massText(dose.weighedG, units)} yeast`;

export function Weigh(props: { dough: DiscardDough; facts: DiscardFacts; fields: DiscardFields }) {
  const { dough, facts, fields } = props;
  const flour = facts.flours.find((one) => one.id === fields.flourId)?.name ?? fields.flourId;
  const stock = dough.dose?.stock ?? null;
  return (
    <Box
      component="section"
      aria-label={tr`Weigh`}
      sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', lg: '1fr 1fr' }, columnGap: 2 }}
    >
      {dough.taken.map((line) => (
        <WeightLine key={line.lotId} name={tr`Discard`} massG={line.massG}>
          {line.lotId}
        </WeightLine>
      ))}
      <WeightLine name={flour} massG={dough.flourG} />
      <WeightLine name={tr`Water`} massG={dough.waterG}>
        {dough.water === null ? '' : waterText(dough.water, facts.units)}
      </WeightLine>
      <WeightLine name={tr`Salt`} massG={dough.saltG} />
      {dough.oilG > 0 ? <WeightLine name={tr`Oil`} massG={dough.oilG} /> : null}
      {dough.dose === null ? null : (
        <WeightLine
          name={tr`Yeast, ${trOf(facts.yeastType)}`}
          massG={stock?.takeG ?? dough.dose.weighedG}
        >
          {stock === null
            ? ''
            : tr`of a stock: ${massText(stock.yeastG, facts.units)} yeast in ${massText(stock.waterG, facts.units)} water`}
        </WeightLine>
      )}
    </Box>
  );
}

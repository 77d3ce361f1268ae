import { tr } from '@/words/tr';
import type { DoughFacts } from '@/shop/doughs/facts';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { batchesFor, boxesFor, mlPerFlour, tubsFor, type DoughColumns } from '@/core/formula';
import type { Method } from '@/core/methods';

import { massText } from '@/ui/format';
import { rem } from '@/ui/rem';

/** Batches for the mixer, boxes for the balls, tubs for the rise; what does not fit is said. */
export function BatchesPanel(props: {
  columns: DoughColumns;
  method: Method;
  balls: number;
  facts: DoughFacts;
}) {
  const { columns, method, balls, facts } = props;
  const [mixer] = [...facts.mixers].sort((a, b) => b.mostKg - a.mostKg);
  const byHand = method.mix.by === 'hand';
  const answer = batchesFor(
    columns.wholeG,
    method.dough.hydration,
    byHand ? null : (mixer ?? null),
  );
  const boxes = boxesFor(balls, facts.boxes);
  const volumeMl = columns.flourG * mlPerFlour(method.dough);
  const tubs = tubsFor(volumeMl, BULK_RISE, facts.tubs);
  return (
    <Box sx={{ minWidth: 0 }}>
      <Typography variant="h2">{tr`Batches`}</Typography>
      {answer.kind === 'batches' ? (
        <>
          <Typography sx={{ fontSize: rem(26), fontWeight: 700, lineHeight: 1.15 }}>
            {answer.batches.count} × {massText(answer.batches.eachG, facts.units)}
          </Typography>
          <Typography variant="body2">
            {mixer?.name}
            {tr` ${Math.round(answer.batches.fill * 100)} % full; it takes ${massText(answer.batches.mixerTakesG, facts.units)} of this dough`}
          </Typography>
        </>
      ) : (
        <Typography>
          {answer.kind === 'too little'
            ? tr`Too little for ${mixer?.name}: it wants ${massText(answer.leastG, facts.units)}. Mix it by hand.`
            : byHand
              ? tr`By hand, in one go.`
              : tr`No mixer in the shop.`}
        </Typography>
      )}
      <Typography variant="body2">
        {boxes === null
          ? tr`no boxes in the shop`
          : boxes.without > 0
            ? tr`${boxes.needed} of ${boxes.there} ${boxes.boxName}: ${boxes.without} balls find no box`
            : tr`${boxes.needed} of ${boxes.there} ${boxes.boxName}`}
        {tubs === null
          ? ''
          : tubs.fill > 1
            ? tr`; ${tubs.needed} × ${tubs.tubName} wanted, ${tubs.there} there: it overflows`
            : tr`; ${tubs.needed} × ${tubs.tubName} for the bulk`}
      </Typography>
    </Box>
  );
}

/** A bulk rises to half as much again. Source: the default target of the ripeness table. */
const BULK_RISE = 1.5;

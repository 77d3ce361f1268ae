'use client';

import Typography from '@mui/material/Typography';
import { cautionsAt, codesFirst, type CautionAt } from '@/core/cautions';
import { useInUnits } from '@/ui/fields/in-units';

/** The usual cautions where they matter, in small, with whose rules come first, once. */
export function CautionLine({ at }: { at: CautionAt | readonly CautionAt[] }) {
  const inUnits = useInUnits();
  return (
    <Typography variant="body2" component="p">
      {[at]
        .flat()
        .flatMap(cautionsAt)
        .map((caution) => (
          <span key={caution.id} data-caution={caution.id}>
            {inUnits(caution.sentence)}{' '}
          </span>
        ))}
      {codesFirst()}
    </Typography>
  );
}

'use client';

import { tr } from '@/words/tr';
import type { MixView } from '@/shop/mix/view';
import Box from '@mui/material/Box';
import type { MixCard } from '@/core/mixing';
import type { useCard } from './use-card';
import { Row } from './card-row';

/** The lines in the order of the hands: done ones small, the one at hand inverted, later ones open. */
export function CardRows(props: {
  view: MixView;
  card: MixCard;
  nowMs: number;
  currentId: string | null;
  onTick: () => void;
  onChoose: (itemId: string) => void;
  write: ReturnType<typeof useCard>['write'];
}) {
  const { view, card, nowMs, currentId, onTick, onChoose, write } = props;
  return (
    <Box component="ol" aria-label={tr`Lines of the mix`} sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {card.lines.map((line, index) => (
        <Row
          key={line.item.id}
          line={line}
          number={index + 1}
          current={line.item.id === currentId}
          nowMs={nowMs}
          flourG={view.sums.flourG / view.batches}
          onTick={onTick}
          onChoose={() => onChoose(line.item.id)}
          onTopUp={() =>
            write({ kind: 'weigh', itemId: line.item.id, massG: line.topUpG, by: 'ticked' })
          }
        />
      ))}
    </Box>
  );
}

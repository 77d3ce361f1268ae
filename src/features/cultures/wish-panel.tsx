'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { PanelHead, PanelRefusal } from '@/ui/panels/panel-parts';
import { useWidth } from '@/ui/use-width';

/** The narrowest that a picture of a wish is drawn, px. */
const LEAST_PX = 320;

/** A wish of the cultures: what is wanted, what is wrong with it, what was found for it, and what goes with it. */
export function WishPanel<A>(props: {
  wish: { readonly wrong: string | null; readonly answer: A | null };
  head?: { readonly title: string; readonly says: string };
  /** The fields of the wish; null where there is nothing to wish for. */
  wants: ReactNode;
  /** What stands there while it is found; null where nothing is sought. */
  waits: string | null;
  found: (answer: A, width: number) => ReactNode;
  children?: ReactNode;
}) {
  const { wish, head, wants, waits, found, children } = props;
  const { ref, width } = useWidth(900);
  return (
    <Box ref={ref} sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)' }}>
      {head === undefined ? null : <PanelHead title={head.title}>{head.says}</PanelHead>}
      {wants}
      <PanelRefusal sentence={wish.wrong} />
      {wish.answer !== null ? (
        found(wish.answer, Math.max(LEAST_PX, width))
      ) : waits === null ? null : (
        <Typography color="text.secondary" sx={{ p: 2 }}>
          {wish.wrong === null ? waits : tr`Correct the marked fields; nothing was lost.`}
        </Typography>
      )}
      {children}
    </Box>
  );
}

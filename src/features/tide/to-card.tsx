'use client';

import { tr } from '@/words/tr';
import Button from '@mui/material/Button';
import Link from 'next/link';
import type { Moment } from '@/server/tide';

/** A dough has a card of its own, line by line. */
export function ToCard({ moment }: { moment: Moment }) {
  if (moment.glyph !== 'mix' || moment.water === null) return null;
  return (
    <Button
      component={Link}
      href={`/mix/${encodeURIComponent(moment.ref)}`}
      size="small"
      variant="text"
      color="inherit"
      sx={{ textDecoration: 'underline', whiteSpace: 'nowrap', px: 1 }}
    >
      {tr`Card`}
    </Button>
  );
}

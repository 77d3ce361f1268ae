'use client';

import { tr } from '@/words/tr';
import Button from '@mui/material/Button';

/** Prints the page as it stands; says what it is. */
export function PrintButton({ what }: { what: string }) {
  return (
    <Button
      className="no-print"
      onClick={() => window.print()}
      sx={{ position: 'absolute', right: 16, top: 12 }}
    >
      {tr`Print ${what}`}
    </Button>
  );
}

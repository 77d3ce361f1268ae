'use client';

import Button from '@mui/material/Button';

/** Prints the page as it stands. */
export function PrintButton() {
  return (
    <Button
      className="no-print"
      onClick={() => window.print()}
      sx={{ position: 'absolute', right: 16, top: 12 }}
    >
      Print the day
    </Button>
  );
}

'use client';

import Button from '@mui/material/Button';

/** Prints the page as it stands. */
export function PrintButton() {
  return (
    <Button className="no-print" onClick={() => window.print()} sx={{ float: 'right' }}>
      Print the day
    </Button>
  );
}

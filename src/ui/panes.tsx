import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/**
 * Panes beside each other that fill a view; one below the other where it is narrow.
 * @param columns their widths, as a grid takes them
 * @param background what shows where no pane stands
 */
export function Panes(props: { columns: string; background?: string; children: ReactNode }) {
  const { columns, background, children } = props;
  return (
    <Box
      sx={{
        flex: 1,
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: columns },
        background,
      }}
    >
      {children}
    </Box>
  );
}

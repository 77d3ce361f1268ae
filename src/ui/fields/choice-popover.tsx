import Popover from '@mui/material/Popover';
import type { ReactNode } from 'react';

/** What a field opens to be chosen from, under its calendar. */
export function ChoicePopover(props: {
  label: string;
  anchor: HTMLElement;
  width?: number;
  onClose: () => void;
  children: ReactNode;
}) {
  const { label, anchor, width, onClose, children } = props;
  return (
    <Popover
      open
      anchorEl={anchor}
      onClose={onClose}
      anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
      slotProps={{
        paper: {
          role: 'dialog',
          'aria-label': label,
          sx: {
            border: '2px solid var(--ink)',
            ...(width === undefined ? {} : { p: 1.5, width, maxWidth: '96vw' }),
          },
        },
      }}
    >
      {children}
    </Popover>
  );
}

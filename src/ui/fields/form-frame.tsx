'use client';

import Alert from '@mui/material/Alert';
import Box, { type BoxProps } from '@mui/material/Box';
import type { ReactNode } from 'react';

/** A form with its name for ears: Enter and its button save it; nothing of it is checked by the browser. */
export function FormFrame(props: {
  label: string;
  onSave: () => void;
  sx?: NonNullable<BoxProps['sx']>;
  className?: string;
  children: ReactNode;
}) {
  const { label, onSave, children, ...rest } = props;
  return (
    <Box
      component="form"
      noValidate
      aria-label={label}
      onSubmit={(event) => {
        event.preventDefault();
        onSave();
      }}
      {...rest}
    >
      {children}
    </Box>
  );
}

/** What was refused of the whole form, across its fields; nothing where nothing was. */
export function FormRefusal({ sentence }: { sentence: string | null | undefined }) {
  return sentence == null ? null : (
    <Alert severity="warning" sx={{ gridColumn: '1 / -1', flexBasis: '100%' }}>
      {sentence}
    </Alert>
  );
}

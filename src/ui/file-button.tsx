'use client';

import Button, { type ButtonProps } from '@mui/material/Button';
import { useRef } from 'react';

/** A button that lets a file be chosen: the field itself is not on the page’s way of keys. */
export function FileButton(props: {
  accept: string;
  multiple?: boolean;
  /** Asks a phone for its camera first. */
  camera?: boolean;
  testId: string;
  onFiles: (files: readonly File[]) => void;
  disabled?: boolean;
  startIcon?: ButtonProps['startIcon'];
  children: string;
}) {
  const { accept, multiple = false, camera = false, testId, onFiles, children, ...button } = props;
  const field = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button {...button} onClick={() => field.current?.click()}>
        {children}
      </Button>
      <input
        ref={field}
        type="file"
        hidden
        accept={accept}
        multiple={multiple}
        {...(camera ? { capture: 'environment' as const } : {})}
        data-testid={testId}
        onChange={(event) => {
          onFiles([...(event.target.files ?? [])]);
          event.target.value = '';
        }}
      />
    </>
  );
}

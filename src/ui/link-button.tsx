'use client';

import ArrowBack from '@mui/icons-material/ArrowBack';
import Button, { type ButtonProps } from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Link from 'next/link';

/** A button that goes to another view; also for pages rendered on the server. */
export function LinkButton(props: ButtonProps & { href: string }) {
  return <Button component={Link} {...props} />;
}

/** The way back to the Tide. */
export function BackButton() {
  return (
    <IconButton
      component={Link}
      href="/"
      aria-label="Back to the Tide"
      sx={{ width: 56, height: 56, border: '2px solid var(--line)', background: 'var(--paper)' }}
    >
      <ArrowBack />
    </IconButton>
  );
}

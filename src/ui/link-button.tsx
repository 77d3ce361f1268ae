'use client';

import { tr } from '@/words/tr';
import ArrowBack from '@mui/icons-material/ArrowBack';
import Button, { type ButtonProps } from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { LinkOnItsWay } from './on-its-way';

/** A button that goes to another view; also for pages rendered on the server. */
export function LinkButton({ children, ...props }: ButtonProps & { href: string }) {
  return (
    <Button component={Link} {...props}>
      {children}
      <LinkOnItsWay />
    </Button>
  );
}

/** The entries of this page's way through Olvik; not every browser keeps them. */
interface Way {
  readonly canGoBack?: boolean;
}

/** The way back to where one came from in Olvik; the Tide where one came from nowhere. */
export function BackButton() {
  const router = useRouter();
  return (
    <IconButton
      component={Link}
      href="/"
      aria-label={tr`Back`}
      onClick={(event) => {
        if ((window as { navigation?: Way }).navigation?.canGoBack !== true) return;
        event.preventDefault();
        router.back();
      }}
      sx={{ width: 56, height: 56, border: '2px solid var(--line)', background: 'var(--paper)' }}
    >
      <ArrowBack />
    </IconButton>
  );
}

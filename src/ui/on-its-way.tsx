'use client';

import { tr } from '@/words/tr';
import LinearProgress from '@mui/material/LinearProgress';
import { useLinkStatus } from 'next/link';

/** So long a view may take before it is said that it is on its way, ms: most are there before. */
const SAID_AFTER_MS = 150;

/** A line over the page while a view is on its way. */
export function OnItsWay() {
  return (
    <LinearProgress
      aria-label={tr`Loading`}
      sx={{
        position: 'fixed',
        top: 0,
        left: 0,
        right: 0,
        zIndex: 1400,
        opacity: 0,
        animation: `olvik-shown 0s ${SAID_AFTER_MS}ms forwards`,
        '@keyframes olvik-shown': { to: { opacity: 1 } },
      }}
    />
  );
}

/** The same for the link around it, from its tap on. */
export function LinkOnItsWay() {
  return useLinkStatus().pending ? <OnItsWay /> : null;
}

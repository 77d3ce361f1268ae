'use client';

import IconButton from '@mui/material/IconButton';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { useAppearance } from './appearance';

// The list comes when it is first asked for: no view waits for it.
const ViewsList = dynamic(() => import('./views-list').then((one) => one.ViewsList), {
  ssr: false,
});

/** The views by name, and how they look. */
export function ViewsMenu() {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const { appearance, choose } = useAppearance();
  const [asked, setAsked] = useState(false);
  return (
    <>
      <IconButton
        aria-label="Views"
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        onClick={(event) => {
          setAsked(true);
          setAnchor(event.currentTarget);
        }}
        sx={{
          width: 52,
          height: 52,
          border: '2px solid var(--line)',
          background: 'var(--paper)',
          flex: 'none',
        }}
      >
        <svg width="26" height="26" viewBox="0 0 26 26" fill="none" aria-hidden="true">
          <path
            d="M3 9c4-6 7 4 10 0s6-4 10 0M3 19h20"
            stroke="currentColor"
            strokeWidth="2.6"
            strokeLinecap="round"
          />
        </svg>
      </IconButton>
      {asked ? (
        <ViewsList
          anchor={anchor}
          onClose={() => setAnchor(null)}
          appearance={appearance}
          onAppearance={choose}
        />
      ) : null}
    </>
  );
}

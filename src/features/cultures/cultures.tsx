'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import type { CulturesView } from '@/services/cultures/view';
import { Textures } from '@/ui/marks/textures';
import type { CultureActions } from './culture-actions';
import { FeedPanel } from './feed-panel';
import { ChainLine, DiscardLine, FrozenLine } from './kept-rows';
import { PastRuler } from './past-ruler';
import { StarterLine } from './starter-row';

/** How often the view asks how the jars stand, ms. */
const ASK_EVERY_MS = 60_000;

/** How are they, what to feed tonight: the leavens with their past, and the feed of the opened one. */
export function Cultures({ view, actions }: { view: CulturesView; actions: CultureActions }) {
  const { refresh } = useRouter();
  useEffect(() => {
    const timer = setInterval(refresh, ASK_EVERY_MS);
    return () => clearInterval(timer);
  }, [refresh]);
  const { starters, chains, discards, frozen, facts, openedId } = view;
  const nothing = starters.length + chains.length + discards.length + frozen.length === 0;
  const opened = starters.find((row) => row.culture.id === openedId);
  return (
    <Box
      sx={{
        flex: 1,
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '332px minmax(0, 1fr)' },
      }}
    >
      <svg width={0} height={0} style={{ position: 'absolute' }} aria-hidden="true">
        <Textures />
      </svg>
      <Box
        component="nav"
        aria-label="Leavens"
        sx={{ background: 'var(--dry)', borderRight: { md: '3px solid var(--ink)' } }}
      >
        <PastRuler view={view} />
        {starters.map((row) => (
          <StarterLine key={row.culture.id} row={row} view={view} />
        ))}
        {chains.map((row) => (
          <ChainLine key={row.culture.id} row={row} view={view} />
        ))}
        {discards.map((row) => (
          <DiscardLine key={row.culture.id} row={row} view={view} />
        ))}
        {frozen.map((row) => (
          <FrozenLine key={row.lotId} row={row} view={view} />
        ))}
      </Box>
      <Box sx={{ background: 'var(--paper)', minWidth: 0 }}>
        {facts !== null ? (
          <FeedPanel facts={facts} actions={actions} />
        ) : (
          <Box sx={{ p: 3, display: 'grid', gap: 2, justifyItems: 'start' }}>
            <Typography variant="h2">{nothing ? 'Nothing alive yet' : 'Which one?'}</Typography>
            <Typography>{emptyText(nothing, opened !== undefined)}</Typography>
            {nothing ? (
              <Button component={Link} href="/bakes/new" variant="contained">
                Plan a first bake
              </Button>
            ) : null}
          </Box>
        )}
      </Box>
    </Box>
  );
}

function emptyText(nothing: boolean, opened: boolean): string {
  if (nothing) return 'A starter that is fed stands here with its last hours and its next feed.';
  if (opened) return 'Nothing is left in its jar. Its lots are in the Log.';
  return 'Open a starter on the left: its feed stands here, found for the hour you want it.';
}

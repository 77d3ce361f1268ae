'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import type { FeedSheet } from '@/core/cultures';
import type { CulturesView } from '@/server/cultures/view';
import { newBatch, useAct } from '@/ui/hands/use-act';
import { Textures } from '@/ui/marks/textures';
import { Panes } from '@/ui/panes';
import { AboutPanel } from './about-panel';
import { BringPanel } from './bring-panel';
import { ChainPanel } from './chain-panel';
import type { CultureActions } from './culture-actions';
import { DescribePanel } from './describe-panel';
import { DiscardPanel } from './discard-panel';
import { FeedPanel } from './feed-panel';
import { FrozenPanel } from './frozen-panel';
import { ChainLine, DiscardLine, FrozenLine } from './kept-rows';
import { NamesStrip } from './names-strip';
import { NothingOpened } from './nothing-opened';
import { PastRuler } from './past-ruler';
import { SeriesPanel } from './series-panel';
import { StarterLine } from './starter-row';
import { YoungPanel } from './young-panel';

/** How often the view asks how the jars stand, ms. */
const ASK_EVERY_MS = 60_000;

/** How are they, what to feed tonight: the leavens with their past, and the opened one beside them. */
export function Cultures(props: {
  view: CulturesView;
  /** The feed that an opened starter begins with. */
  feed: FeedSheet | null;
  actions: CultureActions;
}) {
  const { view, feed, actions } = props;
  const { refresh } = useRouter();
  useEffect(() => {
    const timer = setInterval(refresh, ASK_EVERY_MS);
    return () => clearInterval(timer);
  }, [refresh]);
  return (
    <Panes columns="332px minmax(0, 1fr)">
      <svg width={0} height={0} style={{ position: 'absolute' }} aria-hidden="true">
        <Textures />
      </svg>
      <NamesStrip view={view} />
      <Kept view={view} actions={actions} />
      <Box sx={{ background: 'var(--paper)', minWidth: 0, order: { xs: -1, md: 0 } }}>
        <Opened view={view} feed={feed} actions={actions} />
      </Box>
    </Panes>
  );
}

function Kept({ view, actions }: { view: CulturesView; actions: CultureActions }) {
  const { starters, chains, discards, frozen } = view;
  return (
    <Box
      component="nav"
      aria-label={tr`Leavens`}
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
      <Below view={view} actions={actions} />
    </Box>
  );
}

/** A new culture, and the retired ones. */
function Below({ view, actions }: { view: CulturesView; actions: CultureActions }) {
  const { run, busy } = useAct(actions);
  return (
    <Box sx={{ p: 1.25, display: 'grid', gap: 0.5, justifyItems: 'start' }}>
      <Button component={Link} href="/cultures/bring" variant="text" sx={{ minHeight: 44 }}>
        {tr`Bring in what is there`}
      </Button>
      <Button component={Link} href="/cultures/new" variant="text" sx={{ minHeight: 44 }}>
        {tr`A new culture`}
      </Button>
      {view.retired.map((culture) => (
        <Box key={culture.id} sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
          <Typography variant="body2" color="text.secondary">
            {tr`${culture.name}, retired`}
          </Typography>
          <Button
            size="small"
            variant="text"
            disabled={busy}
            onClick={() =>
              run(
                () =>
                  actions.retireCulture({
                    cultureId: culture.id,
                    batch: newBatch(),
                    retired: false,
                  }),
                () => tr`${culture.name} is back.`,
              )
            }
          >
            {tr`Bring back`}
            <span className="visually-hidden"> {culture.name}</span>
          </Button>
        </Box>
      ))}
    </Box>
  );
}

/** The panel of what is opened. */
function Opened(props: { view: CulturesView; feed: FeedSheet | null; actions: CultureActions }) {
  const { view, feed, actions } = props;
  const { panel } = view;
  switch (panel.kind) {
    case 'feed':
      return <FeedPanel facts={panel.facts} first={feed} actions={actions} />;
    case 'series':
      return <SeriesPanel facts={panel.facts} actions={actions} />;
    case 'young':
      return <YoungPanel key={panel.facts.lotId} facts={panel.facts} actions={actions} />;
    case 'about':
      return <AboutPanel about={panel.about} places={view.places} actions={actions} />;
    case 'describe':
      return <DescribePanel key={panel.facts.kind} facts={panel.facts} actions={actions} />;
    case 'bring':
      return <BringPanel key={panel.facts.what} facts={panel.facts} actions={actions} />;
    case 'chain':
      return <ChainPanel facts={panel.facts} actions={actions} />;
    case 'discard':
      return <DiscardPanel facts={panel.facts} actions={actions} />;
    case 'frozen':
      return <FrozenPanel facts={panel.facts} actions={actions} />;
    default:
      return <NothingOpened view={view} />;
  }
}

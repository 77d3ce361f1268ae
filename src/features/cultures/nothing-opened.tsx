import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import type { CulturesView } from '@/server/cultures/view';

/** What stands beside the rows while nothing is opened, or nothing is left of what is. */
export function NothingOpened({ view }: { view: CulturesView }) {
  const { starters, chains, discards, frozen, panel } = view;
  const nothing = starters.length + chains.length + discards.length + frozen.length === 0;
  const id = panel.kind === 'empty' ? panel.culture.id : null;
  return (
    <Box sx={{ p: 3, display: 'grid', gap: 2, justifyItems: 'start' }}>
      <Typography variant="h2">
        {nothing
          ? tr`Nothing alive yet`
          : panel.kind === 'empty'
            ? panel.culture.name
            : tr`Which one?`}
      </Typography>
      <Typography>{emptyText(nothing, panel.kind === 'empty')}</Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {nothing ? (
          <>
            <Button component={Link} href="/cultures/bring" variant="contained">
              {tr`Bring in what is there`}
            </Button>
            <Button component={Link} href="/cultures/new">
              {tr`Begin one from flour and water`}
            </Button>
          </>
        ) : null}
        {id === null ? null : (
          <>
            <Button component={Link} href={`/cultures/${encodeURIComponent(id)}/about`}>
              {tr`How it was`}
            </Button>
            <Button component={Link} href={`/cultures/${encodeURIComponent(id)}/edit`}>
              {tr`Change how it is described`}
            </Button>
          </>
        )}
      </Box>
    </Box>
  );
}

function emptyText(nothing: boolean, opened: boolean): string {
  if (nothing) return tr`A starter that is fed stands here with its last hours and its next feed.`;
  if (opened)
    return tr`Nothing is left in its jar. A back-up in the freezer can wake it; its lots are in the Log.`;
  return tr`Open one on the left: what to do with it stands here, found for the hour you want it.`;
}

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import Link from 'next/link';
import type { CulturesView } from '@/server/cultures/view';

/** On a phone the names of all that is kept, one tap each, above what is opened; the rows with their pasts stand below. */
export function NamesStrip({ view }: { view: CulturesView }) {
  const { starters, chains, discards, frozen, openedId } = view;
  const cultures = [...starters, ...chains, ...discards].map(({ culture }) => ({
    id: culture.id,
    name: culture.name,
    href: `/cultures/${encodeURIComponent(culture.id)}`,
  }));
  const bags = frozen.map(({ lotId, name }) => ({
    id: lotId,
    name,
    href: `/cultures/frozen/${encodeURIComponent(lotId)}`,
  }));
  const all = [...cultures, ...bags];
  if (all.length < 2) return null;
  return (
    <Box
      component="nav"
      aria-label={tr`Kept`}
      tabIndex={0}
      sx={{
        display: { xs: 'flex', md: 'none' },
        order: -2,
        gap: 1,
        overflowX: 'auto',
        p: 1,
        borderBottom: '2px solid var(--line)',
      }}
    >
      {all.map((one) => (
        <NameChip key={one.id} one={one} openedId={openedId} />
      ))}
    </Box>
  );
}

function NameChip({
  one,
  openedId,
}: {
  one: { id: string; name: string; href: string };
  openedId: string | null;
}) {
  return (
    <Chip
      component={Link}
      href={one.href}
      clickable
      label={one.name}
      variant={one.id === openedId ? 'filled' : 'outlined'}
      aria-current={one.id === openedId ? 'page' : undefined}
      sx={{ minHeight: 44, flex: 'none' }}
    />
  );
}

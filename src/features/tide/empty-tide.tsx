import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import type { TideView } from '@/server/tide';

/** What to do first in an empty shop. */
export function EmptyTide({ view, left }: { view: TideView; left: number }) {
  if (view.strands.length > 0 || view.moments.length > 0) return null;
  return (
    <Box
      sx={{
        position: 'absolute',
        left: { xs: 16, md: left + 28 },
        top: 120,
        display: 'flex',
        gap: 3,
        alignItems: 'center',
        flexWrap: 'wrap',
      }}
    >
      <Button
        component={Link}
        href="/bakes/new"
        variant="contained"
        size="large"
        sx={{ px: 5, py: 2 }}
      >
        Plan a first bake
      </Button>
      <Typography>
        Nothing alive yet. Say how many balls and when; the strands start here.
        <br />
        New here? <Link href="/words">The words and the first steps</Link>.
        <br />
        To see a busy shop first, stop Olvik and run <code>bin/demo</code>; it keeps its own data.
      </Typography>
    </Box>
  );
}

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import type { TideView } from '@/server/tide';

/** What to do where nothing lives and nothing is planned. */
export function EmptyTide(props: { view: TideView; left: number; tall: boolean }) {
  const { view, left, tall } = props;
  if (view.strands.length > 0 || view.moments.length > 0) return null;
  return (
    <Box
      sx={{
        position: tall ? 'static' : 'absolute',
        left: left + 28,
        top: 120,
        p: tall ? 2 : 0,
        display: 'flex',
        gap: 3,
        alignItems: 'center',
        flexWrap: 'wrap',
      }}
    >
      <Button component={Link} href="/plan" variant="contained" size="large" sx={{ px: 5, py: 2 }}>
        {tr`Choose a plan`}
      </Button>
      <Typography>
        {tr`Nothing alive yet. The plan that you take starts its strands here.`}
        <br />
        {tr`By its grams instead: `}
        <Link href="/bakes/new">{tr`Plan a first bake`}</Link>
        {tr`. New here? `}
        <Link href="/words">{tr`The words and the first steps`}</Link>.
      </Typography>
    </Box>
  );
}

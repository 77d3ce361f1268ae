import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { LinkButton } from '@/ui/link-button';

/** Where a bake is over, was withdrawn, or there is none: what to do instead. */
export function NothingToHold() {
  return (
    <Box component="main" sx={{ p: 4, display: 'grid', gap: 2, justifyItems: 'start' }}>
      <Typography variant="h1">{tr`Nothing to hold or to hurry`}</Typography>
      <Typography sx={{ maxWidth: 640 }}>
        {tr`A bake stands here from its plan to its last ball. What is over, or was withdrawn, stands in the Log; plans are taken in Plan.`}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
        <LinkButton href="/" variant="contained" size="large">
          {tr`Back to the Tide`}
        </LinkButton>
        <LinkButton href="/plan" size="large">
          {tr`Plan`}
        </LinkButton>
        <LinkButton href="/log" size="large">
          {tr`Log`}
        </LinkButton>
      </Box>
    </Box>
  );
}

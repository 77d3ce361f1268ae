import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { LinkButton } from '@/ui/link-button';

export default function NotFound() {
  return (
    <Box component="main" sx={{ p: 4, display: 'grid', gap: 2, justifyItems: 'start' }}>
      <Typography variant="h1">{tr`This shelf is empty`}</Typography>
      <Typography>{tr`There is no such view or lot here. Codes look like P1127-1.`}</Typography>
      <LinkButton href="/" variant="contained" size="large">
        {tr`Back to the Tide`}
      </LinkButton>
    </Box>
  );
}

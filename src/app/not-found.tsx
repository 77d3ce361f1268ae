import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { LinkButton } from '@/ui/link-button';

export default function NotFound() {
  return (
    <Box component="main" sx={{ p: 4, display: 'grid', gap: 2, justifyItems: 'start' }}>
      <Typography variant="h1">This shelf is empty</Typography>
      <Typography>There is no such view or lot here. Codes look like P1127-1.</Typography>
      <LinkButton href="/" variant="contained" size="large">
        Back to the Tide
      </LinkButton>
    </Box>
  );
}

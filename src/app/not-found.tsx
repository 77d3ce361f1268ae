import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';

export default function NotFound() {
  return (
    <Box component="main" sx={{ p: 4, display: 'grid', gap: 2, justifyItems: 'start' }}>
      <Typography variant="h1">This shelf is empty</Typography>
      <Typography>There is no such view or lot here. Codes look like P1127-1.</Typography>
      <Button component={Link} href="/" variant="contained" size="large">
        Back to the Tide
      </Button>
    </Box>
  );
}

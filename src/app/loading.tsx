import { tr } from '@/words/tr';
import Box from '@mui/material/Box';

/** Bands and keel first. */
export default function Loading() {
  return (
    <Box
      aria-busy="true"
      aria-label={tr`Loading`}
      sx={{ height: '100dvh', background: 'var(--flour)' }}
    >
      <Box sx={{ height: 76 }} />
      <Box sx={{ height: 552, background: 'var(--paper)', position: 'relative' }}>
        {[0, 1, 2, 3].map((band) => (
          <Box key={band} sx={{ height: '25%', borderBottom: '1.5px solid var(--line)' }} />
        ))}
        <Box
          sx={{
            position: 'absolute',
            left: '26%',
            top: 0,
            bottom: 0,
            width: 3,
            background: 'var(--ink)',
          }}
        />
      </Box>
    </Box>
  );
}

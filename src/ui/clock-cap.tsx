import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import { rem } from '@/ui/rem';

/** The shop's clock, inverted: the one thing read from across the room. */
export function ClockCap({ text, note }: { text: string; note?: string }) {
  return (
    <Box
      component="time"
      aria-label={tr`Shop clock ${text}`}
      sx={{
        background: 'var(--ink)',
        color: 'var(--paper)',
        borderRadius: '14px 14px 24px 14px',
        fontSize: rem(28),
        fontWeight: 700,
        lineHeight: 1,
        px: 1.5,
        py: 1,
        textAlign: 'center',
        whiteSpace: 'nowrap',
      }}
    >
      {text}
      {note === undefined ? null : (
        <Box
          component="span"
          sx={{ display: 'block', fontSize: rem(13), fontWeight: 500, mt: 0.25 }}
        >
          {note}
        </Box>
      )}
    </Box>
  );
}

import { trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import { PHASE_FILL, Textures, type Phase } from '@/ui/marks/textures';
import { rem } from '@/ui/rem';
import { WordsHere } from '@/ui/words-here';

const PHASES: readonly Phase[] = ['under', 'rising', 'ripe', 'past'];

/** The key of the textures; a tap tells what the words of the view mean. */
export function Key() {
  return (
    <WordsHere>
      <Box
        component="span"
        sx={{
          display: 'grid',
          gridTemplateColumns: 'auto auto',
          gap: '4px 10px',
          fontSize: rem(13),
        }}
      >
        {PHASES.map((phase) => (
          <Box
            component="span"
            key={phase}
            sx={{ display: 'flex', alignItems: 'center', gap: 0.75 }}
          >
            <svg width="26" height="14" aria-hidden="true">
              <Textures />
              <rect
                x="1"
                y="1"
                width="24"
                height="12"
                rx="6"
                fill={PHASE_FILL[phase]}
                stroke="var(--edge)"
                strokeWidth="1.5"
              />
            </svg>
            {trOf(phase)}
          </Box>
        ))}
      </Box>
    </WordsHere>
  );
}

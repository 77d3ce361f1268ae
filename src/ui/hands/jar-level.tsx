'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import { riseText } from '../format';
import { rem } from '@/ui/rem';

const JAR_HEIGHT = 250;
const JAR_WIDTH = 150;
const MOST_RISE = 4;

/** The level on a drawn jar: drag it to where the dough stands against the mark of the mixing. */
export function JarLevel(props: {
  rise: number | null;
  expected: number | null;
  onChange: (rise: number) => void;
}) {
  const { rise, expected, onChange } = props;
  return (
    <Box sx={{ display: 'flex', gap: 3, alignItems: 'center' }}>
      <Slider
        orientation="vertical"
        aria-label={tr`Rise, times the volume just mixed`}
        value={rise ?? expected ?? 1}
        onChange={(_, value) => onChange(value)}
        min={0}
        max={MOST_RISE}
        step={0.05}
        marks={[1, 2, 3, 4].map((value) => ({ value, label: riseText(value) }))}
        getAriaValueText={riseText}
        sx={{
          height: JAR_HEIGHT,
          width: JAR_WIDTH,
          p: 0,
          mx: 0,
          my: 1.5,
          borderRadius: 0,
          '& .MuiSlider-rail': {
            width: '100%',
            opacity: 1,
            background: 'var(--paper)',
            border: '3px solid var(--ink)',
            borderTop: 'none',
            borderRadius: '4px 4px 22px 22px',
          },
          '& .MuiSlider-track': {
            width: JAR_WIDTH - 6,
            border: 'none',
            borderTop: '4px solid var(--edge)',
            background: 'var(--under)',
            borderRadius: '0 0 19px 19px',
            opacity: rise === null ? 0.45 : 1,
          },
          '& .MuiSlider-thumb': {
            width: JAR_WIDTH + 34,
            height: 44,
            borderRadius: '8px',
            background: 'transparent',
            boxShadow: 'none',
            '&::before': {
              boxShadow: 'none',
              height: 6,
              width: '100%',
              top: 19,
              borderRadius: 0,
              background: 'var(--ink)',
            },
          },
          '& .MuiSlider-mark': {
            width: 16,
            height: 2,
            left: 4,
            opacity: 1,
            transform: 'none',
            backgroundColor: 'var(--ink)',
          },
          '& .MuiSlider-markLabel': {
            left: JAR_WIDTH + 26,
            fontSize: rem(15),
            color: 'var(--ink)',
          },
        }}
      />
      <Box sx={{ ml: 5 }}>
        <Typography variant="body2">{tr`Rise against the mark`}</Typography>
        <Typography sx={{ fontSize: rem(40), fontWeight: 700, lineHeight: 1.1 }}>
          {rise === null ? tr`not read` : riseText(rise)}
        </Typography>
        {expected === null ? null : (
          <Typography color="text.secondary">{tr`forecast ${riseText(expected)}`}</Typography>
        )}
      </Box>
    </Box>
  );
}

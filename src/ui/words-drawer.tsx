'use client';

import { tr } from '@/words/tr';
import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Drawer from '@mui/material/Drawer';
import IconButton from '@mui/material/IconButton';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { termsIn } from '@/core/glossary';
import { rem } from './rem';

/** The words of the trade in a text with their meanings; shut while there is no text. */
export function WordsDrawer({ text, onClose }: { text: string | null; onClose: () => void }) {
  const terms = text === null ? [] : termsIn(text);
  return (
    <Drawer
      anchor="right"
      open={text !== null}
      onClose={onClose}
      slotProps={{
        paper: {
          'aria-label': tr`Words here`,
          role: 'dialog',
          sx: {
            width: { xs: '100%', sm: 420 },
            background: 'var(--paper)',
            color: 'var(--ink)',
            borderLeft: '2px solid var(--ink)',
            p: 2.5,
          },
        },
      }}
    >
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'start' }}>
        <Typography variant="h2">{tr`Words here`}</Typography>
        <IconButton aria-label={tr`Close the words`} onClick={onClose} sx={{ color: 'inherit' }}>
          <Close />
        </IconButton>
      </Box>
      {terms.length === 0 ? <Typography>{tr`No word of the trade stands here.`}</Typography> : null}
      <Box component="dl" sx={{ m: 0 }}>
        {terms.map((one) => (
          <Box key={one.word} sx={{ mb: 1.5 }}>
            <Typography component="dt" className="name" sx={{ fontWeight: 700, fontSize: rem(18) }}>
              {one.word}
            </Typography>
            <Typography component="dd" sx={{ m: 0 }}>
              {one.means}
            </Typography>
          </Box>
        ))}
      </Box>
      <Link component={NextLink} href="/words" color="inherit">
        {tr`All words, and the first steps`}
      </Link>
    </Drawer>
  );
}

'use client';

import { language } from '@/words/speaker';
import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { useState } from 'react';
import { termsFor } from '@/core/glossary';
import { rem } from '@/ui/rem';
import { Panes } from '@/ui/panes';
import type { Term } from '@/core/glossary/terms';

const firstSteps = (): readonly (readonly [href: string, name: string, does: string])[] => [
  [
    '/shop',
    tr`Shop`,
    tr`say how warm your places are and which hours you work; two minutes will do.`,
  ],
  [
    '/cultures',
    tr`Cultures`,
    tr`enter your starter, if you keep one; without one, take a method with yeast.`,
  ],
  ['/plan', tr`Plan`, tr`ask for a service: how many, when. Take the plan that suits you.`],
  ['/', tr`Tide`, tr`the next act stands inverted at the bottom; tap Done when it is.`],
  ['/practice', tr`Practice`, tr`meanwhile learn to read a jar, on jars that cost no flour.`],
];

/** What each word means, and the way from an empty shop to a first bake. */
export function Words() {
  const [text, setText] = useState('');
  const terms = termsFor(text);
  return (
    <Panes columns="minmax(0, 1fr) 400px" background="var(--paper)">
      <Terms text={text} onText={setText} terms={terms} />
      <FirstSteps />
    </Panes>
  );
}

function Terms({
  text,
  onText,
  terms,
}: {
  text: string;
  onText: (text: string) => void;
  terms: readonly Term[];
}) {
  return (
    <Box sx={{ p: 2.5 }}>
      <TextField
        label={tr`A word`}
        value={text}
        onChange={(event) => onText(event.target.value)}
        sx={{ maxWidth: 420 }}
      />
      {terms.length === 0 ? (
        <Typography sx={{ mt: 2 }}>{tr`Olvik does not use this word.`}</Typography>
      ) : null}
      <Box component="dl" sx={{ columns: { md: 2 }, columnGap: 4, mt: 2 }}>
        {terms.map((one) => (
          <TermEntry key={one.word} one={one} />
        ))}
      </Box>
    </Box>
  );
}

function TermEntry({ one }: { one: Term }) {
  return (
    <Box
      id={one.id}
      sx={{
        breakInside: 'avoid',
        mb: 1.5,
        '&:target': { background: 'var(--lamp)', boxShadow: '0 0 0 8px var(--lamp)' },
      }}
    >
      <Typography component="dt" className="name" sx={{ fontWeight: 700, fontSize: rem(18) }}>
        <Link component={NextLink} href={one.at === '/mix' ? '/' : one.at} color="inherit">
          {one.word}
        </Link>
        {one.also.length === 0 || language() !== 'en' ? null : (
          <Typography component="span" variant="body2" color="text.secondary">
            {' '}
            {one.also.join(', ')}
          </Typography>
        )}
      </Typography>
      <Typography component="dd" sx={{ m: 0 }}>
        {one.means}
      </Typography>
    </Box>
  );
}

function FirstSteps() {
  return (
    <Box
      component="aside"
      sx={{ p: 2.5, background: 'var(--flour)', borderLeft: { md: '2px solid var(--ink)' } }}
    >
      <Typography variant="h2">{tr`From an empty shop to a first bake`}</Typography>
      <Box component="ol" sx={{ pl: 2.5 }}>
        {firstSteps().map(([href, name, does]) => (
          <Typography component="li" key={href} sx={{ mb: 1 }}>
            <Link component={NextLink} href={href} color="inherit" sx={{ fontWeight: 700 }}>
              {name}
            </Link>
            : {does}
          </Typography>
        ))}
      </Box>
    </Box>
  );
}

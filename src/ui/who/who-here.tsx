'use client';

import { tr } from '@/words/tr';
import ButtonBase from '@mui/material/ButtonBase';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { Outcome } from '@/shop/outcome';
import { rem } from '../rem';
import { useSend } from '../hands/use-send';
import { useWho } from './who';

// What opens on a tap comes when it is first asked for: no view waits for it.
const WhoMenu = dynamic(() => import('./who-menu').then((one) => one.WhoMenu), { ssr: false });

/** Who is at this device, changed with two taps of floury hands. */
export function WhoHere(props: {
  people: readonly string[];
  sayWho: (form: { person: string | null }) => Promise<Outcome<{ person: string | null }>>;
}) {
  const { people, sayWho } = props;
  const person = useWho();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const { send, busy } = useSend('notice');
  const choose = (next: string | null) => {
    setAnchor(null);
    send(() => sayWho({ person: next }));
  };
  return (
    <>
      <ButtonBase
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        aria-label={
          person === null ? tr`Who? Everybody at this device` : tr`${person} at this device`
        }
        disabled={busy}
        onClick={({ currentTarget }) => setAnchor(currentTarget)}
        sx={{
          mt: { sm: 'auto' },
          flex: { xs: '0 1 58px', sm: 'none' },
          minWidth: 0,
          minHeight: 56,
          px: 0.5,
          font: 'inherit',
          fontSize: rem(14),
          fontWeight: person === null ? 400 : 700,
          overflow: 'hidden',
          borderTop: { sm: '2px solid var(--line)' },
          '&:focus-visible': { outline: '3px solid var(--ink)', outlineOffset: -5 },
        }}
      >
        {person ?? tr`Who?`}
      </ButtonBase>
      {anchor === null ? null : (
        <WhoMenu
          anchor={anchor}
          person={person}
          people={people}
          onChoose={choose}
          onClose={() => setAnchor(null)}
        />
      )}
    </>
  );
}

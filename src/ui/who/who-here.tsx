'use client';

import { tr } from '@/words/tr';
import ButtonBase from '@mui/material/ButtonBase';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import type { Outcome } from '@/shop/outcome';
import { rem } from '../rem';
import { useSend } from '../hands/use-send';
import { useWho } from './who';

const everybody = () => tr`Everybody`;

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
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {[null, ...people].map((one) => (
          <MenuItem
            key={one ?? ''}
            selected={one === person}
            onClick={() => choose(one)}
            sx={{ minHeight: 56, minWidth: 160, fontSize: rem(18) }}
          >
            {one ?? everybody()}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}

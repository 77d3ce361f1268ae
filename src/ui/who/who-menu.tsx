'use client';

import { tr } from '@/words/tr';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { rem } from '../rem';

/** Everybody, and each who works here. */
export function WhoMenu(props: {
  anchor: HTMLElement;
  person: string | null;
  people: readonly string[];
  onChoose: (person: string | null) => void;
  onClose: () => void;
}) {
  const { anchor, person, people, onChoose, onClose } = props;
  return (
    <Menu anchorEl={anchor} open onClose={onClose}>
      {[null, ...people].map((one) => (
        <MenuItem
          key={one ?? ''}
          selected={one === person}
          onClick={() => onChoose(one)}
          sx={{ minHeight: 56, minWidth: 160, fontSize: rem(18) }}
        >
          {one ?? tr`Everybody`}
        </MenuItem>
      ))}
    </Menu>
  );
}

'use client';

import IconButton from '@mui/material/IconButton';
import ListItemText from '@mui/material/ListItemText';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import Link from 'next/link';
import { useState } from 'react';
import { DARK_FROM_HOUR, DARK_UNTIL_HOUR, useAppearance, type Appearance } from './appearance';
import { preference, setPreference, type NoticePreference } from './notice-preferences';

const VIEWS = [
  { href: '/', name: 'Tide', says: 'now and next' },
  { href: '/day', name: 'The day', says: 'the Tide as tables, to print' },
  { href: '/bakes/new', name: 'New bake', says: 'grams and hours, backwards' },
  { href: '/try', name: 'Try out', says: 'what if, without a lot' },
  { href: '/log', name: 'Log', says: 'what happened; take it back' },
  { href: '/learned', name: 'Learned', says: 'what looks and readings have taught' },
  { href: '/shop', name: 'Shop', says: 'places, hours, scales' },
] as const;

const LOOKS: readonly (readonly [Appearance, string, string])[] = [
  ['light', 'Light', 'how it looks here'],
  ['dark', 'Dark', 'how it looks here'],
  ['clock', 'By the clock', `dark from ${DARK_FROM_HOUR} to ${DARK_UNTIL_HOUR}`],
  ['system', 'As the device', 'light or dark'],
];

/** The views by name, and how they look. */
export function ViewsMenu() {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const { appearance, choose } = useAppearance();
  const close = () => setAnchor(null);
  return (
    <>
      <IconButton
        aria-label="Views"
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{
          width: 52,
          height: 52,
          border: '2px solid var(--line)',
          background: 'var(--paper)',
          flex: 'none',
        }}
      >
        <svg width="26" height="26" viewBox="0 0 26 26" fill="none" aria-hidden="true">
          <path
            d="M3 9c4-6 7 4 10 0s6-4 10 0M3 19h20"
            stroke="currentColor"
            strokeWidth="2.6"
            strokeLinecap="round"
          />
        </svg>
      </IconButton>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={close}>
        {VIEWS.map((view) => (
          <MenuItem key={view.href} component={Link} href={view.href} onClick={close}>
            <ListItemText primary={view.name} secondary={view.says} />
          </MenuItem>
        ))}
        <PreferenceItem which="sound" name="Sound with notices" />
        <PreferenceItem which="system" name="Notices of the device" />
        {LOOKS.map(([value, name, says]) => (
          <MenuItem
            key={value}
            role="menuitemradio"
            aria-checked={appearance === value}
            selected={appearance === value}
            onClick={() => {
              choose(value);
              close();
            }}
          >
            <ListItemText primary={name} secondary={says} />
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}

/** A preference of this device as a line of the menu. */
function PreferenceItem({ which, name }: { which: NoticePreference; name: string }) {
  const [on, setOn] = useState(() => preference(which));
  return (
    <MenuItem
      role="menuitemcheckbox"
      aria-checked={on}
      onClick={() => void setPreference(which, !on).then(setOn)}
    >
      <ListItemText primary={name} secondary={on ? 'on' : 'off'} />
    </MenuItem>
  );
}

'use client';

import ListItemText from '@mui/material/ListItemText';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import Link from 'next/link';
import { useState } from 'react';
import { DARK_FROM_HOUR, DARK_UNTIL_HOUR, type Appearance } from './appearance';
import { preference, setPreference, type NoticePreference } from './notice-preferences';

const VIEWS = [
  { href: '/', name: 'Tide', says: 'now and next' },
  { href: '/day', name: 'The day', says: 'the Tide as tables, to print' },
  { href: '/hands', name: 'Hands', says: 'who does what when; calendar file' },
  { href: '/cultures', name: 'Cultures', says: 'how they are, what to feed' },
  { href: '/doughs', name: 'Doughs', says: 'methods, what is in them, flours' },
  { href: '/doughs/check', name: 'Recipe check', says: 'what a recipe really is' },
  { href: '/plan', name: 'Plan', says: 'services of the week, plans side by side' },
  { href: '/labels', name: 'Labels', says: 'a lot by its code; what was printed' },
  { href: '/bakes/new', name: 'New bake', says: 'grams and hours, backwards' },
  { href: '/try', name: 'Try out', says: 'what if, without a lot' },
  { href: '/log', name: 'Log', says: 'what happened; take it back' },
  { href: '/compare', name: 'Side by side', says: 'bakes compared; one thing to change' },
  { href: '/practice', name: 'Practice', says: 'read simulated jars' },
  { href: '/practice/dough', name: 'A whole dough', says: 'two days in a minute, hands on' },
  { href: '/records', name: 'Records', says: 'sheets, tables, archive, back-ups' },
  { href: '/learned', name: 'Learned', says: 'what looks and readings have taught' },
  { href: '/words', name: 'Words', says: 'what each word means; first steps' },
  { href: '/shop', name: 'Shop', says: 'places, hours, scales' },
] as const;

const LOOKS: readonly (readonly [Appearance, string, string])[] = [
  ['light', 'Light', 'how it looks here'],
  ['dark', 'Dark', 'how it looks here'],
  ['clock', 'By the clock', `dark from ${DARK_FROM_HOUR} to ${DARK_UNTIL_HOUR}`],
  ['system', 'As the device', 'light or dark'],
];

/** The views by name, what goes with notices, and how it looks. */
export function ViewsList(props: {
  anchor: HTMLElement | null;
  onClose: () => void;
  appearance: Appearance;
  onAppearance: (appearance: Appearance) => void;
}) {
  const { anchor, onClose: close, appearance, onAppearance: choose } = props;
  return (
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

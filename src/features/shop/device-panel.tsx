'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import Switch from '@mui/material/Switch';
import { useState, useSyncExternalStore } from 'react';
import { DARK_FROM_HOUR, DARK_UNTIL_HOUR, useAppearance, type Appearance } from '@/ui/appearance';
import { preference, setPreference, type NoticePreference } from '@/ui/notice-preferences';

const looksWords = (): readonly (readonly [Appearance, string])[] => [
  ['light', tr`Light`],
  ['dark', tr`Dark`],
  ['clock', tr`By the clock: dark from ${DARK_FROM_HOUR} to ${DARK_UNTIL_HOUR}`],
  ['system', tr`As the device`],
];

/** What holds on this device alone: how it looks, and what goes with a notice. */
export function DevicePanel() {
  const { appearance, choose } = useAppearance();
  const here = useOnDevice();
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <RadioGroup
        aria-label={tr`Light or dark`}
        name="appearance"
        value={here ? appearance : 'system'}
        onChange={(_, value) => choose(value as Appearance)}
      >
        {looksWords().map(([value, name]) => (
          <FormControlLabel key={value} value={value} control={<Radio />} label={name} />
        ))}
      </RadioGroup>
      {here ? (
        <>
          <Preference which="sound" name={tr`Sound with notices`} />
          <Preference which="system" name={tr`Notices of the device`} />
        </>
      ) : null}
    </Box>
  );
}

/** A preference of this device, on or off. */
function Preference({ which, name }: { which: NoticePreference; name: string }) {
  const [on, setOn] = useState(() => preference(which));
  return (
    <FormControlLabel
      control={<Switch checked={on} onChange={() => void setPreference(which, !on).then(setOn)} />}
      label={name}
    />
  );
}

const never = () => () => undefined;
/** False while the page still stands as the shop sent it: what the device keeps is not known there. */
const useOnDevice = () =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );

'use client';

import { useColorScheme } from '@mui/material/styles';
import { useEffect, useSyncExternalStore } from 'react';

/** How the application looks on this device. */
export type Appearance = 'light' | 'dark' | 'system' | 'clock';

const KEY = 'olvik-appearance';
/** By the clock it is dark from the one hour of the evening to the other of the morning. */
export const DARK_FROM_HOUR = 19;
export const DARK_UNTIL_HOUR = 7;
const LOOK_EVERY_MS = 60_000;

/** Light or dark at an hour of the day. */
export function modeAtHour(hour: number): 'light' | 'dark' {
  return hour >= DARK_FROM_HOUR || hour < DARK_UNTIL_HOUR ? 'dark' : 'light';
}

function subscribe(changed: () => void): () => void {
  window.addEventListener('storage', changed);
  return () => window.removeEventListener('storage', changed);
}

/** The look of this device, and how to choose another; by the clock it changes by itself. */
export function useAppearance(): {
  readonly appearance: Appearance;
  readonly choose: (appearance: Appearance) => void;
} {
  const { mode, setMode } = useColorScheme();
  const byClock = useSyncExternalStore(
    subscribe,
    () => window.localStorage.getItem(KEY) === 'clock',
    () => false,
  );
  useEffect(() => {
    if (!byClock) return undefined;
    const look = () => setMode(modeAtHour(new Date().getHours()));
    look();
    const timer = setInterval(look, LOOK_EVERY_MS);
    return () => clearInterval(timer);
  }, [byClock, setMode]);
  const choose = (appearance: Appearance) => {
    window.localStorage.setItem(KEY, appearance);
    window.dispatchEvent(new StorageEvent('storage', { key: KEY }));
    if (appearance !== 'clock') setMode(appearance);
  };
  return { appearance: byClock ? 'clock' : (mode ?? 'system'), choose };
}

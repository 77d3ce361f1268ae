'use client';

import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import { toLocalText } from '@/core/units';
import { keptForMs } from '../kept-since';

/** The shop’s days as the fields go by them. */
export interface HouseDays {
  /** The shop’s wall clock now, as "2026-11-27T18:00". */
  readonly now: () => string;
  /** Names of the services that begin on a day, "2026-11-27". */
  readonly services: Readonly<Record<string, readonly string[]>>;
}

const Days = createContext<HouseDays>({
  now: () => toLocalText(Date.now(), 'UTC'),
  services: {},
});

/** Gives every field below the shop’s clock, counted on from when the page was made, and its services. */
export function HouseDaysProvider(props: {
  house: {
    readonly nowMs: number;
    readonly rate: number;
    readonly units: { readonly timeZone: string };
    readonly services: HouseDays['services'];
  } | null;
  children: ReactNode;
}) {
  const { house, children } = props;
  const [startedMs] = useState(() =>
    typeof performance === 'undefined' ? 0 : performance.now() - keptForMs(),
  );
  const days = useMemo((): HouseDays | null => {
    if (house === null) return null;
    const { nowMs, rate, units, services } = house;
    const now = () => toLocalText(nowMs + (performance.now() - startedMs) * rate, units.timeZone);
    return { now, services };
  }, [house, startedMs]);
  return days === null ? children : <Days.Provider value={days}>{children}</Days.Provider>;
}

/** The shop’s days. */
export function useHouseDays(): HouseDays {
  return useContext(Days);
}

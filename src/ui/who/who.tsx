'use client';

import { createContext, useContext, type ReactNode } from 'react';

const Person = createContext<string | null>(null);

/** Gives everything below whose hands are at this device; null: everybody’s. */
export function WhoProvider(props: { person: string | null; children: ReactNode }) {
  return <Person.Provider value={props.person}>{props.children}</Person.Provider>;
}

/** Whose hands are at this device; null: everybody’s. */
export function useWho(): string | null {
  return useContext(Person);
}

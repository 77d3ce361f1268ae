'use client';

import { useRouter } from 'next/navigation';
import { createContext, useContext } from 'react';
import { waitingHere } from './waiting-store';

const AskAnew = createContext<(() => void) | null>(null);

/** Gives the acts inside a view of its own way to ask the server for what it shows. */
export const AskAnewProvider = AskAnew.Provider;

/** Asks the server anew for what the view shows: the view’s own way where it has one, the whole page otherwise. */
export function useAskAnew(): () => void {
  const own = useContext(AskAnew);
  const router = useRouter();
  return (
    own ??
    (() => {
      // While acts wait the shop is away: asked for the page anew, the browser would put its own in its place.
      if (!waitingHere.isWaiting()) router.refresh();
    })
  );
}

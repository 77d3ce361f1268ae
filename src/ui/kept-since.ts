const ASKED = '/icon.svg';
const listeners = new Set<() => void>();

const keptMs = (): number | null => {
  const said = Number(globalThis.document?.documentElement.dataset['kept'] ?? Number.NaN);
  return Number.isFinite(said) ? said : null;
};

/** A page that came from this device’s own pictures because the shop did not answer; null for one that the shop sent. */
export const keptSince = {
  subscribe: (listener: () => void): (() => void) => {
    listeners.add(listener);
    return () => void listeners.delete(listener);
  },
  /** When the picture was kept, by this device’s clock, ms. */
  read: keptMs,
  /** The shop answers again: what the page shows from now on is its own. */
  end: (): void => {
    delete document.documentElement.dataset['kept'];
    for (const listener of listeners) listener();
  },
};

/** How long the picture that a page came from has stood, ms; 0 for a page that the shop sent. */
export function keptForMs(): number {
  const since = keptMs();
  return since === null ? 0 : Math.max(0, Date.now() - since);
}

/** True where the shop answers at all. */
export async function shopAnswers(): Promise<boolean> {
  try {
    return (await fetch(ASKED, { method: 'HEAD', cache: 'no-store' })).ok;
  } catch {
    return false;
  }
}

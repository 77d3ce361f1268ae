'use client';

import { useEffect, useState } from 'react';

/** What the scale shows; null while it is not connected. */
export type Shown = { readonly massG: number; readonly stable: boolean } | null;

/** The live scale, by the event stream. */
export function useScale(): Shown {
  const [shown, setShown] = useState<Shown>(null);
  useEffect(() => {
    const source = new EventSource('/scale');
    source.onmessage = ({ data }: MessageEvent<string>) => setShown(JSON.parse(data) as Shown);
    source.onerror = () => setShown(null);
    return () => source.close();
  }, []);
  return shown;
}

'use client';

import { useEffect, useState } from 'react';

/** What the scale shows; null while it is not connected. */
export type Shown = { readonly massG: number; readonly stable: boolean } | null;

/** The live scale. */
export interface LiveScale {
  readonly shows: Shown;
  /** True for the one that ships, which a hand pours onto by its panel. */
  readonly simulated: boolean;
}

const SILENT: LiveScale = { shows: null, simulated: true };

/** The live scale, by the event stream. */
export function useScale(): LiveScale {
  const [live, setLive] = useState(SILENT);
  useEffect(() => {
    const source = new EventSource('/scale');
    source.onmessage = ({ data }: MessageEvent<string>) => setLive(JSON.parse(data) as LiveScale);
    source.onerror = () => setLive((last) => ({ ...last, shows: null }));
    return () => source.close();
  }, []);
  return live;
}

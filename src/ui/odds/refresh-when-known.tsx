'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef } from 'react';

/** Asks for a page again when something that it waits for has been worked out. */
export function RefreshWhenKnown({ waits }: { waits: boolean }) {
  const router = useRouter();
  const heard = useRef<string | null>(null);
  useEffect(() => {
    if (!waits) return;
    const stream = new EventSource('/changes');
    stream.onmessage = ({ data }: MessageEvent<string>) => {
      if (heard.current !== data) router.refresh();
      heard.current = data;
    };
    return () => stream.close();
  }, [waits, router]);
  return null;
}

'use client';

import { startTransition, useEffect, useRef, useState } from 'react';

/** The width of an element as it changes; a first guess until it is known. */
export function useWidth(guess: number) {
  const ref = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(guess);
  useEffect(() => {
    const element = ref.current;
    if (element === null) return undefined;
    const observer = new ResizeObserver(([entry]) => {
      if (entry === undefined) return;
      const next = Math.round(entry.borderBoxSize[0]?.inlineSize ?? guess);
      // Not urgent: while the page comes to life, what stands for the guess stays.
      startTransition(() => setWidth(next));
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, [guess]);
  return { ref, width };
}

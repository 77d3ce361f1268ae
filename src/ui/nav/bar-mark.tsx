import type { ReactElement } from 'react';

/** The marks of the bar, drawn in a box of 26. */
const MARKS: Readonly<Record<string, ReactElement>> = {
  '/': <path d="M3 9c4-6 7 4 10 0s6-4 10 0M3 19h20" />,
  '/plan': <path d="M4 22V13a9 9 0 0 1 18 0v9zM10 22v-5a3 3 0 0 1 6 0v5" />,
  '/cultures': (
    <path d="M8 3h10M9 3v4c-3 1-4 3-4 6v8h16v-8c0-3-1-5-4-6V3M5 15c4-3 6 2 9 0s4-2 7 0" />
  ),
  '/doughs': <path d="M3 8c6 0 6 5 10 5M3 18c6 0 6-5 10-5M13 13h6a3 3 0 0 1 0 6h-6" />,
  '/log': <path d="M6 5h17M6 13h17M6 21h17M2.500 5h.01M2.500 13h.01M2.500 21h.01" />,
  more: <path d="M4 8h18M4 18h10M19 18h3" />,
};

/** The mark of a view of the bar, by its path, or of “more”. */
export function BarMark({ of }: { of: string }) {
  return (
    <svg width="26" height="26" viewBox="0 0 26 26" fill="none" aria-hidden="true">
      <g stroke="currentColor" strokeWidth="2.4" strokeLinecap="round" strokeLinejoin="round">
        {MARKS[of]}
      </g>
    </svg>
  );
}

/** Ripeness is texture first: dots while rising, solid when ripe, hatch when past. Placed once in each SVG. */
export function Textures() {
  return (
    <defs>
      <pattern id="tx-rising" width="9" height="9" patternUnits="userSpaceOnUse">
        <rect width="9" height="9" fill="var(--rising)" />
        <circle cx="2.4" cy="2.6" r="1.5" fill="var(--dots)" />
        <circle cx="6.800" cy="6.800" r="1.100" fill="var(--dots)" />
      </pattern>
      <pattern
        id="tx-past"
        width="7"
        height="7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="7" height="7" fill="var(--paper)" />
        <rect width="2.6" height="7" fill="var(--past)" />
      </pattern>
    </defs>
  );
}

/** How far along a mass is. */
export type Phase = 'under' | 'rising' | 'ripe' | 'past';

/** The fill of a phase. */
export const PHASE_FILL: Readonly<Record<Phase, string>> = {
  under: 'var(--under)',
  rising: 'url(#tx-rising)',
  ripe: 'var(--ripe)',
  past: 'url(#tx-past)',
};

/** How a culture stands with its feeds, and what that means for the next one. */
export interface Maintenance {
  readonly state: 'in rhythm' | 'due' | 'missed';
  /** Refreshments in a row before it is what it was. */
  readonly refreshments: 0 | 1 | 2 | 3;
  /** Share of its yeast’s activity left since its best; null before its best. */
  readonly vigour: number | null;
}

/** Share of the rhythm by which a feed may be late before it counts as missed. */
const MISSED_SHARE = 0.25;
/** Activity left under which so many refreshments bring it back. Set: a healthy feed doubles it several times. */
const WEAKENED: readonly (readonly [vigour: number, refreshments: 1 | 2 | 3])[] = [
  [0.35, 3],
  [0.6, 2],
  [0.85, 1],
];

/** What is due, what was missed, and what the miss means. */
export function maintenanceOf(of: {
  readonly everyH: number;
  /** Hours by which its feed is late; under 0 before it is due. */
  readonly lateH: number;
  readonly vigour: number | null;
}): Maintenance {
  const { everyH, lateH, vigour } = of;
  const weakened = vigour === null ? undefined : WEAKENED.find(([least]) => vigour < least);
  const state = lateH <= 0 ? 'in rhythm' : lateH <= MISSED_SHARE * everyH ? 'due' : 'missed';
  return { state, refreshments: weakened?.[1] ?? 0, vigour };
}

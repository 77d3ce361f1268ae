/** Nobody plans a bake further ahead than this, h. Set. */
export const FURTHEST_H = 400 * 24;
/** Nor serves from one dough longer than this, h. Set. */
export const LONGEST_SERVICE_H = 48;

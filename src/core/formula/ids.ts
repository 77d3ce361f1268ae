import type { YeastType } from '../units';

/** Ids of the ingredients that every shop has. */
export const WATER = 'water';
export const SALT = 'salt';
export const OIL = 'oil';

/** The pantry id of a type of yeast. */
export function yeastId(type: YeastType): string {
  return `yeast-${type.replace(' ', '-')}`;
}

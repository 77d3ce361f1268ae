/** Kinds of things a shop works with. */
export const EQUIPMENT_KINDS = ['mixer', 'oven', 'box', 'tub'] as const;

export type EquipmentKind = (typeof EQUIPMENT_KINDS)[number];

/** Something the shop works with, and how many of it. */
export interface Equipment {
  readonly id: string;
  readonly kind: EquipmentKind;
  readonly name: string;
  readonly count: number;
  /** How many of them are out of order; left out: none. */
  readonly broken?: number;
  /** kg of dough in a mixer, pizzas at once in an oven, balls in a box, litres in a tub. */
  readonly least: number;
  readonly most: number;
  /** Minutes until an oven is hot; 0 for everything else. */
  readonly heatMin: number;
  /** Minutes a pizza takes in an oven, both steps where it is baked in two; 0 for everything else. */
  readonly bakeMin: number;
}

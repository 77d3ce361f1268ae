import { tr } from '@/words/tr';

/** Where a caution matters. */
export type CautionAt =
  | 'leaven'
  | 'mix'
  | 'ball'
  | 'bake'
  | 'culture'
  | 'cold store'
  | 'honey'
  | 'flour store'
  | 'contents';

/** One of the usual cautions. */
export interface Caution {
  readonly id: string;
  readonly at: CautionAt;
  readonly sentence: string;
}

/** The line that stands with them. */
export const codesFirst = () =>
  tr`Local food codes, the shop’s own food-safety plan and licensed practice come first.`;

/** The usual cautions where they matter, short and once. Local food codes, the shop’s own food-safety plan and licensed practice come first. */
export const CAUTIONS: readonly Caution[] = [
  {
    id: 'jar-pressure',
    at: 'leaven',
    get sentence() {
      return tr`A sealed jar builds pressure: leave the lid vented.`;
    },
  },
  {
    id: 'mixer',
    at: 'mix',
    get sentence() {
      return tr`Stop the mixer before you reach in; sleeves and fingers off the hook.`;
    },
  },
  {
    id: 'raw-dough',
    at: 'ball',
    get sentence() {
      return tr`Raw flour and raw dough are not ready to eat, least of all for children. Contains wheat.`;
    },
  },
  {
    id: 'oven',
    at: 'bake',
    get sentence() {
      return tr`Stone, steel and oven burn: gloves and a dry peel. Steam and hot water scald.`;
    },
  },
  {
    id: 'fumes',
    at: 'bake',
    get sentence() {
      return tr`An oven that burns fuel only outdoors or with a working flue: carbon monoxide kills.`;
    },
  },
  {
    id: 'spoiled-culture',
    at: 'culture',
    get sentence() {
      return tr`Pink, orange or black growth, or a putrid smell: throw it all away, clean, start from a back-up. The shop’s food-safety plan comes first.`;
    },
  },
  {
    id: 'cold-store',
    at: 'cold store',
    get sentence() {
      return tr`Keep cold stores at or below 5 °C and log them; old dough has an end.`;
    },
  },
  {
    id: 'honey',
    at: 'honey',
    get sentence() {
      return tr`Honey is not for infants.`;
    },
  },
  {
    id: 'flour-dust',
    at: 'flour store',
    get sentence() {
      return tr`Flour dust: no open flame, no compressed air.`;
    },
  },
  {
    id: 'allergens',
    at: 'contents',
    get sentence() {
      return tr`Wheat is an allergen, and so are other toppings and blends: label.`;
    },
  },
];

/** The cautions for a moment, each once. */
export function cautionsAt(at: CautionAt): readonly Caution[] {
  return CAUTIONS.filter((caution) => caution.at === at);
}

/** The cautions for a moment as one line of text, with whose rules come first. */
export function cautionText(at: CautionAt): string {
  return [...cautionsAt(at).map((caution) => caution.sentence), codesFirst()].join(' ');
}

import { tr } from '@/words/tr';
import type { Moment } from '@/core/methods';

/** What bakers do beside: chosen, each comes with its hour; every figure of it can be changed. */
export const USUAL: readonly Moment[] = [
  {
    get name() {
      return tr`Heat the oven`;
    },
    from: 'service',
    afterMin: -90,
    handsMin: 2,
    work: null,
  },
  {
    get name() {
      return tr`Punch it down`;
    },
    from: 'balls',
    afterMin: -30,
    handsMin: 2,
    work: 'punch down',
  },
  {
    get name() {
      return tr`Ball it again`;
    },
    from: 'balls',
    afterMin: 180,
    handsMin: 10,
    work: 'ball again',
  },
  {
    get name() {
      return tr`Stretch on the tray`;
    },
    from: 'service',
    afterMin: -60,
    handsMin: 10,
    work: null,
  },
  {
    get name() {
      return tr`Stretch to the corners`;
    },
    from: 'service',
    afterMin: -30,
    handsMin: 5,
    work: null,
  },
  {
    get name() {
      return tr`Bake the bases first`;
    },
    from: 'service',
    afterMin: -20,
    handsMin: 10,
    work: null,
  },
];

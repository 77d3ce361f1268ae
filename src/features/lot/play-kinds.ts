import { tr, word } from '@/words/tr';
import type { LotKind } from '@/core/ripeness';
import { decimals } from '@/ui/format';

/** What the playground offers. */
export type PlayKind = 'poolish' | 'starter' | 'biga' | 'balls';

/** What its handles say; `amount` is yeast in % of flour, or parts of flour for one of mother. */
export interface PlayForm {
  readonly kind: PlayKind;
  readonly placeC: number;
  readonly amount: number;
  readonly saltPct: number;
}

interface Play {
  readonly name: string;
  readonly lotKind: LotKind;
  readonly hydration: number;
  readonly massG: number;
  readonly saltPct: number;
  readonly amount: number;
  readonly handle: string;
  readonly range: readonly [number, number, number];
  readonly text: (amount: number) => string;
  readonly toSlider: (amount: number) => number;
  readonly fromSlider: (value: number) => number;
}

/** Doses run over two powers of ten: the slider moves in their logarithm. */
const byDose = {
  handle: word('Fresh yeast, of flour'),
  range: [-4, 1.5, 0.05] as const,
  text: (amount: number) => `${decimals(amount, 2)} %`,
  toSlider: (amount: number) => Math.log(amount),
  fromSlider: (value: number) => Math.exp(value),
};

/** The masses of the playground with their usual make-up. */
export const PLAY_KINDS: Readonly<Record<PlayKind, Play>> = {
  poolish: {
    get name() {
      return tr`Poolish, 2 kg`;
    },
    lotKind: 'poolish',
    hydration: 1,
    massG: 2000,
    saltPct: 0,
    amount: 0.3,
    ...byDose,
  },
  starter: {
    get name() {
      return tr`Liquid starter, 250 g`;
    },
    lotKind: 'starter',
    hydration: 1,
    massG: 250,
    saltPct: 0,
    amount: 5,
    handle: word('Fed 1 : flour : water'),
    range: [1, 12, 0.5],
    text: (amount) => `1:${decimals(amount, 1)}:${decimals(amount, 1)}`,
    toSlider: (amount) => amount,
    fromSlider: (value) => value,
  },
  biga: {
    get name() {
      return tr`Biga, 3 kg`;
    },
    lotKind: 'biga',
    hydration: 0.46,
    massG: 3000,
    saltPct: 0,
    amount: 1,
    ...byDose,
  },
  balls: {
    get name() {
      return tr`Balls, straight, 250 g`;
    },
    lotKind: 'balls',
    hydration: 0.65,
    massG: 250,
    saltPct: 2.7,
    amount: 0.2,
    ...byDose,
  },
};

import { tr } from '@/words/tr';
import type { LotKind } from '../ripeness';
import type { Leaven, LeavenKind } from './dough';

/** The usual make-up of a kind of leaven. Source: the trade’s usual ranges, the-middle of each. */
export interface UsualLeaven {
  readonly name: string;
  readonly hydration: number;
  readonly flourShare: number;
  readonly made: Leaven['made'];
  readonly lotKind: LotKind;
  /** When it is chosen, in one line. */
  readonly says: string;
}

/** What each kind usually is. */
export const USUAL_LEAVENS: Readonly<Record<LeavenKind, UsualLeaven>> = {
  poolish: {
    get name() {
      return tr`Poolish`;
    },
    hydration: 1,
    flourShare: 0.3,
    made: { by: 'yeast', freshShare: 0.002 },
    lotKind: 'poolish',
    get says() {
      return tr`equal flour and water, a little yeast: sweet, open, overnight`;
    },
  },
  sponge: {
    get name() {
      return tr`Sponge`;
    },
    hydration: 0.7,
    flourShare: 0.3,
    made: { by: 'yeast', freshShare: 0.012 },
    lotKind: 'sponge',
    get says() {
      return tr`a full dose of yeast for a few hours: same day, soft`;
    },
  },
  biga: {
    get name() {
      return tr`Biga`;
    },
    hydration: 0.48,
    flourShare: 0.4,
    made: { by: 'yeast', freshShare: 0.008 },
    lotKind: 'biga',
    get says() {
      return tr`stiff, barely mixed: strength and a light crumb`;
    },
  },
  levain: {
    get name() {
      return tr`Levain`;
    },
    hydration: 1,
    flourShare: 0.2,
    made: { by: 'seed', seedShare: 0.25, seedHydration: 1, cultureId: null },
    lotKind: 'levain',
    get says() {
      return tr`built of a liquid starter for this dough: mild acid, slow`;
    },
  },
  'stiff levain': {
    get name() {
      return tr`Stiff levain`;
    },
    hydration: 0.5,
    flourShare: 0.25,
    made: { by: 'seed', seedShare: 0.4, seedHydration: 0.5, cultureId: null },
    lotKind: 'stiff starter',
    get says() {
      return tr`built of a stiff starter: strong, less sour`;
    },
  },
  starter: {
    get name() {
      return tr`Starter`;
    },
    hydration: 1,
    flourShare: 0.1,
    made: { by: 'taken', saltShare: 0, oilShare: 0, cultureId: null },
    lotKind: 'starter',
    get says() {
      return tr`straight from the ripe jar, no build`;
    },
  },
  discard: {
    get name() {
      return tr`Discard`;
    },
    hydration: 1,
    flourShare: 0.08,
    made: { by: 'taken', saltShare: 0, oilShare: 0, cultureId: null },
    lotKind: 'discard',
    get says() {
      return tr`past its peak: flavour only, yeast does the work`;
    },
  },
  'carry-over': {
    get name() {
      return tr`Carry-over`;
    },
    hydration: 0.65,
    flourShare: 0.2,
    made: { by: 'taken', saltShare: 0.027, oilShare: 0, cultureId: null },
    lotKind: 'carry-over',
    get says() {
      return tr`yesterday’s dough, its salt counted: nothing is thrown away`;
    },
  },
};

/** A leaven of a kind as it usually is. */
export function usualLeaven(kind: LeavenKind, id: string): Leaven {
  const { name, hydration, flourShare, made } = USUAL_LEAVENS[kind];
  return { id, kind, name, hydration, flourShare, flours: null, made };
}

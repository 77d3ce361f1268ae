import { perLanguage } from '@/words/per-language';
import { tr } from '@/words/tr';
import { usualLeaven, type Dough, type Leaven, type LeavenKind } from '../formula';
import type { Method, Stay } from './method';
import { USUAL_SCHOOLS, type Schools } from './schools';

/** Places by what they are for; a shop puts its own in their stead. */
export type PlaceRole = 'proofer' | 'bench' | 'cellar' | 'fridge';

/** A starting method. */
export interface LibraryMethod {
  readonly id: string;
  readonly method: Method;
}

const stay = (placeId: PlaceRole, hours: number, leastH: number, mostH: number): Stay => ({
  placeId,
  hours,
  leastH,
  mostH,
});
const leaven = (kind: LeavenKind, flourShare: number, changes: Partial<Leaven> = {}): Leaven => ({
  ...usualLeaven(kind, kind.replace(' ', '-')),
  flourShare,
  ...changes,
});
const dosed = (freshShare: number): Partial<Leaven> => ({ made: { by: 'yeast', freshShare } });

interface Sketch {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly water: number;
  readonly salt?: number;
  readonly oil?: number;
  readonly dose?: number;
  readonly leavens?: readonly Leaven[];
  readonly leavenStays?: Method['leavenStays'];
  readonly bulk: readonly Stay[];
  readonly balls: readonly Stay[];
  readonly schools?: Partial<Schools>;
  readonly heldBack?: number;
  readonly folds?: number;
  readonly refreshments?: number;
  readonly flours?: Dough['flours'];
  readonly target?: Method['target'];
}

const forty = (keepsH: number): Method['target'] => ({
  by: 'products',
  products: [{ name: tr`Balls`, count: 40, weightG: 250, keepsH }],
});
/** Hours balls keep at room and in the fridge. Source: the trade’s usual limits. */
const KEEPS_H = { room: 14, cold: 60 } as const;
const AUTOLYSE_MIN = 30;

/** What a sketch leaves out. */
const PLAIN = {
  salt: 0.027,
  oil: 0,
  dose: 0,
  leavens: [],
  leavenStays: {},
  heldBack: 0,
  folds: 0,
  refreshments: 0,
  flours: [{ flourId: 'strong', share: 1 }],
} as const;

function method(drawn: Sketch): LibraryMethod {
  const sketch = { ...PLAIN, ...drawn };
  const schools = { ...USUAL_SCHOOLS, ...sketch.schools };
  return {
    id: sketch.id,
    method: {
      name: sketch.name,
      says: sketch.says,
      dough: {
        flours: [...sketch.flours],
        hydration: sketch.water,
        saltShare: sketch.salt,
        oilShare: sketch.oil,
        added: [],
        yeast: { type: 'fresh', freshShare: sketch.dose },
        leavens: [...sketch.leavens],
      },
      target: sketch.target ?? forty(schools.coldWhere === 'balls' ? KEEPS_H.cold : KEEPS_H.room),
      lossShare: 0.015,
      refreshments: { count: sketch.refreshments, everyH: 6 },
      leavenStays: sketch.leavenStays,
      mix: {
        by: 'mixer',
        autolyse:
          schools.salt === 'after a rest' ? { minutes: AUTOLYSE_MIN, placeId: 'bench' } : null,
        heldBackShare: sketch.heldBack,
        steps: [
          { name: tr`Bring together`, speed: 'slow', minutes: 4 },
          { name: tr`Develop`, speed: 'fast', minutes: 6 },
        ],
        folds: { count: sketch.folds, everyMin: 30 },
        aimC: 24,
        limitC: 27,
      },
      bulk: [...sketch.bulk],
      balls: [...sketch.balls],
      moments: [],
      reball: false,
      schools,
    },
  };
}

const BENCH_BULK = stay('bench', 1, 0.25, 3);
const BENCH_BALLS = stay('bench', 4, 1.5, 9);

/** The starting methods, written for Olvik. Places are roles, flours are strong, soft and whole. */
export const startingMethods = perLanguage((): readonly LibraryMethod[] => [
  method({
    id: 'straight',
    name: tr`Straight, same day`,
    says: tr`no pre-ferment: flour to pizza within a day, plain flavour`,
    water: 0.62,
    dose: 0.004,
    bulk: [stay('bench', 2, 1, 4)],
    balls: [BENCH_BALLS],
    schools: { salt: 'with the flour' },
  }),
  method({
    id: 'poolish-day',
    name: tr`Poolish, same day`,
    says: tr`poolish at dawn, pizza in the evening`,
    water: 0.66,
    leavens: [leaven('poolish', 0.3, dosed(0.005))],
    leavenStays: { poolish: [stay('bench', 7, 4, 10)] },
    bulk: [BENCH_BULK],
    balls: [BENCH_BALLS],
  }),
  method({
    id: 'poolish-two-days',
    name: tr`Poolish, two days`,
    says: tr`poolish overnight, balls in the fridge: sweet and easy on the hands`,
    water: 0.66,
    leavens: [leaven('poolish', 0.2, dosed(0.002))],
    leavenStays: { poolish: [stay('bench', 12, 8, 16)] },
    bulk: [stay('bench', 0.5, 0.25, 2)],
    balls: [stay('fridge', 18, 8, 40), stay('bench', 3, 1, 8)],
    schools: { cold: 'after a start', coldWhere: 'balls' },
  }),
  method({
    id: 'sponge',
    name: tr`Sponge`,
    says: tr`a quick sponge at three times its volume: soft, within a day`,
    water: 0.63,
    oil: 0.02,
    leavens: [leaven('sponge', 0.3)],
    leavenStays: { sponge: [stay('bench', 3, 2, 5)] },
    bulk: [BENCH_BULK],
    balls: [BENCH_BALLS],
    schools: { readiness: 'rise' },
  }),
  method({
    id: 'biga-cellar',
    name: tr`Biga in the cellar`,
    says: tr`stiff biga for the better part of a day at 16°: light, crisp`,
    water: 0.68,
    leavens: [leaven('biga', 0.5)],
    leavenStays: { biga: [stay('cellar', 18, 14, 24)] },
    bulk: [BENCH_BULK],
    balls: [BENCH_BALLS],
    schools: { water: 'part held back' },
    heldBack: 0.06,
  }),
  method({
    id: 'biga-cold-boost',
    name: tr`Biga in the cold, with a boost`,
    says: tr`biga in the fridge for two days, a little yeast at the mix to finish the same day`,
    water: 0.68,
    dose: 0.002,
    leavens: [leaven('biga', 0.5, dosed(0.01))],
    leavenStays: { biga: [stay('fridge', 48, 24, 60)] },
    bulk: [BENCH_BULK],
    balls: [BENCH_BALLS],
    schools: { cold: 'at once', coldWhere: 'leaven', water: 'part held back' },
    heldBack: 0.06,
  }),
  method({
    id: 'biga-cold',
    name: tr`Biga in the cold, alone`,
    says: tr`the same without yeast at the mix: slower, fuller`,
    water: 0.68,
    leavens: [leaven('biga', 0.5, dosed(0.01))],
    leavenStays: { biga: [stay('fridge', 48, 24, 60)] },
    bulk: [stay('bench', 1.5, 0.5, 4)],
    balls: [stay('bench', 5, 2, 10)],
    schools: { cold: 'at once', coldWhere: 'leaven', water: 'part held back' },
    heldBack: 0.06,
  }),
  method({
    id: 'biga-cold-warm',
    name: tr`Biga, cold then warm`,
    says: tr`a day in the fridge, then hours in the cellar: flavour from one, life from the other`,
    water: 0.7,
    leavens: [leaven('biga', 0.6, dosed(0.006))],
    leavenStays: { biga: [stay('fridge', 24, 16, 36), stay('cellar', 10, 4, 16)] },
    bulk: [BENCH_BULK],
    balls: [BENCH_BALLS],
    schools: { cold: 'then warm', coldWhere: 'leaven', water: 'part held back' },
    heldBack: 0.06,
  }),
  method({
    id: 'levain-liquid',
    name: tr`Liquid levain`,
    says: tr`a levain built of the liquid starter overnight, no yeast`,
    water: 0.66,
    leavens: [leaven('levain', 0.2)],
    leavenStays: { levain: [stay('bench', 7, 4, 12)] },
    bulk: [stay('bench', 2, 1, 5)],
    balls: [stay('bench', 6, 3, 12)],
    schools: { readiness: 'float' },
    folds: 2,
  }),
  method({
    id: 'levain-stiff',
    name: tr`Stiff levain`,
    says: tr`the stiff starter refreshed once, its levain, balls in the fridge: hardly sour`,
    refreshments: 1,
    water: 0.64,
    leavens: [leaven('stiff levain', 0.25)],
    leavenStays: { 'stiff-levain': [stay('bench', 6, 4, 12)] },
    bulk: [stay('bench', 2, 1, 5)],
    balls: [stay('fridge', 16, 10, 40), stay('bench', 5, 2, 10)],
    schools: { cold: 'after a start', coldWhere: 'balls', waste: 'collected' },
  }),
  method({
    id: 'discard-yeast',
    name: tr`Discard with yeast`,
    says: tr`discard for flavour, yeast for the rise: uses up the jar`,
    water: 0.65,
    dose: 0.003,
    leavens: [leaven('discard', 0.08)],
    bulk: [stay('bench', 1.5, 0.5, 3)],
    balls: [BENCH_BALLS],
    schools: { waste: 'collected' },
  }),
  method({
    id: 'carry-over',
    name: tr`Carry-over alone`,
    says: tr`yesterday’s dough raises today’s: nothing is thrown away`,
    water: 0.65,
    leavens: [leaven('carry-over', 0.35)],
    bulk: [stay('bench', 1.5, 0.5, 4)],
    balls: [stay('bench', 6, 2, 12)],
  }),
  method({
    id: 'wholegrain-poolish',
    name: tr`Wholegrain poolish`,
    says: tr`the whole grain in the poolish: it drinks and sweetens overnight`,
    water: 0.7,
    flours: [
      { flourId: 'strong', share: 0.8 },
      { flourId: 'whole', share: 0.2 },
    ],
    leavens: [
      leaven('poolish', 0.2, {
        ...dosed(0.001),
        flours: [{ flourId: 'whole', share: 1 }],
      }),
    ],
    leavenStays: { poolish: [stay('bench', 9, 6, 12)] },
    bulk: [BENCH_BULK],
    balls: [BENCH_BALLS],
    schools: { water: 'part held back' },
    heldBack: 0.05,
  }),
  method({
    id: 'one-dough-three',
    name: tr`Balls, tray and flatbread`,
    says: tr`one dough for three things, each with its own end`,
    water: 0.66,
    oil: 0.015,
    leavens: [leaven('poolish', 0.25, dosed(0.002))],
    leavenStays: { poolish: [stay('bench', 12, 8, 16)] },
    bulk: [BENCH_BULK],
    balls: [BENCH_BALLS],
    target: {
      by: 'products',
      products: [
        { name: tr`Balls`, count: 24, weightG: 250, keepsH: 24 },
        { name: tr`Trays`, count: 3, weightG: 620, keepsH: 36 },
        { name: tr`Flatbreads`, count: 10, weightG: 120, keepsH: 48 },
      ],
    },
  }),
]);

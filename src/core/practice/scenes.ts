import { tr } from '@/words/tr';
import type { MassRequest } from '../forecast';
import { recipe } from '../kinetics';

/** How hard: 1 plain room to 5 with a label that lies. */
export type PracticeLevel = 1 | 2 | 3 | 4 | 5;
export const HARDEST: PracticeLevel = 5;

/** What can be judged. */
export const PRACTICE_KINDS = ['poolish', 'starter', 'biga', 'balls'] as const;
export type PracticeKind = (typeof PRACTICE_KINDS)[number];

/** A mass to be judged, as it was made and where it stands. */
export interface Scene {
  readonly kind: PracticeKind;
  readonly request: MassRequest;
  /** What the label says of it. */
  readonly label: string;
  /** What makes it hard; null for a plain one. */
  readonly twist: string | null;
}

type RequestStay = MassRequest['stays'][number];

/** A drawn number between two, evenly. */
type Draw = (low: number, high: number) => number;

/** Hours a scene is run: past every peak at room. */
const RUN_H = 60;
const COLD_C = 5;

/** A scene drawn for a level. */
export function drawScene(level: PracticeLevel, uniform: () => number): Scene {
  const draw: Draw = (low, high) => low + (high - low) * uniform();
  const kind = drawKind(level, uniform);
  const roomC = Math.round(drawRoom(level, draw));
  const isLeaven = kind === 'poolish' || kind === 'starter';
  const wholegrainShare = level >= 4 && kind !== 'biga' ? Math.round(draw(3, 10)) / 10 : 0;
  const chilledAtH = level === 4 && isLeaven ? drawChill(draw) : null;
  const placeC = kind === 'biga' ? Math.min(roomC, 18) : roomC;
  const stays = staysOf(placeC, chilledAtH);
  const made = MADE[kind]({ stays, wholegrainShare, draw, roomC });
  const whole = wholegrainShare > 0 ? tr`${Math.round(100 * wholegrainShare)} % wholegrain` : null;
  const cold = chilledAtH === null ? null : tr`fridge ${COLD_C}° after ${chilledAtH} h`;
  return {
    kind,
    request: made.request,
    label: joined([made.label, whole, tr`room ${placeC}°`, cold]) ?? made.label,
    twist: joined([roomTwist(placeC), whole, cold === null ? null : chilled()]),
  };
}

const chilled = () => tr`it went into the fridge: cooled gas dissolves and the level falls`;

/** What there is of some words, joined; null for none. */
function joined(words: readonly (string | null)[]): string | null {
  const there = words.filter((one) => one !== null);
  return there.length === 0 ? null : there.join(', ');
}

/** After how many hours a leaven went into the fridge; null for every other one. */
function drawChill(draw: Draw): number | null {
  return draw(0, 1) < 0.5 ? Math.round(draw(2, 4) * 2) / 2 : null;
}

function drawKind(level: PracticeLevel, uniform: () => number): PracticeKind {
  const kinds = level === 1 ? (['poolish', 'starter'] as const) : PRACTICE_KINDS;
  return kinds[Math.floor(uniform() * kinds.length)] ?? 'poolish';
}

/** The room of a level: hot or cold where that is what makes it hard. */
function drawRoom(level: PracticeLevel, draw: Draw): number {
  if (level !== 3 && level !== 5) return draw(18, 24);
  return draw(0, 1) < 0.5 ? draw(14, 16) : draw(27, 30);
}

function roomTwist(placeC: number): string | null {
  if (placeC >= 27) return tr`a hot kitchen`;
  return placeC <= 15 ? tr`a cold room` : null;
}

function staysOf(placeC: number, chilledAtH: number | null): RequestStay[] {
  if (chilledAtH === null) return [{ placeC, hours: RUN_H }];
  return [
    { placeC, hours: chilledAtH },
    { placeC: COLD_C, hours: RUN_H },
  ];
}

interface About {
  readonly stays: readonly RequestStay[];
  readonly wholegrainShare: number;
  readonly draw: Draw;
  readonly roomC: number;
}
type Made = (about: About) => { readonly request: MassRequest; readonly label: string };

const mass = (hydration: number, massG: number, about: About, saltShare = 0) =>
  recipe({ hydration, massG, wholegrainShare: about.wholegrainShare, saltShare });

const MADE: Readonly<Record<PracticeKind, Made>> = {
  poolish: (about) => {
    const freshPct = Math.round(about.draw(0.1, 0.6) * 20) / 20;
    return {
      label: tr`Poolish, ${freshPct} % fresh yeast`,
      request: {
        kind: 'poolish',
        recipe: mass(1, 2000, about),
        startC: about.roomC,
        freshShare: freshPct / 100,
        seeds: [],
        stays: about.stays,
      },
    };
  },
  starter: (about) => {
    const ratio = Math.round(about.draw(2, 8));
    const cycle = { ratio: [1, 5, 5] as const, tempC: 23, motherHydration: 1, massG: 250 };
    return {
      label: tr`Starter, fed 1:${ratio}:${ratio}`,
      request: {
        kind: 'starter',
        recipe: mass(1, 250, about),
        startC: about.roomC,
        freshShare: 0,
        seeds: [{ flourShare: 0.5 / (0.5 + ratio), source: { cycle } }],
        stays: about.stays,
      },
    };
  },
  biga: (about) => ({
    label: tr`Biga, 1 % fresh yeast, 48 % water`,
    request: {
      kind: 'biga',
      recipe: mass(0.48, 3000, about),
      startC: 19,
      freshShare: 0.01,
      seeds: [],
      stays: about.stays,
    },
  }),
  balls: (about) => {
    const freshPct = Math.round(about.draw(0.2, 0.5) * 20) / 20;
    return {
      label: tr`Balls of 250 g, straight dough, ${freshPct} % fresh yeast`,
      request: {
        kind: 'balls',
        recipe: mass(0.64, 250, about, 0.027),
        startC: 24,
        freshShare: freshPct / 100,
        seeds: [],
        stays: about.stays,
      },
    };
  },
};

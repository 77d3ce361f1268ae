import {
  BAKERS_YEAST,
  bookSpeedLnSd,
  MISFIT_LN_SD,
  plainState,
  requestState,
  type MassRequest,
  type WhatIfBase,
} from '@/core/forecast';
import { recipe } from '@/core/kinetics';
import type { ShopUnits } from '@/core/units';
import type { LotView } from '@/server/lots/lot-view';
import { sentenceInUnits } from '@/shop/sentence-in-units';
import { type PlayKind, type PlayForm, PLAY_KINDS } from './play-kinds';

const HOURS = 48;
/** A liquid mother of even weights: half of it is flour. */
const MOTHER_FLOUR = 0.5;

/** Share of the flour that a mother brings, fed with so many parts of flour. */
export const playSeed = (parts: number) => MOTHER_FLOUR / (MOTHER_FLOUR + parts);

/** Parts of flour for one of mother at a share of seed. */
export const playParts = (seedShare: number) => MOTHER_FLOUR / seedShare - MOTHER_FLOUR;

function requestOf(form: PlayForm): MassRequest {
  const play = PLAY_KINDS[form.kind];
  const seeded = form.kind === 'starter';
  return {
    kind: play.lotKind,
    recipe: recipe({ hydration: play.hydration, massG: play.massG, saltShare: play.saltPct / 100 }),
    startC: Math.min(26, Math.max(18, form.placeC)),
    freshShare: seeded ? 0 : form.amount / 100,
    seeds: seeded
      ? [
          {
            flourShare: playSeed(form.amount),
            source: { cycle: { ratio: [1, 5, 5], tempC: 25, motherHydration: 1 } },
          },
        ]
      : [],
    stays: [{ placeC: form.placeC, hours: HOURS }],
  };
}

/** The mass of a form, just mixed. */
export function playBase(form: PlayForm): WhatIfBase {
  const request = requestOf(form);
  return {
    kind: request.kind,
    recipe: request.recipe,
    state: plainState(requestState(request)),
    asks: 'prime',
    seedShare: form.kind === 'starter' ? playSeed(form.amount) : null,
    hours: HOURS,
    speedLnSd: bookSpeedLnSd(form.kind === 'starter' ? form.kind : BAKERS_YEAST),
    shrink: 1,
    extraLnSd: MISFIT_LN_SD,
    targetRise: null,
  };
}

/** A view with nothing in it yet, for the chart. */
export function emptyView(nowMs: number, units: ShopUnits, kind: PlayKind): LotView {
  const { name, lotKind, massG } = PLAY_KINDS[kind];
  const none = { opensMs: null, bestMs: null, closesMs: null };
  const noBand = { opensBand: null, bestBand: null, closesBand: null };
  return {
    units,
    nowMs,
    strand: {
      lotId: 'try',
      name: sentenceInUnits(name, units),
      kind: lotKind,
      startMs: nowMs,
      endMs: null,
      stays: [],
      stepMs: 600_000,
      activity: [],
      rise: [],
      risingMs: null,
      window: { ...none, youngMs: null, primeMs: null, pastMs: null, ...noBand },
      keeping: false,
      madeFrom: [],
      becomes: [],
      tense: 'planned',
    },
    code: 'try',
    placeName: '',
    placeC: 0,
    massG,
    balls: null,
    composition: [],
    curve: { fromMs: nowMs, stepMs: 600_000, rise: [1, 1, 1, 1, 1, 1, 1] },
    early: null,
    late: null,
    quiet: { ph: [], gluten: [] },
    temps: { core: [], place: [] },
    phNow: null,
    glutenNow: null,
    looks: [],
    hours: { stages: [], goneH: 0, leftH: null },
    tightUntilMs: null,
    aim: null,
    next: null,
    madeFrom: [],
    becomes: [],
    offer: null,
    trial: null,
    places: [],
    ingredients: [],
    leftG: 0,
    ballsLeft: null,
    chains: [],
    pastMs: null,
    unknown: null,
    freeze: null,
  };
}

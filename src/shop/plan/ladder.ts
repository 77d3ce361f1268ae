import { tr, trOf } from '@/words/tr';
import type { LotForecast } from '@/core/forecast';
import type { Method } from '@/core/methods';
import {
  hourReasons,
  type HourOf,
  type HourReason,
  type Wave,
  type Refreshments,
} from '@/core/planner';
import {
  assignHands,
  joinedNeeds,
  lengthOf,
  type Broken,
  type Length,
  type Needs,
  type Kitchen,
  type Odds,
  type PlanCosts,
  type Proposal,
} from '@/core/planner/week';
import { MS_PER_MINUTE } from '@/core/units';
import { strandOf } from '../tide/strands';
import type { Glyph } from '../hands/moment';
import { inFigures } from '@/words/figures';
import type { Strand } from '../tide/view';

/** One moment of hands on a ladder. */
export interface Rung {
  readonly atMs: number;
  readonly glyph: Glyph;
  readonly title: string;
  /** Grams or the place. */
  readonly amount: string;
  readonly who: string | null;
  /** The same again for the next waves of balls. */
  readonly alsoMs: readonly number[];
  /** A mix inside its leaven’s window, and how far from the best, min; null for other moments. */
  readonly offPeakMin: number | null;
  readonly ripe: boolean;
  /** Whose hour it is, where a baker may hold it before the plan is taken; null for what follows of itself. */
  readonly holds: HourOf | null;
  /** Why it is at that hour; empty where there is nothing to be said of it. */
  readonly why: readonly HourReason[];
}

/** A plan as it falls to its bake. */
export interface Ladder {
  readonly key: string;
  readonly name: string;
  readonly versionId: string | null;
  readonly length: Length;
  readonly lengthH: number;
  readonly says: string;
  readonly rungs: readonly Rung[];
  readonly strands: readonly Strand[];
  /** Leavens as they are mixed: window of each. */
  readonly windows: readonly {
    readonly opensMs: number | null;
    readonly bestMs: number | null;
    readonly closesMs: number | null;
  }[];
  readonly odds: Odds;
  readonly costs: PlanCosts;
  readonly points: number;
  readonly broken: readonly Broken[];
  readonly waves: number;
  /** What takes this plan again. */
  readonly take: {
    readonly key: string;
    readonly versionId: string | null;
    readonly method: Method;
    readonly mixAtMs: number;
    readonly leavenAtMs: Readonly<Record<string, number>>;
    readonly refreshments: Refreshments;
    /** The jars that its leavens take of, by leaven. */
    readonly jars: Readonly<Record<string, string>>;
    readonly waves: readonly Wave[] | null;
  };
}

/** A proposal with its odds as the page shows it. */
export function ladderOf(
  proposal: Proposal,
  shop: {
    readonly kitchen: Kitchen;
    readonly background: Needs;
    readonly placeName: (id: string) => string;
  },
): Ladder {
  const { plan, demand, method, odds } = proposal;
  const own = new Set([
    ...Object.values(plan.ids.leavenIds),
    plan.ids.doughId,
    ...plan.ids.pieceIds.slice(0, 1),
  ]);
  const lots = [...plan.lots.values()].filter((lot) => own.has(lot.story.lot.id));
  return {
    key: method.key,
    name: method.method.name,
    versionId: method.versionId,
    length: lengthOf(proposal),
    lengthH: (demand.readyFromMs - proposal.firstMs) / 3_600_000,
    says: method.method.says,
    rungs: rungsOf(proposal, shop),
    strands: lots.map((lot) => strandOf(lot, demand.readyToMs, new Set())),
    windows: plan.leavens.filter((one) => one.atMs !== null).map((one) => windowOf(one.forecast)),
    odds: odds as Odds,
    costs: proposal.costs,
    points: proposal.points,
    broken: proposal.broken,
    waves: plan.waves?.length ?? 1,
    take: {
      key: method.key,
      versionId: method.versionId,
      method: plan.method,
      mixAtMs: plan.mixAtMs,
      leavenAtMs: Object.fromEntries(
        plan.leavens.flatMap((one) =>
          one.atMs === null ? [] : [[one.leavenId, one.atMs] as const],
        ),
      ),
      refreshments: plan.refreshments,
      jars: Object.fromEntries(
        proposal.request.sources.map(({ leavenId, lotId }) => [leavenId, lotId]),
      ),
      waves: plan.waves,
    },
  };
}

const windowOf = ({ window }: LotForecast) => ({
  opensMs: window.opensMs,
  bestMs: window.bestMs,
  closesMs: window.closesMs,
});

const GLYPH_OF = { make: 'feed', divide: 'ball', move: 'move', work: 'mix' } as const;

function rungsOf(proposal: Proposal, shop: Parameters<typeof ladderOf>[1]): Rung[] {
  const { plan, demand, needs } = proposal;
  const { hands } = assignHands(joinedNeeds([shop.background, needs]).hands, shop.kitchen);
  const own = hands.filter((need) => need.demandId === demand.id);
  const reasons = hourReasons(plan, proposal.request);
  const whoAt = (atMs: number) => own.find((need) => need.fromMs === atMs)?.who ?? null;
  const groups = new Map<string, Rung>();
  const balled = new Map<string, number>();
  for (const { atMs, act, of = null } of plan.steps) {
    const told = rungOf(act, atMs, { proposal, shop, who: whoAt(atMs) });
    if (told === null) continue;
    const rung = { ...told, holds: of };
    const isWave = act.kind === 'move' && plan.ids.pieceIds.includes(act.lotId);
    const isBalling = act.kind === 'divide';
    const key = isWave ? `wave ${act.placeId}` : `${atMs} ${isBalling ? 'balling' : rung.title}`;
    const balls = isBalling ? (balled.get(key) ?? 0) + act.count : 0;
    balled.set(key, balls);
    const before = groups.get(key);
    if (before === undefined) groups.set(key, rung);
    else if (isWave) groups.set(key, { ...before, alsoMs: [...before.alsoMs, atMs] });
    else groups.set(key, { ...rung, ...merged(before, rung, balls) });
  }
  const lit = own.find((need) => need.part === 'oven');
  const oven: Rung[] =
    lit === undefined
      ? []
      : [plain({ atMs: lit.fromMs, glyph: 'bake', title: tr`Light the oven`, who: lit.who })];
  return oneAnInstant([...groups.values(), ...oven].sort((a, b) => a.atMs - b.atMs)).map((one) => ({
    ...one,
    why: reasons.filter(({ atMs }) => atMs === one.atMs || one.alsoMs.includes(atMs)),
  }));
}

/** What is done at one instant stands on one rung: two would be written over each other. */
export function oneAnInstant(rungs: readonly Rung[]): Rung[] {
  const kept: Rung[] = [];
  for (const rung of rungs) {
    const last = kept.at(-1);
    if (last?.atMs !== rung.atMs) {
      kept.push(rung);
      continue;
    }
    const title = `${last.title}, ${rung.title.charAt(0).toLowerCase()}${rung.title.slice(1)}`;
    const holds = last.holds ?? rung.holds;
    kept[kept.length - 1] = { ...last, title, holds, alsoMs: [...last.alsoMs, ...rung.alsoMs] };
  }
  return kept;
}

const plain = (one: Pick<Rung, 'atMs' | 'glyph' | 'title' | 'who'>): Rung => ({
  ...one,
  amount: '',
  alsoMs: [],
  offPeakMin: null,
  ripe: false,
  holds: null,
  why: [],
});

/** Balls of several waves that are made at once are one rung. */
function merged(before: Rung, next: Rung, balls: number): Pick<Rung, 'title' | 'amount'> {
  const amounts = [...new Set([...before.amount.split(', '), next.amount])];
  return { title: balls > 0 ? tr`Ball ${balls}` : next.title, amount: amounts.join(', ') };
}

/** What the hands do with what stands already. */
function handsTitle(act: Proposal['plan']['steps'][number]['act']): string {
  if (act.kind === 'do') return act.what;
  if (act.kind === 'soak') return tr`Soak flour and water`;
  return act.kind === 'work' ? capital(trOf(act.act)) : trOf(act.kind);
}
const capital = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

function rungOf(
  act: Proposal['plan']['steps'][number]['act'],
  atMs: number,
  about: {
    readonly proposal: Proposal;
    readonly shop: Parameters<typeof ladderOf>[1];
    readonly who: string | null;
  },
): Rung | null {
  const { proposal, shop, who } = about;
  if (act.kind === 'use' || act.kind === 'light') return null;
  const glyph = act.kind in GLYPH_OF ? GLYPH_OF[act.kind as keyof typeof GLYPH_OF] : 'mix';
  const base = plain({ atMs, glyph, title: trOf(act.kind), who });
  const place = 'placeId' in act ? shop.placeName(act.placeId) : '';
  if (act.kind === 'divide') return { ...base, title: tr`Ball ${act.count}`, amount: place };
  if (act.kind === 'move') return { ...base, ...movedRung(act.lotId, place, proposal) };
  if (act.kind !== 'make') return { ...base, title: handsTitle(act) };
  const massG =
    act.ingredients.reduce((sum, line) => sum + line.massG, 0) +
    act.portions.reduce((sum, line) => sum + line.massG, 0);
  if (act.lotKind !== 'dough') {
    const title = `${leavenName(act.name, proposal)} ${grams(massG)}`;
    return { ...base, title, amount: place };
  }
  const off = proposal.plan.leavens.flatMap(({ forecast: { window }, atMs: builtMs }) =>
    builtMs === null || window.bestMs === null ? [] : [(atMs - window.bestMs) / MS_PER_MINUTE],
  );
  const ripe =
    !proposal.broken.some((one) => one.kind === 'leaven not ripe') &&
    proposal.plan.leavens.some((one) => one.atMs !== null);
  const offPeakMin = off.length === 0 ? null : Math.round(Math.max(...off.map(Math.abs)));
  const title = tr`Mix ${grams(massG)}`;
  return { ...base, glyph: 'mix', title, amount: place, offPeakMin, ripe };
}

/** What is moved where: balls by their number, anything else by its name. */
function movedRung(
  lotId: string,
  place: string,
  { plan }: Proposal,
): Pick<Rung, 'title' | 'amount'> {
  const piece = plan.ids.pieceIds.indexOf(lotId);
  if (piece < 0) {
    const leaven = plan.leavens.find((one) => plan.ids.leavenIds[one.leavenId] === lotId);
    return { title: tr`${leaven?.name ?? tr`Dough`} to ${place}`, amount: '' };
  }
  const count = plan.waves?.[piece]?.count;
  return { title: tr`To ${place}`, amount: count === undefined ? '' : tr`${count} balls` };
}

function leavenName(name: string, { demand }: Proposal): string {
  return name.replace(`${demand.name} `, '');
}

function grams(massG: number): string {
  return massG >= 1000 ? inFigures(`${(massG / 1000).toFixed(1)} kg`) : `${Math.round(massG)} g`;
}

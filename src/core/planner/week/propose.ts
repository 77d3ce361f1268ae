import { lineageActs } from '../../journal';
import type { MethodPlan, MethodRequest, NoMethodPlan } from '../method-request';
import { planMethod } from '../plan-method';
import { brokenByNeeds, type Broken } from './broken';
import { brokenInPlan, isRipeAt, piecesServed } from './broken-in-plan';
import { pointsOf } from './cost';
import { costsOfPlan } from './costs-of-plan';
import { climbed } from './climbed';
import { methodFor, type Demand, type DemandMethod } from './demand';
import { joinedNeeds } from './needs';
import { withOtherPlaces } from './other-places';
import { needsOfPlan } from './needs-of-plan';
import { byBrokenThenPoints, type PlanningShop, type Proposal } from './proposal';
import { quickOdds } from './quick-odds';
import { variantsOf, type Variant } from './variants';
import { holdingPlaces, inWaves } from './waves';

/** Refreshments tried before a seeded leaven, at most. */
const MOST_REFRESHMENTS = 3;
/** Other hours that are run for a method, beside its first plan. */
const USUAL_TRIES = 3;
/** Apart enough to be another plan, h. */
const APART_H = 0.5;

/** Ways of one method to meet a demand, the best first; or why there is none. */
export type Proposed =
  | { readonly kind: 'proposals'; readonly proposals: readonly Proposal[] }
  | { readonly kind: 'none'; readonly because: NoMethodPlan };

/**
 * Proposals of one method for a demand: as it would be, and where that breaks a condition of the shop or more choice is
 * wanted, at other hours of the grid.
 * @param tries hours run beside the first plan
 */
export function proposalsOf(
  demand: Demand,
  method: DemandMethod,
  shop: PlanningShop,
  tries = USUAL_TRIES,
): Proposed {
  const first = fromJarsThen(requestFor(demand, method, shop), { demand, method, shop });
  if (first.kind === 'infeasible') return { kind: 'none', because: first };
  const { plan, request: asked } = first;
  const judgeOf = (one: MethodPlan, by: MethodRequest) =>
    bestInWaves(one, by, { demand, method, shop });
  const judge = (one: MethodPlan) => climbed(judgeOf(one, asked), judgeOf);
  const proposals = [judge(plan)];
  const wanted = isBroken(proposals[0]) ? tries : Math.min(1, tries);
  const tried = [plan.mixAtMs];
  const variants = variantsOf(plan, asked, demand, shop).filter((one) => keeps(one, demand));
  for (const variant of variants) {
    if (tried.length > wanted) break;
    const near = tried.some((atMs) => Math.abs(atMs - variant.mixAtMs) < APART_H * 3_600_000);
    const sameMix = variant.mixAtMs === plan.mixAtMs && variant.awayH > APART_H / 2;
    if (near && !(sameMix && tried.length === 1)) continue;
    const held = { mixAtMs: variant.mixAtMs, leavenAtMs: variant.leavenAtMs };
    const other = planMethod({ ...asked, held });
    tried.push(variant.mixAtMs);
    if (other.kind === 'plan') proposals.push(judgeOf(other, asked));
  }
  proposals.sort(byBrokenThenPoints);
  proposals.sort(byBrokenThenPoints);
  return {
    kind: 'proposals',
    proposals: tries === 0 ? proposals : withOtherPlaces(proposals, judgeOf),
  };
}

/** A plan with its balls at once or in waves, from whichever place has room for them: the best of these. */
function bestInWaves(
  plan: MethodPlan,
  request: MethodRequest,
  about: Parameters<typeof judged>[2],
): Proposal {
  const tried: Proposal[] = [];
  for (const coldId of holdingPlaces(plan.method.balls, request)) {
    const waved = inWaves(plan, request, about.demand, coldId);
    if (waved === plan) break;
    tried.push(judged(waved, { ...request, ...wavedRequest(waved) }, about));
    if (tried.at(-1)?.broken.length === 0) break;
  }
  if (!tried.some((one) => one.broken.length === 0)) tried.push(judged(plan, request, about));
  return tried.sort(byBrokenThenPoints)[0] as Proposal;
}

/** True for hours that leave what the baker pinned where it is. */
function keeps(variant: Pick<Variant, 'mixAtMs' | 'leavenAtMs'>, { held = {} }: Demand): boolean {
  const { mixAtMs, leavenAtMs = {} } = held;
  return (
    (mixAtMs === undefined || variant.mixAtMs === mixAtMs) &&
    Object.entries(leavenAtMs).every(([id, atMs]) => variant.leavenAtMs[id] === atMs)
  );
}

const isBroken = (one: Proposal | undefined) => (one?.broken.length ?? 0) > 0;

const wavedRequest = ({ waves }: MethodPlan) => (waves === null ? {} : { waves });

/** The request of a demand for one of its methods. */
export function requestFor(
  demand: Demand,
  method: DemandMethod,
  shop: PlanningShop,
): MethodRequest {
  const sources = shop.sourcesOf(method, demand);
  const base = { ...shop.base };
  delete base.done;
  return {
    ...base,
    method: methodFor(method.method, demand.balls),
    name: demand.name,
    readyFromMs: demand.readyFromMs,
    readyToMs: demand.readyToMs,
    held: demand.held ?? {},
    ...withSources(sources, shop),
    withBands: false,
  };
}

/** Jars that leavens take of, with what was done to them and is planned for them before. */
export function withSources(
  sources: MethodRequest['sources'],
  { base: { done } }: PlanningShop,
): Pick<MethodRequest, 'sources' | 'done'> {
  const jars = sources.map((one) => one.lotId);
  return {
    sources,
    ...(done === undefined || jars.length === 0 ? {} : { done: lineageActs(done, jars) }),
  };
}

/** A plan from the jars as they are at its own hours: where those are other jars than at the usual ones, planned again from them. */
function fromJarsThen(
  request: MethodRequest,
  { demand, method, shop }: Parameters<typeof judged>[2],
): ReturnType<typeof refreshed> {
  const first = refreshed(request);
  if (first.kind === 'infeasible') return first;
  const { plan } = first;
  const leavenAtMs = Object.fromEntries(
    plan.leavens.flatMap((one) => {
      const fedMs = plan.refreshments.find((fed) => fed.leavenId === one.leavenId)?.atMs;
      return one.atMs === null ? [] : [[one.leavenId, fedMs ?? one.atMs] as const];
    }),
  );
  const asked = { ...method, method: { ...method.method, refreshments: NO_FEEDS } };
  const held = { mixAtMs: plan.mixAtMs, leavenAtMs };
  const then = shop.sourcesOf(asked, { readyFromMs: demand.readyFromMs, held });
  const same = then.every((one) => request.sources.some((now) => now.lotId === one.lotId));
  if (same) return first;
  const again = refreshed({ ...request, ...withSources(then, shop) });
  return again.kind === 'infeasible' ? first : again;
}
const NO_FEEDS = { count: 0, everyH: 6 };

/** As many feeds in a row before a seeded leaven as its jar needs, as it stands. */
function refreshed(
  request: MethodRequest,
): { kind: 'plan'; plan: MethodPlan; request: MethodRequest } | NoMethodPlan {
  const { refreshments, dough } = request.method;
  const seeded = dough.leavens.some((one) => one.made.by === 'seed');
  let found: { kind: 'plan'; plan: MethodPlan; request: MethodRequest } | null = null;
  const most = seeded && request.done !== undefined ? MOST_REFRESHMENTS : refreshments.count;
  for (let count = refreshments.count; count <= most; count += 1) {
    const asked = {
      ...request,
      method: { ...request.method, refreshments: { ...refreshments, count } },
    };
    const plan = planMethod(asked);
    if (plan.kind === 'infeasible') return found ?? plan;
    found = { kind: 'plan', plan, request: asked };
    if (!needsFeed(plan, request)) break;
  }
  return found as { kind: 'plan'; plan: MethodPlan; request: MethodRequest };
}

/** A seeded leaven that is not ripe at the mix, or wants more seed than there is, asks for a feed before it. */
function needsFeed(plan: MethodPlan, { sources }: MethodRequest): boolean {
  const seeded = plan.columns.leavens.filter(({ leaven }) => leaven.made.by === 'seed');
  return seeded.some(({ leaven, seedG }) => {
    const first = plan.refreshments.find((one) => one.leavenId === leaven.id && one.number === 1);
    const there = sources.find((one) => one.leavenId === leaven.id)?.thereG ?? Infinity;
    const lotId = plan.ids.leavenIds[leaven.id] ?? '';
    return (first?.motherG ?? seedG) > there || !isRipeAt(plan.lots.get(lotId), plan.mixAtMs);
  });
}

/** A plan with what it takes, breaks and costs. */
export function judged(
  plan: MethodPlan,
  request: MethodRequest,
  about: {
    readonly demand: Demand;
    readonly method: DemandMethod;
    readonly shop: PlanningShop;
  },
): Proposal {
  const { demand, method, shop } = about;
  const needs = needsOfPlan(plan, demand, { kitchen: shop.kitchen, request });
  const all = joinedNeeds([shop.background, needs]);
  const broken: Broken[] = [
    ...brokenInPlan(plan, demand, request),
    ...brokenByNeeds(all, shop.kitchen, demand.id),
  ];
  const guess = quickOdds(plan, piecesServed(plan, demand), demand);
  const costs = costsOfPlan(plan, needs.hands, shop.kitchen.timeZone);
  return {
    demand,
    method,
    plan,
    request,
    needs,
    broken,
    guess,
    odds: null,
    costs,
    points: pointsOf(guess, costs, shop.weights),
    firstMs: Math.min(...plan.steps.map((one) => one.atMs)),
  };
}

// The planner in figures: cost as ratios to one simulation of the week, gap to a bound, against a general solver, honesty of its odds.
import { median } from 'd3';
import { asTaken, demandFor, planningShop } from '../../tests/fixtures/planning';
import { BAKERS_YEAST, LEAVENED_DOUGHS } from '@/core/forecast';
import { BOOK_MODEL } from '@/core/kinetics';
import { seededNormal, seededUniform } from '@/core/numeric';
import { checkPlans } from '@/core/planner/check/check-plans';
import { forgetRuns } from '@/core/forecast/remembered-runs';
import { planMethod } from '@/core/planner';
import { forecastActs } from '@/core/planner/forecast-acts';
import {
  planWeek,
  proposalsOf,
  requestFor,
  type Demand,
  type PlanningShop,
  type Proposal,
} from '@/core/planner/week';
import { countOutturns, outturnOf } from '@/core/planner/week/odds';
import { drawnTruths } from '@/core/planner/week/drawn-truths';
import { oddsQuestion, withOdds } from '@/core/planner/week/plan-odds';

import { round, timed } from './timed';

const HOUR_MS = 3_600_000;

/** Fourteen services of a week: noon and evening of every day. */
function fourteen(): Demand[] {
  const days = ['24', '25', '26', '27', '28', '29', '30'];
  return days.flatMap((day) =>
    ['12:00', '18:00'].map((hour) =>
      demandFor(`2026-11-${day}T${hour}`, ['straight', 'levain-liquid', 'poolish-two-days'], {
        balls: hour === '12:00' ? 20 : 36,
      }),
    ),
  );
}

/** Methods that stand for others: no leaven, one found by its dose, one fed, one of two days. */
const OWN = ['straight', 'poolish-day', 'levain-liquid', 'poolish-two-days'] as const;
const OWN_TIMES = 61;

/** What planning a method from nothing takes, in runs of the plan that it gives. */
function ownRatio(id: string, shop: PlanningShop): number {
  const demand = demandFor('2026-11-27T18:00', [id], { balls: 36 });
  const request = requestFor(demand, demand.methods[0]!, shop);
  const plan = planMethod(request);
  if (plan.kind !== 'plan') throw new Error(`${id}: ${plan.because}`);
  const anew = (run: () => unknown) => {
    forgetRuns();
    return timed(run).ms;
  };
  // In turns, so that a machine that is slower for a while is so for both.
  const ratios = Array.from({ length: OWN_TIMES }, () => {
    const planning = anew(() => planMethod(request));
    return planning / anew(() => forecastActs(request, plan.run));
  });
  return round(median(ratios) ?? NaN, 1);
}

/** A week of fourteen services planned, in ratios to one simulation of it. */
export function planWeekBench() {
  const shop = planningShop();
  const demands = fourteen();
  const [first] = demands;
  proposalsOf(first as Demand, (first as Demand).methods[0]!, shop);
  const single = timed(() => proposalsOf(first as Demand, (first as Demand).methods[0]!, shop));
  const steps = planWeek(demands, shop);
  const whole = timed(() => {
    let firstMs = NaN;
    const from = performance.now();
    let step = steps.next();
    while (step.done !== true) {
      if (step.value.complete && Number.isNaN(firstMs)) firstMs = performance.now() - from;
      step = steps.next();
    }
    return { week: step.value, firstMs };
  });
  const { week: found, firstMs } = whole.value;
  const taken = found.chosen.filter((one): one is Proposal => one !== null);
  const all = taken.flatMap((one) => one.plan.run);
  const simulation = timed(() => {
    for (const one of taken) {
      forgetRuns();
      forecastActs(one.request, one.plan.run);
    }
  });
  return {
    'services planned, of 14': taken.length,
    'steps of the week': all.length,
    'one plan proposed over one simulation of the week': round(single.ms / simulation.ms),
    'one method planned over one simulation of itself': Object.fromEntries(
      OWN.map((id) => [id, ownRatio(id, shop)]),
    ),
    'first complete week over one simulation of the week': round(firstMs / simulation.ms, 1),
    'seconds to the first complete week (this machine)': round(firstMs / 1000, 1),
    'the whole over the first complete': round(whole.ms / firstMs, 3),
    'points, and no week can be better than': [round(found.points, 1), round(found.bound, 1)],
    'gap to the bound': round((found.points - found.bound) / found.bound, 3),
    proved: found.proved,
    'rules broken, by an independent checker': checkPlans(asTaken(taken, shop), {
      ...shop.base,
      kitchen: shop.kitchen,
      fineStepG: shop.base.steps.fineStepG,
    }).length,
  };
}

/** Thousands of random shops and demands, each plan checked from outside. */
export function planChecked() {
  const uniform = seededUniform(7);
  const pick = <T>(all: readonly T[]) => all[Math.floor(uniform() * all.length)] as T;
  const between = (least: number, most: number) =>
    least + Math.floor(uniform() * (most - least + 1));
  const ways = ['straight', 'poolish-day', 'sponge', 'biga-cold-boost', 'wholegrain-poolish'];
  let taken = 0;
  let broken = 0;
  const asked = 2000;
  for (let i = 0; i < asked; i += 1) {
    const shop = planningShop({
      benchC: between(17, 27),
      kitchen: {
        people: pick([['Jo'], ['Jo', 'Maren']]),
        hours: { fromMinute: 360, untilMinute: between(20, 24) * 60 - 1 },
        rooms: [
          { placeId: 'bench', name: 'bench', litres: 40 },
          { placeId: 'fridge', name: 'fridge', litres: between(4, 50) },
        ],
      },
    });
    const demand = demandFor(`2026-11-27T${between(11, 20)}:00`, [pick(ways)], {
      balls: between(6, 90),
    });
    const found = proposalsOf(demand, demand.methods[0]!, shop, 2);
    const best =
      found.kind === 'proposals' ? found.proposals.find((one) => one.broken.length === 0) : null;
    if (best == null) continue;
    taken += 1;
    const rules = { ...shop.base, kitchen: shop.kitchen, fineStepG: 0.1 };
    if (checkPlans(asTaken([best], shop), rules).length > 0) broken += 1;
  }
  return {
    'random shops and demands': asked,
    'with a plan': taken,
    'plans that break a rule': broken,
  };
}

/** Beyond this a run means nothing: no kitchen is so far off. */
const FARTHEST_SD = 5;

/** Another kitchen than the book’s: another temperature response, more gas, slower starch. */
const FOREIGN = {
  ...BOOK_MODEL,
  growthBLo: BOOK_MODEL.growthBLo - 1,
  growthWLo: BOOK_MODEL.growthWLo - 1,
  kg: BOOK_MODEL.kg * 1.03,
  ka: BOOK_MODEL.ka * 0.95,
};

/** The shop after some weeks of looks and readings: its doughs, cultures and places are known, as the demo’s are. */
function knownShop(shop: PlanningShop): PlanningShop {
  const places = [...shop.base.places].map(
    ([id, one]) => [id, { ...one, offsetC: 0, offsetSdC: 0.4 }] as const,
  );
  const cultureSpeeds = new Map([
    [LEAVENED_DOUGHS, { speed: 1, lnSd: 0.06 }],
    [BAKERS_YEAST, { speed: 1, lnSd: 0.05 }],
  ]);
  return { ...shop, base: { ...shop.base, places: new Map(places), cultureSpeeds } };
}

/** Plans’ odds against what they come to, with truths of heavier tails drawn outside the planner’s own model. */
export function planOdds() {
  const truths = 60;
  const normal = seededNormal(99);
  const student = () => {
    const chi = normal() ** 2 + normal() ** 2 + normal() ** 2 + normal() ** 2;
    const drawn = (normal() / Math.sqrt(chi / 4)) * Math.SQRT1_2;
    return Math.max(-FARTHEST_SD, Math.min(FARTHEST_SD, drawn));
  };
  const bins = new Map<string, { said: number; held: number; count: number }>();
  const count = (kind: string, said: number, held: number) => {
    const bin = `${kind} ${Math.min(90, Math.floor(said * 10) * 10)}–${Math.min(100, Math.floor(said * 10) * 10 + 10)} %`;
    const known = bins.get(bin) ?? { said: 0, held: 0, count: 0 };
    bins.set(bin, { said: known.said + said, held: known.held + held, count: known.count + 1 });
  };
  const shops = [19, 22, 25].flatMap((benchC) => {
    const shop = planningShop({ benchC });
    return [shop, knownShop(shop)];
  });
  for (const shop of shops) {
    const ways = [
      'straight',
      'poolish-day',
      'sponge',
      'biga-cold-boost',
      'levain-liquid',
      'poolish-two-days',
    ];
    for (const way of ways) {
      for (const hours of [1, 2, 3]) {
        const from = '2026-11-27T18:00';
        const readyToMs = Date.parse('2026-11-27T17:00:00Z') + hours * HOUR_MS;
        const demand = demandFor(from, [way], { readyToMs });
        const found = proposalsOf(demand, demand.methods[0]!, shop, 0);
        if (found.kind !== 'proposals' || found.proposals[0] === undefined) continue;
        const proposal = withOdds(found.proposals[0], shop, 60);
        const question = oddsQuestion(proposal, truths);
        const foreign = { ...proposal.request, model: FOREIGN };
        const outturns = drawnTruths(truths).map((one) => {
          const truth = {
            ...one.truth,
            speedZ: student(),
            placeZ: student(),
            startZ: student(),
            lagZ: student(),
            sugarZ: student(),
            doughZ: student(),
            coldZ: student(),
          };
          const late = () => 3 + 6 * student();
          const lateMin = { leaven: late(), mix: late(), move: late() };
          return outturnOf(
            question,
            { truth, lateMin, doseFactor: Math.exp(0.06 * student()) },
            foreign,
          );
        });
        const held = countOutturns(question, outturns);
        count('service', proposal.odds!.service, held.service);
        if (question.leavens.length > 0) count('leaven', proposal.odds!.leaven, held.leaven);
        proposal.odds!.halfHours.forEach((half, i) => {
          count('half hour', half.ready, held.halfHours[i]!.ready);
        });
      }
    }
  }
  const rows = [...bins].sort(([a], [b]) => a.localeCompare(b));
  return Object.fromEntries(
    rows.map(([bin, one]) => [
      bin,
      { said: round(one.said / one.count), held: round(one.held / one.count), plans: one.count },
    ]),
  );
}

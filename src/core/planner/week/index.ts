export { alternativesOf, lengthOf, type Alternatives, type Length } from './alternatives';
export { assignHands } from './assign-hands';
export { brokenByNeeds, type Broken, type BrokenKind } from './broken';
export { chooseBest, fits, type Choice, type Option } from './choose';
export { pointsOf, WISHES, type PlanCosts, type Weights, type Wish } from './cost';
export { halfHours, pizzasPerHour, type Demand, type DemandMethod } from './demand';
export { highestRise } from './needs-of-plan';
export { handsMin, LIGHTING_MIN, mixingMin } from './hands-minutes';
export { type Kitchen, type Oven, type Room } from './kitchen';
export { knotOf, type Knot } from './knots';
export { joinedNeeds, NO_NEEDS, type HandsNeed, type Needs } from './needs';
export { type Nearest } from './nearest';
export {
  countOutturns,
  drawnTruths,
  oddsOf,
  outturnOf,
  type Odds,
  type OddsQuestion,
} from './odds';
export { type PlanningShop, type Proposal } from './proposal';
export { judged, oddsQuestion, proposalsOf, requestFor, withOdds } from './propose';
export { planWeek, type WeekPlan } from './whole-week';

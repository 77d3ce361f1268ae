export {
  afterDeed,
  doughMoments,
  lotsAt,
  nextMoment,
  stepsAfter,
  type Deed,
  type Moment,
} from './dough-deeds';
export { massSight, placeAt, runDough, SEEN_AS, type DoughRun, type RanMass } from './dough-run';
export { CHOICES, choiceOutcomes, type Choice, type ChoiceOutcome } from './choice';
export { nextLevel, pointsFor } from './points';
export {
  doughHours,
  JUDGEMENTS,
  lapse,
  practiceRound,
  type Judgement,
  type PracticeRound,
} from './round';
export { HARDEST, type PracticeLevel } from './scenes';
export { type Sight, type SightKind } from './sight';
export { whyOf } from './why';

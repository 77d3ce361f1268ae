export { nextLevel, pointsFor } from './points';
export {
  doughHours,
  JUDGEMENTS,
  lapse,
  practiceRound,
  type Judgement,
  type PracticeRound,
} from './round';
export { HARDEST, type PracticeKind, type PracticeLevel } from './scenes';
export { type Sight } from './sight';
export { whyOf } from './why';

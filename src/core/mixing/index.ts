export { additionQuestion, farOffQuestion, isFar } from './far-off';
export { actsOfCards, GAS_KEPT_FOLDING } from './acts';
export {
  mixCard,
  pauseProposed,
  weighing,
  type CardLine,
  type MixCard,
  type Weighing,
} from './card';
export {
  hoursToBalls,
  mixClock,
  soakBefore,
  WEIGHING_MIN,
  type MixClock,
  type MixSpan,
} from './mix-clock';
export { cardItems } from './items';
export type { CardItem, WeighItem } from './card-item';
export { markKinds, markSchema, type Mark, type MarkWhat } from './marks';

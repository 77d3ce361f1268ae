export { actsOfCards, type MixedActs } from './acts';
export {
  mixCard,
  pauseProposed,
  weighing,
  type CardLine,
  type MixCard,
  type Weighing,
} from './card';
export {
  cardItems,
  type CardItem,
  type CardQuestion,
  type TimeItem,
  type WeighItem,
} from './items';
export { markKinds, markSchema, WINDOWPANES, type Mark, type MarkWhat } from './marks';

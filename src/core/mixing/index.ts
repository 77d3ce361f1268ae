export { additionQuestion, farOffQuestion, isFar } from './far-off';
export { actsOfCards } from './acts';
export {
  mixCard,
  pauseProposed,
  weighing,
  type CardLine,
  type MixCard,
  type Weighing,
} from './card';
export { cardItems, type CardItem, type WeighItem } from './items';
export { markKinds, markSchema, type Mark, type MarkWhat } from './marks';

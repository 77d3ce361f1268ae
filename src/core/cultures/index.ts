export {
  feedAmounts,
  roundedAmounts,
  type BlendLine,
  type FedAs,
  type FeedAmounts,
} from './amounts';
export {
  Feeding,
  ripeMs,
  type Feed,
  type FeedAnswer,
  type FeedBound,
  type FeedQuestion,
  type FeedShop,
} from './feed';
export { type Jar } from './jar';

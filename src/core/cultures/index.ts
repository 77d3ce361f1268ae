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
export { CULTURE_KINDS, isStarter, type Culture, type CultureKind } from './culture';
export { findSeries, type SeriesAnswer, type SeriesFeed, type SeriesQuestion } from './series';
export { usualFeed } from './usual-feed';
export { jarOf, type Jar } from './jar';
export {
  feedChoices,
  feedSheet,
  type FeedChoice,
  type FeedSheet,
  type FeedSheetQuestion,
  type FeedWish,
  type VesselLevel,
} from './feed-sheet';

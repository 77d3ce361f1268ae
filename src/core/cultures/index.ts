export { type FedAs } from './amounts';
export { isStarter, type Culture } from './culture';
export { ripeMs, type FeedBound, type FeedQuestion } from './feed';
export { type VesselLevel } from './feed-picture';
export {
  feedChoices,
  feedSheet,
  type FeedChoice,
  type FeedSheet,
  type FeedSheetQuestion,
  type FeedWish,
} from './feed-sheet';
export { jarOf, type Jar } from './jar';
export { leavenAimC } from './mixing';
export { findSeries, type SeriesAnswer, type SeriesQuestion } from './series';
export { usualFeed } from './usual-feed';

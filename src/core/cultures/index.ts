export { fedJars } from './fed-jars';
export { loneLeavens, type LoneLeaven } from './lone-leavens';
export { BROUGHT, type BroughtWhat } from './brought';
export { type FedAs } from './amounts';
export { CULTURE_KINDS, isStarter, type Culture, type CultureKind } from './culture';
export { discardDough, type DiscardDough } from './discard-dough';
export type { DiscardDoughQuestion } from './discard-dough-weighed';
export { ripeMs } from './feed';
export type { FeedBound, FeedQuestion } from './feed-question';
export { type VesselLevel } from './feed-picture';
export {
  feedChoices,
  feedSheet,
  type FeedChoice,
  type FeedSheet,
  type FeedSheetQuestion,
  type FeedWish,
} from './feed-sheet';
export { powerLeft, type PowerLeft } from './frozen-power';
export { freezeWhen, type FreezeWhen } from './freeze-when';
export { HEALTH, slowerThanItself, type JarPace, type PaceNotice } from './health';
export { jarOf, type Jar } from './jar';
export { leavenAimC } from './mixing';
export { peaksByRoom, type PeakAt } from './peaks';
export {
  insideOf,
  refreshSheet,
  type RefreshQuestion,
  type RefreshRemark,
  type RefreshSheet,
} from './refresh';
export { type ShareBound } from './refresh-amounts';
export { findSeries, type SeriesAnswer } from './series';
export type { SeriesQuestion } from './series-schedules';
export { thawPlan } from './thaw';
export type { ThawAnswer, ThawPlan, ThawQuestion } from './thaw-question';
export { usualFeed } from './usual-feed';
export { PEAK_RISE, PEAKS_TO_LIVE, youngSchedule, type YoungDay } from './young';
export { maintenanceOf, type Maintenance } from './maintenance';

import { tr } from '@/words/tr';
import { ripenessAt } from '@/core/ripeness';
import type { LotView } from '@/server/lots/lot-view';
import { clockText, dateText, momentText, spanText } from '@/ui/format';

/** The two lines a lot is read by. */
export interface Headline {
  readonly says: string;
  readonly detail: string;
}

/** Said of a lot that does not get there as far as is looked ahead. */
export const notInSight = () => tr`Not ripe in sight`;

/** Said of a lot that the model can not run: what is written of it is no dough that it knows. */
const noForecast = () => tr`No forecast`;

/** What the forecast says of a lot, in a sentence, and what it means for the next step. */
export function headlineOf(view: LotView): Headline {
  if (view.pastMs !== null) return pastHeadline(view, view.pastMs);
  if (view.unknown !== null) return { says: noForecast(), detail: view.unknown };
  const { window } = view.strand;
  const at = (atMs: number | null) =>
    atMs === null ? tr`no end in sight` : momentText(atMs, view.nowMs, view.units.timeZone);
  if (window.opensMs === null) {
    return { says: notInSight(), detail: tr`It does not get there where it stands.` };
  }
  const best = window.bestMs ?? window.opensMs;
  const band = window.bestBand;
  const doubt = band === null ? '' : tr` (8 in 10: ${at(band[0])}–${at(band[1])})`;
  const young = window.youngMs !== null && window.youngMs < window.opensMs;
  const from = young ? tr`Young ${at(window.youngMs)}, ripe` : tr`Ripe`;
  const past = window.pastMs === null ? '' : tr`, past ${at(window.pastMs)}`;
  const detail = tr`${from} ${at(window.opensMs)}–${at(window.closesMs)}, best ${at(best)}${doubt}${past}.`;
  return { says: nextSentence(view, best) ?? verdict(view), detail };
}

/** A lot that is gone: when it was last touched, and when it was ripe. */
function pastHeadline({ strand, units }: LotView, pastMs: number): Headline {
  const at = (atMs: number | null) =>
    atMs === null ? tr`no end in sight` : momentText(atMs, pastMs, units.timeZone);
  const { opensMs, closesMs } = strand.window;
  const day = `${dateText(pastMs, units.timeZone)}, ${clockText(pastMs, units.timeZone)}`;
  return {
    says: tr`Gone since ${day}`,
    detail: opensMs === null ? tr`It was not ripe.` : tr`Ripe ${at(opensMs)}–${at(closesMs)}.`,
  };
}

function verdict(view: LotView): string {
  const { endMs } = view.strand;
  if (endMs !== null && endMs <= view.nowMs) {
    return view.strand.kind === 'balls' ? tr`Baked` : tr`Used up`;
  }
  if (view.strand.kind === 'balls') return ballsVerdict(view);
  const { window } = view.strand;
  const { opensMs } = window;
  const is = ripenessAt(window, view.nowMs);
  if (is === 'past') return tr`Past any use as a leaven`;
  if (is === 'late') return tr`Late: past its best, use it at once`;
  if (opensMs !== null && opensMs <= view.nowMs) return tr`Ripe now`;
  const ripe = tr`${is === 'young' ? tr`ripe` : tr`Ripe`} in ${spanText((opensMs ?? view.nowMs) - view.nowMs)}`;
  return is === 'young' ? tr`Young: usable with a little yeast, ${ripe}` : ripe;
}

/** Balls are too tight, ready, or too slack to open. */
function ballsVerdict(view: LotView): string {
  const { opensMs, closesMs } = view.strand.window;
  const { tightUntilMs, nowMs } = view;
  const at = (atMs: number) => momentText(atMs, nowMs, view.units.timeZone);
  if (closesMs !== null && closesMs < nowMs) return tr`Too slack to open`;
  if (opensMs !== null && opensMs <= nowMs) return tr`Ready to open`;
  if (tightUntilMs !== null && tightUntilMs > nowMs)
    return tr`Too tight to open until ${at(opensMs ?? tightUntilMs)}`;
  return tr`Ready to open in ${spanText((opensMs ?? nowMs) - nowMs)}`;
}

/** The consequence for the next step that takes it. */
function nextSentence(view: LotView, bestMs: number): string | null {
  const { next } = view;
  if (next === null) return null;
  if (next.glyph === 'feed') return feedSentence(view, next.atMs);
  if (next.glyph !== 'mix') return null;
  const minutes = Math.round((next.atMs - bestMs) / 60_000);
  const clock = clockText(next.atMs, view.units.timeZone);
  if (next.withinWindow === true) return tr`Ripe at the ${clock} mix ✓`;
  return tr`Best ${spanText(minutes * 60_000)} ${minutes > 0 ? tr`before` : tr`after`} the ${clock} mix`;
}

/** What a feeding meets: a mother should be ripe when she is fed on. */
function feedSentence(view: LotView, feedMs: number): string {
  const { opensMs, closesMs } = view.strand.window;
  const clock = momentText(feedMs, view.nowMs, view.units.timeZone);
  if (opensMs === null || feedMs < opensMs) return tr`Not ripe yet at the ${clock} feed`;
  if (closesMs !== null && feedMs > closesMs) {
    return tr`Past by ${spanText(feedMs - closesMs)} at the ${clock} feed`;
  }
  return tr`Ripe at the ${clock} feed ✓`;
}

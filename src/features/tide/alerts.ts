import { tr, trOf } from '@/words/tr';
import { MS_PER_HOUR, MS_PER_MINUTE } from '@/core/units';
import { riskKey } from '@/shop/hold/risk-key';
import type { TideView } from '@/server/tide';
import { clockText, momentText, spanText } from '@/ui/format';
import type { NoticeAnswers } from '@/ui/notice-answers';
import { isForHands } from '@/shop/hands/for-hands';

/** Something that wants to be known once. */
export interface Notice {
  /** The same for the same event, however often it is computed. */
  readonly id: string;
  readonly text: string;
  /** When it came up: the oldest is told first. */
  readonly sinceMs: number;
  readonly lotId: string | null;
  /** Another view that it is followed to; absent: its strand. */
  readonly href?: string;
}

/** A step stays news this long after it was due. */
const DUE_FOR_MS = 12 * MS_PER_HOUR;
/** A window that closes is told this long before. */
const CLOSING_MS = 30 * MS_PER_MINUTE;
/** A place that will be too full is told this long before. */
const FULL_AHEAD_MS = 8 * MS_PER_HOUR;

/** What is up now for whoever is at the device, the oldest first: steps due, windows that opened or are about to close, places about to overflow. */
export function noticesOf(
  view: TideView,
  nowMs: number,
  person: string | null = null,
): readonly Notice[] {
  return [
    ...riskNotices(view),
    ...hotNotices(view, nowMs),
    ...dueNotices(view, nowMs, person),
    ...windowNotices(view, nowMs),
    ...fullNotices(view, nowMs),
    ...probeNotices(view),
  ].sort((a, b) => a.sinceMs - b.sinceMs);
}

/** A bake that may slip is told before everything else, and again when its odds fall. */
function riskNotices(view: TideView): Notice[] {
  return view.risks.map(({ bakeId, name, lotId, behindMin, chance }) => ({
    id: riskKey({ bakeId, chance }),
    text: tr`${name} may slip${behindText(behindMin)}: hold or hurry`,
    sinceMs: 0,
    lotId,
    href: `/hold/${encodeURIComponent(bakeId)}`,
  }));
}

/** A hot afternoon is told the day before: by then feeds and doses can still be changed. */
function hotNotices(view: TideView, nowMs: number): Notice[] {
  return view.hot.map(({ placeId, name, atMs, tempC, setC }) => ({
    id: `hot ${placeId} ${Math.floor(atMs / (24 * MS_PER_HOUR))}`,
    text: tr`${name} gets to ${Math.round(tempC)}°, not ${Math.round(setC)}°: ${momentText(atMs, nowMs, view.units.timeZone)}`,
    sinceMs: 0,
    lotId: null,
    href: '/plan',
  }));
}

function behindText(behindMin: number | null): string {
  if (behindMin === null || behindMin === 0) return '';
  return `, ${spanText(behindMin * MS_PER_MINUTE)} ${behindMin > 0 ? tr`behind` : tr`ahead`}`;
}

function dueNotices(view: TideView, nowMs: number, person: string | null): Notice[] {
  return view.moments
    .filter((moment) => moment.tense === 'planned' && isForHands(person, moment.by))
    .filter(({ plannedMs }) => plannedMs <= nowMs && nowMs - plannedMs < DUE_FOR_MS)
    .map((moment) => ({
      id: `due ${moment.ref} ${moment.plannedMs}`,
      text: tr`${moment.title} is due`,
      sinceMs: moment.plannedMs,
      lotId: moment.lotId,
    }));
}

function windowNotices(view: TideView, nowMs: number): Notice[] {
  const at = (atMs: number) => clockText(atMs, view.units.timeZone);
  return view.strands
    .filter((strand) => strand.tense === 'done' && !strand.keeping)
    .filter((strand) => (strand.endMs ?? Infinity) > nowMs)
    .flatMap(({ lotId, name, window: { opensMs, closesMs } }): Notice[] => {
      if (opensMs === null || opensMs > nowMs || (closesMs !== null && closesMs <= nowMs))
        return [];
      if (closesMs !== null && closesMs - nowMs < CLOSING_MS) {
        const text = tr`${name} is past in ${spanText(closesMs - nowMs)}, ${at(closesMs)}`;
        return [{ id: `closes ${lotId}`, text, sinceMs: closesMs - CLOSING_MS, lotId }];
      }
      const until = closesMs === null ? '' : tr` until ${at(closesMs)}`;
      return [{ id: `opens ${lotId}`, text: tr`${name} is ripe${until}`, sinceMs: opensMs, lotId }];
    });
}

function fullNotices(view: TideView, nowMs: number): Notice[] {
  return view.bands.flatMap((band): Notice[] => {
    const over = band.load.findIndex((litres, index) => {
      const atMs = band.fromMs + index * band.stepMs;
      return atMs >= nowMs && atMs < nowMs + FULL_AHEAD_MS && litres > band.capacityL;
    });
    if (over < 0) return [];
    const atMs = band.fromMs + over * band.stepMs;
    const text = tr`${band.name} overflows ${clockText(atMs, view.units.timeZone)}`;
    return [{ id: `full ${band.placeId} ${atMs}`, text, sinceMs: nowMs, lotId: null }];
  });
}

function probeNotices(view: TideView): Notice[] {
  return view.silentProbes.map(({ placeId, says, sinceMs }) => {
    const band = view.bands.find((one) => one.placeId === placeId);
    const since = clockText(sinceMs, view.units.timeZone);
    const how = says === 'lost' ? tr`is not heard` : tr`says the same`;
    return {
      id: `probe ${placeId} ${says} ${sinceMs}`,
      text: tr`The probe in ${band?.name ?? placeId} ${trOf(how)} since ${since}: taken as set`,
      sinceMs,
      lotId: null,
    };
  });
}

/** The notice to show: the oldest that was neither seen nor put off. */
export function openNotice(
  notices: readonly Notice[],
  answers: NoticeAnswers,
  nowMs: number,
): Notice | null {
  return (
    notices.find(({ id }) => {
      const answer = answers[id];
      return answer === undefined || (answer !== null && answer <= nowMs);
    }) ?? null
  );
}

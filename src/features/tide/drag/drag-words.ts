import { tr } from '@/words/tr';
import type { Broken } from '@/core/planner/week';
import { brokenLines } from '@/shop/plan/broken-words';
import type { Moment, Strand, TideView } from '@/server/tide';
import { clockText, spanText } from '@/ui/format';
import { MS_PER_MINUTE, wallTime } from '@/core/units';
import type { Dragged } from './use-drag';

/**
 * What stands beside a dragged disc: its new hour, by how much, and what would be in its way.
 * @param after the view as it would be, once it is run
 */
export function dragWords(
  dragged: Dragged,
  view: TideView,
  after: TideView = view,
): readonly string[] {
  const { moment, atMs } = dragged;
  const { timeZone } = view.units;
  const by = atMs - moment.atMs;
  const moved = by === 0 ? tr`where it was` : `${spanText(by)} ${by > 0 ? tr`later` : tr`earlier`}`;
  const words = [`${clockText(atMs, timeZone)}, ${moved}`];
  if (moment.glyph === 'mix') words.push(leavenWords(moment, atMs, after));
  if (!inHours(atMs, view)) words.push(tr`outside the hands’ hours`);
  const service = view.services.find((one) => one.bakeId === moment.bakeId);
  const along = goingAlong(dragged, view);
  if (moment.glyph !== 'bake' && service !== undefined && atMs >= service.fromMs) {
    words.push(tr`after the service has begun`);
  } else if (service !== undefined && along.some((one) => one.atMs >= service.fromMs)) {
    words.push(tr`balled after the service has begun`);
  }
  words.push(serviceWords(moment, view, after));
  return words.filter((one) => one !== '');
}

/** What would break with a move: the number, then each in words. */
export function conflictWords(conflicts: readonly Broken[], timeZone: string): readonly string[] {
  if (conflicts.length === 0) return [];
  const [first, second] = conflicts.map((one) => brokenLines(one, timeZone)[0] ?? '');
  const more = conflicts.length > 2 ? [tr`and ${conflicts.length - 2} more`] : [];
  const number = conflicts.length === 1 ? tr`1 conflict` : tr`${conflicts.length} conflicts`;
  return [`${number}: ${first}`, ...(second === undefined ? [] : [second]), ...more];
}

/** What the service of a moved moment would have, where that changes. */
function serviceWords(moment: Moment, view: TideView, after: TideView): string {
  const of = (one: TideView) => one.services.find((service) => service.bakeId === moment.bakeId);
  const [now, then] = [of(view), of(after)];
  if (now === undefined || then === undefined || now.ripe === then.ripe) return '';
  return tr`${then.ripe} of ${then.wanted} balls ready when needed, now ${now.ripe}`;
}

/** How the leaven stands at a mix moved to an hour. */
function leavenWords(moment: Moment, atMs: number, view: TideView): string {
  const leaven = leavenOf(moment, view);
  if (leaven === undefined) return '';
  const { opensMs, bestMs, closesMs } = leaven.window;
  if (opensMs === null || atMs < opensMs) {
    const wait = opensMs === null ? '' : tr` for ${spanText(opensMs - atMs)}`;
    return tr`${leaven.name} not ripe yet${wait}`;
  }
  if (closesMs !== null && atMs > closesMs)
    return tr`${leaven.name} past by ${spanText(atMs - closesMs)}`;
  const off = bestMs === null ? 0 : atMs - bestMs;
  const best =
    Math.abs(off) < 60_000
      ? tr`at best`
      : tr`${spanText(off)} ${off > 0 ? tr`after` : tr`before`} best`;
  return tr`ripe ✓ ${best}`;
}

/** Instants that a dragged moment catches on: best, opening and closing of what it is to meet; best comes first. */
export function snapsOf(moment: Moment, view: TideView): readonly number[] {
  const met =
    moment.glyph === 'mix'
      ? leavenOf(moment, view)
      : moment.glyph === 'bake'
        ? view.strands.find((strand) => strand.lotId === moment.lotId)
        : undefined;
  if (met === undefined) return [];
  const { bestMs, opensMs, closesMs } = met.window;
  return [bestMs, opensMs, closesMs]
    .filter((one) => one !== null)
    .map((one) => Math.round(one / MS_PER_MINUTE) * MS_PER_MINUTE);
}

/** The leaven that a mix takes most of: the widest of those it is made from. */
function leavenOf(moment: Moment, view: TideView): Strand | undefined {
  const dough = view.strands.find((strand) => strand.lotId === moment.lotId);
  return view.strands.find((strand) => dough?.madeFrom.includes(strand.lotId) === true);
}

function inHours(atMs: number, view: TideView): boolean {
  const { fromMinute, untilMinute } = view.working;
  const { hour, minute } = wallTime(atMs, view.units.timeZone);
  const at = hour * 60 + minute;
  return untilMinute > fromMinute
    ? at >= fromMinute && at <= untilMinute
    : at >= fromMinute || at <= untilMinute;
}

/** Moments that go along with a dragged one, with their new hours: the balling follows its mix. */
export function goingAlong(dragged: Dragged, view: TideView): readonly Dragged[] {
  const { moment, atMs } = dragged;
  if (moment.glyph !== 'mix' || moment.bakeId === null) return [];
  return view.moments
    .filter(
      (one) => one.bakeId === moment.bakeId && one.glyph === 'ball' && one.tense === 'planned',
    )
    .map((one) => ({ moment: one, atMs: one.atMs + (atMs - moment.atMs) }));
}

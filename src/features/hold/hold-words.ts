import { tr } from '@/words/tr';
import { spanText, clockText, massText, percentText, tempText } from '@/ui/format';
import type { HoldSearch, ShownMove } from '@/shop/hold/search';
import type { HoldView } from '@/server/hold/question';

/** A move in words: what it is, and under it when. */
export interface MoveWords {
  readonly title: string;
  readonly under: string;
  /** What it costs, a line each. */
  readonly costs: readonly string[];
}

type Worded = (move: ShownMove, view: HoldView) => readonly [title: string, under: string];

const at = (atMs: number | null, { units }: HoldView) =>
  atMs === null ? '' : clockText(atMs, units.timeZone);

const lateness = (minutes: number) =>
  minutes === 0
    ? tr`on time`
    : `${spanText(minutes * 60_000)} ${minutes > 0 ? tr`late` : tr`early`}`;

const then = (move: ShownMove, view: HoldView) =>
  move.mixAtMs === null
    ? ''
    : tr`then mix at ${at(move.mixAtMs, view)}, ${lateness(move.laterMin)}`;

const WORDS: Readonly<Record<ShownMove['kind'], Worded>> = {
  'as it stands': () => [tr`As it stands`, ''],
  'other place': (move, view) => {
    const place = view.placeNames[move.placeId ?? ''] ?? '';
    const until = move.mixAtMs === null ? '' : tr` until ${at(move.mixAtMs, view)}`;
    return [`${place}${until}`, then(move, view)];
  },
  'mix at best': (move, view) => [
    tr`Mix ${move.laterMin > 0 ? tr`later` : tr`earlier`}, ${at(move.mixAtMs, view)}`,
    tr`${lateness(move.laterMin)}, all of it`,
  ],
  'mix moved': (move, view) => [
    tr`Mix ${move.laterMin > 0 ? tr`later` : tr`earlier`}, ${at(move.mixAtMs, view)}`,
    tr`${lateness(move.laterMin)}, as it is`,
  ],
  boost: (move, view) => [
    tr`Boost, ${massText(move.yeastG, view.units)} yeast`,
    tr`mix on time, ${at(move.mixAtMs, view)}`,
  ],
  'smaller share': (move, view) => [
    move.yeastG > 0
      ? tr`Smaller share, ${massText(move.yeastG, view.units)} yeast`
      : tr`Smaller share of it`,
    tr`mix on time, ${at(move.mixAtMs, view)}`,
  ],
  water: (move, view) => [
    tr`Dough out of the bowl at ${tempText(move.startC ?? 24, view.units)}`,
    tr`mix on time, ${at(move.mixAtMs, view)}`,
  ],
  bulk: (move, view) => [
    tr`${move.laterMin < 0 ? tr`Shorter` : tr`Longer`} bulk`,
    tr`ball at ${at(move.ballAtMs, view)}`,
  ],
  'ball now': (move, view) => [
    tr`Ball now`,
    move.outAtMs === null ? at(move.ballAtMs, view) : tr`and no cold: into the warmth at once`,
  ],
  'feed again': (move, view) => [tr`Feed it again`, then(move, view)],
  waves: (move, view) => [
    tr`${move.changes.filter((one) => one.act.kind === 'divide').length} waves of balls`,
    tr`the later ones wait in ${view.placeNames[move.placeId ?? ''] ?? tr`the cold`}`,
  ],
  'boxes out': (move, view) => {
    const place = view.placeNames[move.placeId ?? ''];
    if (place !== undefined) return [tr`Boxes out into ${place}`, tr`at ${at(move.outAtMs, view)}`];
    return [tr`Boxes out at ${at(move.outAtMs, view)}`, lateness(move.laterMin)];
  },
  'part in the cold': (move, view) => [
    tr`${move.count} balls into ${view.placeNames[move.placeId ?? ''] ?? tr`the cold`} now`,
    tr`out again at ${at(move.outAtMs, view)}, for the second half`,
  ],
  'service earlier': (move, view) => [
    tr`Open at ${at(move.serviceFromMs, view)}`,
    tr`everything else as it is`,
  ],
  fewer: (move, view) => [
    tr`${move.count} pizzas fewer promised`,
    tr`the service ends at ${at(move.serviceToMs, view)}`,
  ],
  'service later': (move, view) => [
    tr`Open at ${at(move.serviceFromMs, view)}`,
    tr`everything else as it is`,
  ],
};

/** A move in the words of the trade. */
export function moveWords(move: ShownMove, view: HoldView): MoveWords {
  const [title, under] = WORDS[move.kind](move, view);
  return { title, under, costs: costsOf(move, view) };
}

function costsOf(move: ShownMove, { units }: HoldView): string[] {
  const grams = [
    move.yeastG > 0 ? tr`${massText(move.yeastG, units)} yeast` : '',
    move.flourG > 0 ? tr`${massText(move.flourG, units)} flour and its water` : '',
    move.leftLeavenG > 0 ? tr`${massText(move.leftLeavenG, units)} leaven left over` : '',
  ].filter((text) => text !== '');
  const hands =
    move.moves + move.handsMin === 0
      ? tr`no moves`
      : tr`${move.moves === 1 ? tr`1 move` : tr`${move.moves} moves`}, ${move.handsMin} min of hands`;
  const promise = promiseText(move);
  return [
    hands,
    ...(promise === '' ? [] : [promise]),
    ...(grams.length === 0 ? [tr`no extra ingredients`] : grams),
    weakness(move),
  ].filter((text) => text !== '');
}

/** What a move breaks of what guests were promised; empty for one that breaks nothing. */
function promiseText({ kind }: ShownMove): string {
  if (kind === 'fewer') return tr`pizzas less than promised`;
  return kind === 'service later' || kind === 'service earlier'
    ? tr`not the hour that was promised`
    : '';
}

/** How sure the leaven is ripe when it is mixed, where that is not as good as sure; empty otherwise. */
export function leavenText({ leaven }: ShownMove['odds']): string {
  return leaven > LEAVEN_SURE ? '' : tr`leaven ripe ${percentText(leaven, 0)}`;
}
const LEAVEN_SURE = 0.97;

/** The chance that the balls open and the leaven is ripe at its mix; empty where the leaven is sure. */
export function togetherText({ leaven, both }: ShownMove['odds']): string {
  return leaven > LEAVEN_SURE ? '' : tr`together ${percentText(both, 0)}`;
}

/** The chance of a service as it stands, with that of its leaven: "43 % at the service, leaven ripe 8 %". */
export function standsText(odds: ShownMove['odds']): string {
  const leaven = leavenText(odds);
  return tr`${percentText(odds.service, 0)} at the service${leaven === '' ? '' : `, ${leaven}`}`;
}

/** Where its balls are weakest. */
function weakness({ odds }: ShownMove): string {
  const halves = odds.halfHours;
  const first = halves[0];
  const last = halves.at(-1);
  if (first !== undefined && first.young > 0.3) return tr`the first may spring back`;
  if (last !== undefined && last.slack > 0.3) return tr`the last may be slack`;
  return '';
}

/** From this chance on a leaven is told as ripe at its mix, however far its best is away. Set. */
const RIPE_AT_MIX = 0.9;

/**
 * Whether a leaven is on time: "Quay poolish is 1 h behind.", "Quay poolish is ripe at its mix, best 1 h later."
 * @param behindMin minutes from its mix to its best; null where neither is known
 * @param ripe chance, 0–1, that it is ripe at its mix
 */
export function behindSays(name: string, behindMin: number | null, ripe: number): string {
  if (behindMin === null) return tr`${name} as it stands.`;
  if (Math.abs(behindMin) < 5) return tr`${name} is on time.`;
  const span = spanText(behindMin * 60_000);
  if (ripe >= RIPE_AT_MIX) {
    return tr`${name} is ripe at its mix, best ${span} ${behindMin > 0 ? tr`later` : tr`before`}.`;
  }
  return behindMin > 0 ? tr`${name} is ${span} behind.` : tr`${name} is ${span} ahead.`;
}

/** Whether the leaven of a bake is on time; past its window nothing is ahead or behind any more. */
export function standsSays(name: string, search: HoldSearch | null): string {
  if (search === null) return behindSays(name, null, 0);
  return search.past === null
    ? behindSays(name, search.behindMin, search.stands.odds.leaven)
    : tr`${name} is past its window.`;
}

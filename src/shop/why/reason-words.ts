import { tr, trOf } from '@/words/tr';
import type { Edge, Ground, HourReason, Limit } from '@/core/planner';
import { MS_PER_MINUTE, spanText } from '@/core/units';
import { dayHour } from '../plan/broken-words';

/** An instant in the words of the view that tells it. */
type At = (atMs: number) => string;

/** The sentences of an hour’s reasons, in the shop’s zone: what it rests on, then how far it could be moved. */
export function reasonWords(reason: HourReason, timeZone: string): string[] {
  const at: At = (atMs) => dayHour(atMs, timeZone);
  const grounds = reason.grounds.map((one) => groundWords(one, reason, at));
  const room = [edgeWords(reason.earliest, 'sooner', at), edgeWords(reason.latest, 'later', at)];
  return [...grounds, ...room].filter((one) => one !== '');
}

function groundWords(ground: Ground, reason: HourReason, at: At): string {
  switch (ground.kind) {
    case 'pinned':
      return tr`You pinned this hour.`;
    case 'window':
      return windowWords(ground, at);
    case 'dose':
      return doseWords(ground);
    case 'after the mix':
      return tr`Weighing, mixing and rests take ${lengthWords(ground.mixMin)}, then the bulk ${hoursWords(ground.bulkH)}.`;
    default:
      return reason.what === 'soak'
        ? tr`Flour and water soak ${lengthWords(ground.minutes)} before the mix.`
        : tr`${lengthWords(ground.minutes)} before ${reason.name ?? tr`the leaven`} is made of it.`;
  }
}

function windowWords(ground: Extract<Ground, { kind: 'window' }>, at: At): string {
  const { name, opensMs, bestMs, closesMs, wantedMs } = ground;
  const ripe = name === tr`Balls` ? 'ready' : 'ripe';
  if (opensMs === null) return tr`${name}: not ${trOf(ripe)} by then, as far as can be told.`;
  const to = closesMs === null ? tr`on` : tr`to ${at(closesMs)}`;
  const best = bestMs === null ? '' : tr`, best ${at(bestMs)}`;
  return tr`${name}: ${trOf(ripe)} ${at(opensMs)} ${to}${best}; wanted ${at(wantedMs)}.`;
}

function doseWords({ byYeast, share, typed, hours }: Extract<Ground, { kind: 'dose' }>): string {
  const percent = (share * 100).toFixed(share < 0.01 ? 2 : 1).replace(/\.?0+$/, '');
  const what = byYeast
    ? tr`${percent} % fresh yeast on its flour`
    : tr`${percent} % of starter on its flour`;
  return typed
    ? tr`${what}, as you typed it.`
    : tr`${what}: worked out for the ${hoursWords(hours)} to the mix.`;
}

function edgeWords(edge: Edge | null, side: 'sooner' | 'later', at: At): string {
  if (edge === null) return '';
  const name = side === 'sooner' ? tr`Earliest` : tr`Latest`;
  return `${name} ${at(edge.atMs)}: ${trOf(side)}, ${limitWords(edge.limit)}.`;
}

function limitWords(limit: Limit): string {
  switch (limit.kind) {
    case 'now':
      return tr`it would be in the past`;
    case 'not ripe':
      return tr`${limit.name} is not ripe`;
    case 'gone over':
      return tr`${limit.name} has gone over`;
    case 'longest':
      return tr`${takesWords(limit.of)} more than ${hoursWords(limit.hours)}, the most the method allows`;
    case 'shortest':
      return tr`${takesWords(limit.of)} less than ${hoursWords(limit.hours)}, the least the method allows`;
    case 'balls late':
      return tr`the balls are not ready when the service begins`;
    case 'balls slack':
      return tr`the balls go slack before the service ends`;
    default:
      return nobodyWords(limit);
  }
}

const takesWords = (of: string) =>
  of === 'balls out' ? tr`the balls would be out for` : tr`${trOf(of)} would take`;

function nobodyWords({ to, who }: Extract<Limit, { kind: 'nobody in' }>): string {
  const names = who.length === 0 ? '' : ` (${who.join(', ')})`;
  const verb = ['mix', 'ball', 'take them out'].includes(to) ? trOf(to) : tr`make ${to}`;
  return tr`nobody is in to ${verb}${names}`;
}

const lengthWords = (minutes: number) => spanText(minutes * MS_PER_MINUTE);
const hoursWords = (hours: number) => lengthWords(hours * 60);

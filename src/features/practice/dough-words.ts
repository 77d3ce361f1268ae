import { tr, trOf } from '@/words/tr';
import type { DoughRun, Moment } from '@/core/practice';
import { clockText, spanText } from '@/ui/format';

/** The next thing to be done, as a button says it. */
export function momentWords({ kind, steps }: Moment, placeName: (id: string) => string): string {
  const act = steps[0]?.act;
  if (kind === 'build') return tr`Build ${act?.kind === 'make' ? act.name : tr`leaven`}`;
  if (kind === 'mix') return tr`Mix`;
  if (kind === 'ball') return tr`Ball`;
  if (kind === 'bake') return tr`Begin to bake`;
  return act?.kind === 'move' ? tr`Move to ${placeName(act.placeId)}` : tr`Move`;
}

/** How the leavens were at the mix, a sentence each. */
export function leavenSentences({ leavens }: DoughRun): string[] {
  return leavens.map(({ name, was, offBestMin }) => {
    const how = was === 'ripe' ? tr`ripe when it was mixed` : tr`${trOf(was)} when it was mixed`;
    if (offBestMin === null) return `${name}: ${how}.`;
    const apart = spanText(Math.abs(offBestMin) * 60_000);
    const side = offBestMin < 0 ? 'before' : 'after';
    return `${name}: ${how}, ${Math.abs(offBestMin) < 5 ? tr`at its best` : tr`${apart} ${trOf(side)} its best`}.`;
  });
}

/** How the balls opened through the service, in stretches. */
export function openingSentence({ balls }: DoughRun, timeZone: string): string {
  const stretches: { opens: string; fromMs: number; toMs: number }[] = [];
  for (const one of balls) {
    const last = stretches.at(-1);
    if (last?.opens === one.opens) last.toMs = one.toMs;
    else stretches.push({ ...one });
  }
  const said = stretches.map(
    ({ opens, fromMs, toMs }) =>
      `${WORDS[opens as keyof typeof WORDS]} ${clockText(fromMs, timeZone)}–${clockText(toMs, timeZone)}`,
  );
  return tr`Balls: ${said.join(', ')}.`;
}
const WORDS = {
  get 'springs back'() {
    return tr`spring back`;
  },
  get right() {
    return tr`right`;
  },
  get slack() {
    return tr`slack`;
  },
} as const;

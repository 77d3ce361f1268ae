import type { DoughRun, Moment } from '@/core/practice';
import { clockText, spanText } from '@/ui/format';

/** The next thing to be done, as a button says it. */
export function momentWords({ kind, steps }: Moment, placeName: (id: string) => string): string {
  const act = steps[0]?.act;
  if (kind === 'build') return `Build ${act?.kind === 'make' ? act.name : 'leaven'}`;
  if (kind === 'mix') return 'Mix';
  if (kind === 'ball') return 'Ball';
  if (kind === 'bake') return 'Begin to bake';
  return act?.kind === 'move' ? `Move to ${placeName(act.placeId)}` : 'Move';
}

/** How the leavens were at the mix, a sentence each. */
export function leavenSentences({ leavens }: DoughRun): string[] {
  return leavens.map(({ name, was, offBestMin }) => {
    const how = was === 'ripe' ? 'ripe when it was mixed' : `${was} when it was mixed`;
    if (offBestMin === null) return `${name}: ${how}.`;
    const apart = spanText(Math.abs(offBestMin) * 60_000);
    const side = offBestMin < 0 ? 'before' : 'after';
    return `${name}: ${how}, ${Math.abs(offBestMin) < 5 ? 'at its best' : `${apart} ${side} its best`}.`;
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
  return `Balls: ${said.join(', ')}.`;
}
const WORDS = { 'springs back': 'spring back', right: 'right', slack: 'slack' } as const;

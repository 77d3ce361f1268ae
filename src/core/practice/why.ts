import { tr } from '@/words/tr';
import type { PracticeRound } from './round';

/** Why a jar is what it is, in sentences: what told, and what could mislead. */
export function whyOf(round: PracticeRound): string[] {
  const { truth, sight, scene, window, atH, toldH } = round;
  const share = Math.round((100 * (sight.rise - 1)) / Math.max(0.01, window.peakRise - 1));
  const level = tr`It stands at ${Math.max(0, share)} % of the rise it will reach`;
  const said: string[] = [];
  if (truth === 'not yet') {
    said.push(
      tr`${level}, ${sight.dome === 'domed' ? tr`still rising` : tr`hardly moving yet`}, and smells ${sight.smell}.`,
    );
  } else if (truth === 'use') {
    said.push(tr`${level} and smells ${sight.smell}: inside its window.`);
  } else {
    said.push(
      tr`${sight.dome === 'sinking' ? tr`It sinks: its sugar is eaten` : tr`Its sugar is eaten or its gluten gives way`}; it smells ${sight.smell}.`,
    );
  }
  if (scene.twist !== null) said.push(tr`What made it harder: ${scene.twist}.`);
  if (Math.abs(toldH - atH) > 1) {
    said.push(
      tr`The label lied: it says ${toldH} h, it was ${Math.round(atH * 10) / 10} h. Level, dome and smell do not lie.`,
    );
  }
  return said;
}

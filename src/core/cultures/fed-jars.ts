import { isAct, type ActOf, type PlannedAct } from '../journal';
import type { Culture } from './culture';

/** The jar that a planned feed gives. */
export interface FedJar {
  readonly lotId: string;
  /** What may be taken of it, g: what the next feed takes, what else is planned of it, and what is to be kept stay. */
  readonly thereG: number;
  /** From when it is there, UTC ms. */
  readonly fromMs: number;
  /** When the next planned feed uses it up, UTC ms; left out where none is planned. */
  readonly untilMs?: number;
}

const sumG = (lines: readonly { readonly massG: number }[]) =>
  lines.reduce((sum, line) => sum + line.massG, 0);

/** The jars that planned feeds of a culture give, in order of time. */
export function fedJars(
  { id, keepG }: Pick<Culture, 'id' | 'keepG'>,
  plan: readonly PlannedAct[],
): FedJar[] {
  const makes = plan.filter((one): one is PlannedAct & { act: ActOf<'make'> } =>
    isAct(one.act, 'make'),
  );
  const feeds = makes.filter(({ act }) => act.cultureId === id).sort((a, b) => a.atMs - b.atMs);
  return feeds.map(({ atMs, act }, index) => {
    const next = feeds[index + 1];
    const taken = makes.flatMap((one) =>
      one.act.portions.filter((line) => line.lotId === act.lotId),
    );
    // What the next feed takes is what is kept of it.
    const keptG = next === undefined ? keepG : 0;
    return {
      lotId: act.lotId,
      thereG: Math.max(0, sumG(act.ingredients) + sumG(act.portions) - sumG(taken) - keptG),
      fromMs: atMs,
      ...(next === undefined ? {} : { untilMs: next.atMs }),
    };
  });
}

import type { Strand } from '@/server/tide';
import { widthAt } from '@/ui/strand/strand-shape';
import type { PlacedStay } from './bands';
import type { Bracket } from './picture-parts';
import type { TimeScale } from './time-scale';

const LEAST_BRACKET_PX = 3;

/** What brackets are drawn for. */
interface BracketInput {
  readonly shapes: readonly { readonly stay: PlacedStay; readonly strand: Strand }[];
  readonly scale: TimeScale;
  readonly nowMs: number;
  readonly k: number;
}

/** True when a stay carries the bracket of its strand: the window opens in it, and it is still of use. */
function carriesBracket(stay: PlacedStay, strand: Strand, input: BracketInput): boolean {
  const { opensMs } = strand.window;
  if (opensMs === null || strand.keeping || strand.kind === 'dough') return false;
  const endMs = strand.endMs ?? Infinity;
  const inStay = opensMs >= stay.fromMs && opensMs < Math.min(endMs, stay.toMs);
  return inStay && endMs > input.nowMs && opensMs < input.scale.toMs;
}

/** The brackets of the ripe windows that are still of use. */
export function bracketsOf(input: BracketInput): Bracket[] {
  return input.shapes
    .filter(({ stay, strand }) => carriesBracket(stay, strand, input))
    .map(({ stay, strand }) => bracketOf(stay, strand, input))
    .filter((bracket) => bracket.endX - bracket.opensX >= LEAST_BRACKET_PX);
}

function bracketOf(stay: PlacedStay, strand: Strand, { scale, k }: BracketInput): Bracket {
  const { opensMs, bestMs, closesMs, opensBand, closesBand } = strand.window;
  const lastMs = Math.min(strand.endMs ?? Infinity, scale.toMs);
  const used = closesMs === null || closesMs > lastMs;
  const endX = scale.x(used ? lastMs : closesMs);
  const bar = (band: readonly [number, number] | null): (readonly [number, number])[] =>
    band === null || band[1] < scale.fromMs
      ? []
      : [[scale.x(Math.max(band[0], scale.fromMs)), scale.x(Math.min(band[1], lastMs))]];
  const widest = k * widthAt(strand, bestMs ?? opensMs ?? stay.fromMs);
  return {
    lotId: strand.lotId,
    y: stay.y - widest / 2 - 9,
    opensX: scale.x(Math.max(opensMs ?? stay.fromMs, scale.fromMs)),
    bestX: bestMs !== null && bestMs <= lastMs ? scale.x(bestMs) : null,
    closesX: used ? null : endX,
    endX,
    doubts: [...bar(opensBand), ...(used ? [] : bar(closesBand))].filter(([a, b]) => b > a),
  };
}

import { bakedOf, runBaked, standing } from '@/core/compare';
import type { Opening, ScoreBody } from '@/core/journal';
import { addHours } from '@/core/units';
import { listBakes } from '@/data';
import { batchOf, writeEntries } from '../journal/entries';
import { loadShop } from '../shop/load-shop';
import { DEMO_TRUTH } from './demo-looks';
import type { MovableContext } from './demo-bakes';
import type { DemoCalendar } from './demo-time';

/** Bakes that nobody scored yet: the last day’s. */
const UNSCORED_H = 24;

/** Scores the demo’s bakes as its truth has them: how the first and the last ball of each opened, and what goes with it. */
export function scoreDemoBakes(context: MovableContext, calendar: DemoCalendar): void {
  const state = loadShop(context);
  const shop = { places: state.placeMap, pantry: state.pantry, cultureSpeeds: DEMO_TRUTH };
  for (const bake of listBakes(context.db)) {
    if (bake.readyToMs > addHours(calendar.startMs, -UNSCORED_H)) continue;
    const baked = bakedOf(state.folded.done, bake);
    const run =
      baked === null ? null : runBaked(baked, shop, { withLooks: false, withBands: false });
    if (baked === null || run === null) continue;
    const first = openingAt(standing(run.first, baked.servedFromMs));
    const last = openingAt(standing(run.last, baked.servedToMs));
    context.setNow(addHours(baked.servedToMs, 0.5));
    const draft = {
      atMs: addHours(baked.servedToMs, 0.5),
      tense: 'done' as const,
      by: bake.name === 'Quay' ? 'Jo' : 'Maren',
      bakeId: bake.id,
      body: scoreFor(first, last, bake.readyFromMs),
    };
    writeEntries(context, batchOf(context, context.newId(), [draft]));
  }
}

function openingAt(at: number): Opening {
  if (at < -0.12) return 'springs back';
  if (at <= 1.02) return 'right';
  return at < 1.35 ? 'slack' : 'tears';
}

const NOTES: Readonly<Record<Opening, string>> = {
  right: 'Light, held to the end.',
  'springs back': 'Tight for the first ten, then fine.',
  slack: 'The last ones spread by themselves.',
  tears: 'Tore towards the end, the last six patched.',
};

function scoreFor(first: Opening, last: Opening, seedMs: number): ScoreBody {
  const wobble = Math.floor(seedMs / 3_600_000) % 5;
  const far = last === 'slack' || last === 'tears';
  return {
    kind: 'score',
    opening: { first, last },
    sticky: far ? 'a little' : 'no',
    rimMm: (far ? 22 : 29) + wobble,
    colour: wobble === 4 ? 'dark' : 'golden',
    crumb: first === 'springs back' ? 'tight' : 'open',
    taste: far ? 'sour' : 'rounded',
    last: far ? 'worse' : 'as good',
    floorC: 420 + 2 * wobble,
    bakeS: 95,
    note: first === 'springs back' ? NOTES[first] : NOTES[last],
  };
}

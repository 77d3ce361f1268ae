// The home view's costs: laying the picture out for one lot and for thirty, and loading it with years behind it.
import { layoutPicture } from '@/features/tide/layout/picture';
import type { Frame } from '@/features/tide/layout/picture-parts';
import { addEntries, openShopInMemory, type Db } from '@/data';
import { contextOver, type ShopContext } from '@/services/context';
import { ensureShop } from '@/services/new-shop';
import { seedDemo } from '@/services/demo/seed';
import { tideView, type TideView } from '@/services/tide';
import { cost } from './cost';

const NOW = Date.parse('2026-11-27T05:10:00Z');
const FRAME: Frame = { width: 1280, height: 552, keelX: 333, labelWidth: 104, rulerHeight: 52 };
const DAY_MS = 86_400_000;
const YEARS_DAYS = 3 * 365;

function at(db: Db, nowMs: number): ShopContext {
  return { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
}

/** A view with so many strands, made of the demo's own. */
function withStrands(view: TideView, count: number): TideView {
  const strands = Array.from({ length: count }, (_, i) => {
    const one = view.strands[i % view.strands.length] as TideView['strands'][number];
    return { ...one, lotId: `${one.lotId}-${i}` };
  });
  return { ...view, strands };
}

/** Feeds of one starter, one a day, with a look at every third. */
function years(db: Db): void {
  for (let day = 0; day < YEARS_DAYS; day += 1) {
    const atMs = NOW - (YEARS_DAYS - day) * DAY_MS;
    const base = {
      recordedMs: atMs,
      tense: 'done' as const,
      batch: `batch-of-day-${day}`,
      by: null,
      bakeId: null,
      fulfils: null,
    };
    const feed = {
      kind: 'make' as const,
      lotId: `S${day}`,
      lotKind: 'starter' as const,
      name: 'Starter',
      cultureId: 'starter',
      ingredients: [
        { ingredientId: 'flour-00', massG: 80 },
        { ingredientId: 'water', massG: 80 },
      ],
      portions: day === 0 ? [] : [{ lotId: `S${day - 1}`, massG: 20 }],
      placeId: 'bench',
      startC: 21,
      gasKept: 0,
    };
    const rest = { kind: 'discard' as const, lotId: `S${day - 1}`, massG: day === 1 ? 140 : 160 };
    const look = { kind: 'look' as const, lotId: `S${day}`, signs: { rise: 2.2 } };
    addEntries(db, [
      { ...base, id: `feed-${day}`, atMs, body: feed },
      ...(day === 0 ? [] : [{ ...base, id: `rest-${day}`, atMs, body: rest }]),
      ...(day % 3 === 0
        ? [{ ...base, id: `look-${day}`, atMs: atMs + 8 * 3_600_000, body: look }]
        : []),
    ]);
  }
}

/** Milliseconds of one first view, nothing remembered. */
function firstView(db: Db): number {
  const from = performance.now();
  tideView(at(db, NOW));
  return performance.now() - from;
}

/** Layout of 30 lots over 1, against a frame of 16 ms; the first home view with three years over an empty shop's. */
export function tide() {
  const demo = openShopInMemory();
  const { startMs } = seedDemo(demo, NOW);
  const view = tideView(at(demo, startMs));
  const layout = (count: number) => {
    const shown = withStrands(view, count);
    return cost(() => layoutPicture(shown, startMs, FRAME, { unfolded: new Set(), panMs: 0 }), 40);
  };
  const [one, eleven, thirty] = [layout(1), layout(11), layout(30)];
  const empty = openShopInMemory();
  ensureShop(empty, 'Europe/Oslo');
  const old = openShopInMemory();
  ensureShop(old, 'Europe/Oslo');
  years(old);
  const emptyMs = firstView(empty);
  const oldMs = firstView(old);
  const round = (value: number) => Math.round(value * 100) / 100;
  return {
    'layout of 30 lots, ms (this machine)': round(thirty),
    'layout of 30 lots over a frame of 16 ms': round(thirty / 16),
    'layout of 11 lots over 1': round(eleven / one),
    'layout of 30 lots over 1': round(thirty / one),
    'first view, empty shop, ms (this machine)': round(emptyMs),
    'first view, three years of feeds, ms (this machine)': round(oldMs),
  };
}

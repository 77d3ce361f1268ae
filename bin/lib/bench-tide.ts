// The home view's costs: laying the picture out for one lot and for thirty, and answering it with years behind it.
import { frameFor } from '@/features/tide/layout/frame';
import { layoutPicture } from '@/features/tide/layout/picture';
import type { Frame } from '@/features/tide/layout/picture-parts';
import { openShopInMemory, type Db } from '@/data';
import { contextOver, type ShopContext } from '@/services/context';
import { seedDemo } from '@/services/demo/seed';
import { tideView, type TideView } from '@/services/tide';
import { firstViews } from './bench-first-view';
import { cost } from './cost';

const NOW = Date.parse('2026-11-27T05:10:00Z');
const FRAME: Frame = frameFor(1280, 552, 1);

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

/** Layout of 30 lots over 1, against a frame of 16 ms; the first home view with three years over an empty shop's. */
export async function tide() {
  const demo = openShopInMemory();
  const { startMs } = seedDemo(demo, NOW);
  const view = tideView(at(demo, startMs));
  const layout = (count: number) => {
    const shown = withStrands(view, count);
    return cost(() => layoutPicture(shown, startMs, FRAME, { unfolded: new Set(), panMs: 0 }), 40);
  };
  const [one, eleven, thirty] = [layout(1), layout(11), layout(30)];
  const round = (value: number) => Math.round(value * 100) / 100;
  return {
    'layout of 30 lots, ms (this machine)': round(thirty),
    'layout of 30 lots over a frame of 16 ms': round(thirty / 16),
    'layout of 11 lots over 1': round(eleven / one),
    'layout of 30 lots over 1': round(thirty / one),
    ...(await firstViews()),
  };
}

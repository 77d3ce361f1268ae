// The home view's costs: laying the picture out for one lot and for thirty, and answering it with years behind it.
import { frameFor } from '@/features/tide/layout/frame';
import { ghostsOf } from '@/features/tide/layout/ghosts';
import { layoutPicture } from '@/features/tide/layout/picture';
import type { Frame } from '@/features/tide/layout/picture-parts';
import { openShopInMemory, type Db } from '@/data';
import { contextOver, type ShopContext } from '@/server/context';
import { readMoveFacts } from '@/server/hands/move-facts';
import { tideView, type TideView } from '@/server/tide';
import { movedShop } from '@/shop/moves/moved-shop';
import { searchLanes } from '@/ui/lanes/search';
import { busyShop } from '../../tests/fixtures/busy-shop';
import { firstViews } from './bench-first-view';
import { cost } from './cost';

const NOW = Date.parse('2026-11-27T05:10:00Z');
const FRAME: Frame = frameFor(1280, 552, 1);

function at(db: Db, nowMs: number): ShopContext {
  return { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
}

/** A shop with so many lots as the view has it. */
function busy(lots: number): { context: ShopContext; view: TideView } {
  const db = openShopInMemory();
  busyShop(db, NOW, lots);
  const context = at(db, NOW);
  return { context, view: tideView(context) };
}

const STILL = { unfolded: new Set<number>(), panMs: 0 };

/** Milliseconds of laying the picture of a view out. */
function layout(view: TideView): number {
  return cost(() => layoutPicture(view, NOW, FRAME, STILL), 40);
}

/** Milliseconds of what one place of a dragged mix costs: the lots it changes, run and drawn. */
function dragFrame({ context, view }: ReturnType<typeof busy>): number {
  const facts = readMoveFacts(context);
  const step = facts.folded.plan.find((one) => one.act.kind === 'make');
  if (step === undefined) throw new Error('The busy shop plans a mix.');
  const picture = layoutPicture(view, NOW, FRAME, STILL);
  let minute = 0;
  return cost(() => {
    minute = (minute + 5) % 60;
    const atMs = step.atMs + minute * 60_000;
    const moved = movedShop({ facts, stepId: step.stepId, atMs, coldPlaceIds: ['fridge'] });
    ghostsOf(picture, moved.strands, NOW);
  }, 30);
}

/** Layout, lanes and a frame of a drag with 30 lots; the first home view with three years over an empty shop's. */
export async function tide() {
  const thirtyLots = busy(30);
  const [one, eleven, thirty] = [
    layout(busy(1).view),
    layout(busy(11).view),
    layout(thirtyLots.view),
  ];
  const { question } = layoutPicture(thirtyLots.view, NOW, FRAME, STILL);
  const lanes = cost(() => searchLanes(question), 5);
  const drag = dragFrame(thirtyLots);
  const round = (value: number) => Math.round(value * 100) / 100;
  return {
    'layout of 30 lots, ms (this machine)': round(thirty),
    'layout of 11 lots over 1': round(eleven / one),
    'layout of 30 lots over 1': round(thirty / one),
    'lanes of 30 lots searched, ms (this machine)': round(lanes),
    'lanes of 30 lots over 300 ms': round(lanes / 300),
    'a frame of a drag with 30 lots, ms (this machine)': round(drag),
    'a frame of a drag with 30 lots over 16 ms': round(drag / 16),
    ...(await firstViews()),
  };
}

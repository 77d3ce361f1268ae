import { freshBatch as batch, sentences, value } from '../../../tests/fixtures/services';
import { whatIf } from '@/core/forecast';
import { isAct } from '@/core/journal';
import { openShopInMemory } from '@/data';
import { contextOver, type ShopContext } from '../context';
import { lotView } from './lot-view';
import { takeBake } from '../bakes/new-bake';
import { ensureShop } from '../shop/new-shop';
import { loadShop } from '../shop/load-shop';
import { undoBatch } from '../journal/undo';
import { applyWhatIf } from './use-what-if';

const nowMs = Date.parse('2026-11-26T12:00:00+01:00');
let context: ShopContext;

beforeEach(() => {
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
  value(
    takeBake(context, {
      name: 'Friday',
      balls: 40,
      ballG: 250,
      hydrationPct: 65,
      saltPct: 2.8,
      oilPct: 0,
      prefermentedPct: 30,
      lossPct: 1.5,
      flourId: 'flour-00',
      yeastType: 'fresh',
      poolishPlaceId: 'bench',
      doughPlaceId: 'bench',
      roomC: 21,
      readyFrom: '2026-11-27T18:00',
      readyTo: '2026-11-27T20:00',
    }),
  );
});

test('a what-if on a planned poolish changes its place and yeast as computed, and can be taken back', () => {
  const poolish = loadShop(context).folded.plan[0]!;
  const lotId = isAct(poolish.act, 'make') ? poolish.act.lotId : '';
  const { offer, strand } = lotView(context, lotId)!;
  expect(offer).toMatchObject({ open: 'dose', placeId: 'bench' });
  const answer = whatIf(offer!.base, { placeC: 21, dose: 1, seedShare: null });
  const sameMs = offer!.fromMs + answer.window.bestH! * 3_600_000;
  expect(Math.abs(sameMs - strand.window.bestMs!) / 60_000).toBeLessThan(2);
  const doubled = whatIf(offer!.base, { placeC: 21, dose: 2, seedShare: null });
  const form = { lotId, batch: batch(), placeId: 'bench', yeastG: offer!.yeastG * 2 };
  value(applyWhatIf(context, form));
  const after = lotView(context, lotId)!.strand.window.bestMs!;
  expect(Math.abs(after - offer!.fromMs - doubled.window.bestH! * 3_600_000) / 60_000).toBeLessThan(
    4,
  );
  value(undoBatch(context, form.batch));
  expect(lotView(context, lotId)!.strand.window.bestMs).toBe(strand.window.bestMs);
  expect(sentences(applyWhatIf(context, { ...form, placeId: 'attic' }))[0]).toContain('“attic”');
  expect(() => whatIf(offer!.base, { placeC: 99, dose: 1, seedShare: null })).toThrow('Place');
});

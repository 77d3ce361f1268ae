import { demoShop } from '../../../tests/demo-shop';
import { readMoveFacts } from '../hands/move-facts';
import { moveStep } from '../hands/move-step';
import { movedShop } from '@/shop/moves/moved-shop';
import { tideView } from './';
import { freshBatch, value } from '../../../tests/fixtures/services';
import { toLocalText } from '@/core/units';

test('what a drag shows is what the move then brings, in the demo with its weeks of feeds', () => {
  const { context } = demoShop();
  const facts = readMoveFacts(context);
  const before = tideView(context);
  const mix = before.moments.find((one) => one.tense === 'planned' && one.glyph === 'mix')!;
  const atMs = mix.atMs + 40 * 60_000;
  const moved = movedShop({ facts, stepId: mix.ref, atMs, coldPlaceIds: ['fridge', 'freezer'] });
  expect(moved.refusal).toBeNull();
  const at = toLocalText(atMs, before.units.timeZone);
  value(moveStep(context, { stepId: mix.ref, batch: freshBatch(), at }));
  const after = tideView(context);
  expect(moved.strands.length).toBeGreaterThan(2);
  for (const strand of moved.strands) {
    const real = after.strands.find((one) => one.lotId === strand.lotId)!;
    for (const at of ['opensMs', 'bestMs', 'closesMs'] as const) {
      const [shown, came] = [strand.window[at], real.window[at]];
      if (shown === null || came === null) expect(shown).toBe(came);
      else expect(Math.abs(shown - came)).toBeLessThan(6 * 60_000);
    }
  }
  const service = (of: typeof after) => of.services.find((one) => one.bakeId === mix.bakeId)!;
  const shown = moved.services.find((one) => one.bakeId === mix.bakeId)!;
  expect(Math.abs(shown.ripe - service(after).ripe)).toBeLessThanOrEqual(1);
});

test('a moment that can not stand there says why', () => {
  const { context } = demoShop();
  const bake = tideView(context).moments.find(
    (one) => one.tense === 'planned' && one.glyph === 'bake',
  )!;
  const { refusal } = movedShop({
    facts: readMoveFacts(context),
    stepId: bake.ref,
    atMs: bake.atMs + 3_600_000,
    coldPlaceIds: [],
  });
  expect(refusal).toBe('Bake: it stays where it is. Plan another one for another hour.');
});

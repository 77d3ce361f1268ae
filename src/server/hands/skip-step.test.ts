import { FRIDAY_FORM, sentences } from '../../../tests/fixtures/services';
import { openShopInMemory } from '@/data';
import { contextOver, type ShopContext } from '../context';
import { logView } from '../log/log';
import { takeBake } from '../bakes/new-bake';
import { ensureShop } from '../shop/new-shop';
import { loadShop } from '../shop/load-shop';
import { skipStep } from './skip-step';
import { undoBatch } from '../journal/undo';

let context: ShopContext;
beforeEach(() => {
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  const nowMs = Date.parse('2026-11-26T12:00:00+01:00');
  context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
  const taken = takeBake(context, FRIDAY_FORM);
  if (!taken.ok) throw new Error('feasible');
});
const plan = () => loadShop(context).folded.plan;
const skip = (index: number, reason: string, batch = `skip-${index}-${reason}`) =>
  skipStep(context, { stepId: plan()[index]!.stepId, batch, reason });

test('the last step is skipped, stands in the log with its reason, and is undone', () => {
  const before = plan();
  const skipped = skip(3, 'oven cold');
  if (!skipped.ok) throw new Error(sentences(skipped).join(' '));
  expect(plan()).toHaveLength(3);
  expect(logView(context).rows[0]!.says).toBe('Skipped a step: oven cold');
  undoBatch(context, skipped.value.batch);
  expect(plan()).toEqual(before);
});

test('a step that a later one needs is not skipped, and nothing is lost', () => {
  expect(sentences(skip(0, 'no time'))[0]).toContain('Friday dough needs what this step makes');
  expect(sentences(skip(2, 'no time'))[0]).toContain('the bake of');
  expect(plan()).toHaveLength(4);
});

test('a reason is asked for; a step that is gone is said to be', () => {
  expect(sentences(skip(3, '  ', 'skip-blank'))[0]).toContain('Reason: say in a word');
  expect(sentences(skip(3, 'x'.repeat(201), 'skip-long'))[0]).toContain('Reason: too long');
  const gone = skipStep(context, { stepId: 'nothing', batch: 'skip-none', reason: 'gone' });
  expect(sentences(gone)).toEqual(['This step was done or withdrawn already.']);
});

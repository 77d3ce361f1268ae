import { openShopInMemory, listEntries, saveProbe } from '@/data';
import { placeTempC } from '@/core/forecast';
import { contextOver } from '../context';
import { troubleProbe } from './equipment';
import { logView } from '../log/log';
import { ensureShop } from './new-shop';
import { askProbes, probeStates } from './probes';
import { loadShop } from './load-shop';
import { sentences, value } from '../../../tests/fixtures/services';

const MIN = 60_000;
const START = Date.UTC(2026, 10, 27, 6);

function shop() {
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  saveProbe(db, { placeId: 'fridge', kind: 'simulated', fault: 'none', faultFromMs: 0 });
  let nowMs = START;
  const context = { ...contextOver(db), clock: () => ({ nowMs, rate: 1, demo: true }) };
  return { db, context, pass: (minutes: number) => (nowMs += minutes * MIN) };
}
const fridgeC = (context: ReturnType<typeof shop>['context']) => {
  const state = loadShop(context);
  return placeTempC(state.placeMap, 'fridge', state.nowMs);
};
const state = (context: ReturnType<typeof shop>['context']) =>
  probeStates(context, loadShop(context))[0]!;

test('a reading every ten minutes, those slept through included, and none in the Log', () => {
  const { db, context, pass } = shop();
  expect(askProbes(context)).toBe(1);
  expect(askProbes(context)).toBe(0);
  pass(65);
  expect(askProbes(context)).toBe(6);
  expect(listEntries(db)).toHaveLength(7);
  expect(logView(context).rows).toHaveLength(0);
  expect(state(context).says).toBe('reads');
  expect(fridgeC(context)).toBeCloseTo(state(context).last!.tempC, 0);
});

test('a failing fridge warms what Olvik takes it for; a lost probe lets it fall back to what it is set to', () => {
  const { context, pass } = shop();
  value(troubleProbe(context, { placeId: 'fridge', fault: 'failing' }));
  pass(240);
  askProbes(context);
  expect(fridgeC(context)).toBeGreaterThan(10);
  value(troubleProbe(context, { placeId: 'fridge', fault: 'lost' }));
  pass(40);
  expect(askProbes(context)).toBe(0);
  expect(state(context).says).toBe('lost');
  pass(600);
  const { offsetC = 0 } = loadShop(context).placeMap.get('fridge')!;
  expect(fridgeC(context)).toBeCloseTo(4 + offsetC, 0);
});

test('a frozen probe is found out within the hour and not believed', () => {
  const { context, pass } = shop();
  askProbes(context);
  value(troubleProbe(context, { placeId: 'fridge', fault: 'frozen' }));
  pass(120);
  expect(askProbes(context)).toBeLessThan(7);
  expect(state(context).says).toBe('frozen');
});

test('a place without a probe can not be told to fail, an unknown one is named', () => {
  const { context } = shop();
  expect(sentences(troubleProbe(context, { placeId: 'bench', fault: 'lost' }))).toEqual([
    'There is no probe in this place.',
  ]);
  expect(sentences(troubleProbe(context, { placeId: 'attic', fault: 'lost' }))).toEqual([
    'Place: “attic” is not in the shop.',
  ]);
});

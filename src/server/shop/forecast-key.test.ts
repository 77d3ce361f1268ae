import { demoShop } from '../../../tests/demo-shop';
import { FRIDAY_FORM, freshBatch, value } from '../../../tests/fixtures/services';
import { isAct } from '@/core/journal';
import { openShopInMemory, type Db } from '@/data';
import { contextOver, type ShopContext } from '../context';
import { describeCulture } from '../cultures/describe';
import { changeFlour } from '../doughs/flours';
import { changeEquipment } from './equipment';
import { doStep } from '../hands/hands';
import { logLook } from '../hands/look';
import { takeBake } from '../bakes/new-bake';
import { ensureShop } from './new-shop';
import { changeHours } from './hours';
import { logReading } from './readings';
import { changeShop } from './shop';
import { changePlace } from './place';
import { forecastState } from './forecast-state';
import { loadShop } from './load-shop';
import { tideView } from '../tide';

const START = Date.parse('2026-11-26T12:00:00Z');
const H = 3_600_000;
let nowMs = START;
let db: Db;
const contextOf = (): ShopContext => ({
  ...contextOver(db),
  clock: () => ({ nowMs, rate: 0, demo: false }),
});
let context: ShopContext;
beforeEach(() => {
  nowMs = START;
  db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  context = contextOf();
  value(takeBake(context, FRIDAY_FORM));
  value(
    describeCulture(context, {
      ...{ kind: 'liquid starter', name: 'Kelp', hydrationPct: 100, flourId: 'flour-00' },
      ...{ placeId: 'bench', keepG: 20, batch: freshBatch() },
      start: { how: 'bring', fedAt: '2026-11-26T09:00', massG: 200, ratio: 4, placeId: 'bench' },
    }),
  );
  nowMs += 12 * H;
  const step = loadShop(context).folded.plan[0];
  if (step === undefined) throw new Error('no step');
  value(doStep(context, { stepId: step.stepId, batch: freshBatch() }));
});

const poolishId = () => {
  const made = loadShop(context).folded.done.find(
    ({ act }) => isAct(act, 'make') && act.lotKind === 'poolish',
  );
  return made !== undefined && isAct(made.act, 'make') ? made.act.lotId : '';
};

const CHANGES: readonly [string, () => unknown][] = [
  [
    'a flour',
    () =>
      value(
        changeFlour(context, {
          ...{ id: 'flour-00', name: 'Type 00 flour', strengthW: 180, proteinPct: 9, ashPct: '' },
          ...{ wholegrainPct: 60, absorptionPct: '', allergens: 'wheat' },
        }),
      ),
  ],
  ['a place', () => value(changePlace(context, { id: 'bench', tempC: 25 }))],
  [
    'a reading',
    () => value(logReading(context, { placeId: 'bench', tempC: 27, batch: freshBatch() })),
  ],
  [
    'a look',
    () => {
      nowMs += 3 * H;
      return value(logLook(context, { lotId: poolishId(), rise: 1.7, batch: freshBatch() }));
    },
  ],
  ['a unit', () => value(changeShop(context, { massUnit: 'oz', tempUnit: 'F' }))],
  [
    'equipment',
    () =>
      value(
        changeEquipment(context, { kind: 'mixer', name: 'Spiral', count: 1, least: 2, most: 9 }),
      ),
  ],
  [
    'hours',
    () => value(changeHours(context, { presences: [], closed: { weekdays: [5], dates: [] } })),
  ],
];

/** Everything the home view says, without its version. */
const said = (from: ShopContext) => {
  return JSON.parse(JSON.stringify({ ...tideView(from), version: '' })) as unknown;
};

test.each(CHANGES)('after %s was changed nothing is answered from before', (_, change) => {
  // Remembered first, as by a page that stands open.
  const before = forecastState(context, loadShop(context));
  said(context);
  change();
  const after = forecastState(context, loadShop(context));
  const fresh = contextOf();
  expect([...after.lots].map(([id, lot]) => [id, lot.window])).toEqual(
    [...forecastState(fresh, loadShop(fresh)).lots].map(([id, lot]) => [id, lot.window]),
  );
  expect(said(context)).toEqual(said(contextOf()));
  expect(before.lots.size).toBeGreaterThan(2);
});

test('another flour moves the poolish that is made of it', () => {
  const windowNow = () => forecastState(context, loadShop(context)).lots.get(poolishId())?.window;
  const before = windowNow();
  CHANGES[0]?.[1]();
  expect(windowNow()).not.toEqual(before);
});

test('a step that is done has only what rests on it run anew, be it seconds later', () => {
  const demo = demoShop();
  let laterMs = 0;
  const shop: ShopContext = {
    ...demo.context,
    clock: () => ({ nowMs: demo.startMs + laterMs, rate: 1, demo: true }),
  };
  const before = forecastState(shop, loadShop(shop)).lots;
  laterMs = 20_000;
  const mix = loadShop(shop).folded.plan.find(({ act }) => isAct(act, 'make'));
  value(doStep(shop, { stepId: mix!.stepId, batch: freshBatch(), sure: true }));
  const after = forecastState(shop, loadShop(shop)).lots;
  const same = [...after].filter(([id, lot]) => lot.run === before.get(id)?.run);
  expect(after.size).toBeGreaterThan(40);
  expect(same.length).toBeGreaterThanOrEqual(after.size - 8);
});

import { demoShop } from '../../../tests/demo-shop';
import { freshBatch, value } from '../../../tests/fixtures/services';
import { isAct } from '@/core/journal';
import { listEquipment, saveEquipment } from '@/data';
import { changeEquipment } from '../shop/equipment';
import { loadShop } from '../shop/load-shop';
import { tideView } from '../tide';
import { mixView } from './view';
import { doStep } from '../hands/hands';

const { db, context } = demoShop();
const SMALL = {
  id: 'small',
  kind: 'mixer',
  name: 'Small one',
  count: 1,
  least: 0.5,
  most: 3,
} as const;
const mixStep = () =>
  loadShop(context).folded.plan.find(
    ({ act }) => isAct(act, 'make') && act.lotKind === 'dough' && act.name === 'Quay dough',
  )!;
const told = () => tideView(context).conflicts.filter((one) => one.includes('out of order'));
const setOut = (name: string, broken: number) => {
  const thing = listEquipment(db).find((one) => one.name === name)!;
  value(changeEquipment(context, { ...thing, broken }));
};
const water = () => mixView(context, mixStep().stepId, 1)!;

test('while nothing is out of order nothing is said of it', () => {
  expect(told()).toEqual([]);
  expect(water().mix.by).toBe('mixer');
});

test('with the large mixer out of order the mix goes in batches of the small one, and the Tide says so', () => {
  saveEquipment(db, { ...SMALL, heatMin: 0, bakeMin: 0 });
  expect(water().batches).toBe(1);
  setOut('Spiral', 1);
  const { batches } = water();
  expect(batches).toBeGreaterThan(1);
  expect(told()).toContainEqual(
    expect.stringMatching(
      new RegExp(
        `^Spiral is out of order: in ${batches} batches instead of 1 goe?s? .*Quay dough \\w{3} \\d\\d:\\d\\d`,
      ),
    ),
  );
});

test('with none that works it goes by hand: less heat from the bowl asks for warmer water; once done it stands as done by hand', () => {
  setOut('Spiral', 0);
  const byMixer = water();
  setOut('Spiral', 1);
  setOut('Small one', 1);
  const byHand = water();
  expect(byHand.mix.by).toBe('hand');
  expect(byHand.batches).toBe(1);
  expect(byHand.water!.mixingC).toBe(0);
  expect(byHand.water!.answer.waterC).toBeGreaterThan(byMixer.water!.answer.waterC);
  expect(told()[0]).toMatch(
    /^Small one and Spiral are out of order: by hand go Quay dough \w{3} \d\d:\d\d, /,
  );
  value(doStep(context, { stepId: mixStep().stepId, batch: freshBatch(), sure: true }));
  const done = loadShop(context).folded.done.at(-1)!.act;
  expect(done).toMatchObject({ kind: 'make', mixedBy: 'hand' });
});

test('once they work again nothing is said any more, and more than there are can not be out', () => {
  setOut('Spiral', 0);
  setOut('Small one', 0);
  expect(told()).toEqual([]);
  const spiral = listEquipment(db).find((one) => one.name === 'Spiral')!;
  expect(changeEquipment(context, { ...spiral, broken: 2 })).toMatchObject({
    ok: false,
    refusals: [{ field: 'broken' }],
  });
});

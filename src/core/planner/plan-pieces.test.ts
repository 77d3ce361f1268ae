import { at, methodOf, planned, request } from '../../../tests/fixtures/method-plans';
import { startingMethods, type Method } from '../methods';
import { planMethod, type MethodPlan } from '.';

describe('nothing stays in the bowl', () => {
  const products = (count: number, weightG: number) => ({
    by: 'products' as const,
    products: [{ name: 'Balls', count, weightG, keepsH: 72 }],
  });
  test.each([
    ['nine balls of 200 g', products(9, 200)],
    ['seven of 283 g', products(7, 283)],
    ['rounds by diameter', { by: 'diameter', count: 5, diameterCm: 31, style: 'middling' }],
    ['a tray', { by: 'tray', count: 1, lengthCm: 40, widthCm: 30, thicknessMm: 4 }],
  ] as const)('%s are planned of every method of the library', (_, target) => {
    for (const { id } of startingMethods()) {
      const plan = planMethod(request({ ...methodOf(id), target, lossShare: 0 } as Method));
      expect([id, plan.kind]).toEqual([id, 'plan']);
    }
  });

  test('a year that was typed halfway and one far ahead are refused at once', () => {
    const ahead = { readyFromMs: at('2029-11-27T18:00'), readyToMs: at('2029-11-27T19:00') };
    expect(planMethod(request(methodOf(startingMethods()[0]!.id), ahead))).toMatchObject({
      because: 'too far ahead',
    });
    const long = { readyToMs: at('2028-11-27T18:00') };
    expect(planMethod(request(methodOf(startingMethods()[0]!.id), long))).toMatchObject({
      because: 'service too long',
    });
  });
});

test('a dose that was typed is weighed as it stands, a found one is the same in plan and columns', () => {
  const method = methodOf('poolish-day');
  const leaven = method.dough.leavens.find(({ made }) => made.by === 'yeast')!;
  const typed: Method = {
    ...method,
    dough: {
      ...method.dough,
      leavens: method.dough.leavens.map((one) =>
        one.id === leaven.id
          ? { ...one, made: { by: 'yeast', freshShare: 0.0011, typed: true } }
          : one,
      ),
    },
  };
  const doseOf = (plan: MethodPlan) =>
    plan.columns.leavens.find((one) => one.leaven.id === leaven.id)!.yeast!.wantedG;
  const plan = planMethod(request(typed));
  if (plan.kind !== 'plan') throw new Error(plan.because);
  const flourG = plan.columns.flourG * leaven.flourShare;
  expect(doseOf(plan)).toBeCloseTo(0.0011 * flourG, 1);
  const found = planned('poolish-day');
  const weighed = found.steps.flatMap(({ act }) =>
    act.kind === 'make' && act.lotKind === 'poolish'
      ? act.ingredients.filter(({ ingredientId }) => ingredientId === 'yeast-fresh')
      : [],
  );
  expect(weighed[0]?.massG).toBeCloseTo(
    found.columns.leavens.find((one) => one.leaven.id === leaven.id)!.yeast!.weighedG,
    9,
  );
});

test('a moment of some of the pieces is asked of their lot alone; of none that are there, of all', () => {
  const products = ['Balls', 'Tray'].map((name) => ({ name, count: 4, weightG: 250, keepsH: 24 }));
  const again = (of?: string) => ({
    ...{ name: 'Ball it again', from: 'balls' as const, afterMin: 30, handsMin: 5 },
    ...{ work: 'ball again' as const, ...(of === undefined ? {} : { of }) },
  });
  const asked = (of?: string) => {
    const method: Method = {
      ...methodOf('straight'),
      target: { by: 'products', products },
      moments: [again(of)],
    };
    const plan = planMethod(request(method));
    if (plan.kind !== 'plan') throw new Error(plan.because);
    return plan.steps.flatMap(({ act }) => (act.kind === 'work' ? [act.lotId] : []));
  };
  expect(asked('Tray')).toHaveLength(1);
  expect(asked()).toHaveLength(2);
  expect(asked()).toContain(asked('Tray')[0]);
  expect(asked('Loaf')).toEqual(asked());
});

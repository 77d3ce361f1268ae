import { FLOURS } from '../../../tests/fixtures/doughs';
import type { PlaceHistory } from '../forecast';
import { pantryOf } from '../formula';
import { LIBRARY, placedMethod, type Method } from '../methods';
import { fromLocalText } from '../units';
import { planMethod, type MethodPlan, type MethodRequest } from '.';

const zone = 'Europe/Oslo';
const at = (text: string) => fromLocalText(text, zone);
const place = (id: string, tempC: number): PlaceHistory => ({
  id,
  name: id,
  settings: [{ fromMs: 0, tempC }],
});
const PLACES = [place('proofer', 28), place('bench', 21), place('cellar', 16), place('fridge', 4)];
const nowMs = at('2026-11-23T08:00');
const shop = { places: PLACES, flours: FLOURS, atMs: nowMs, yeastType: 'fresh' as const };
const pantry = pantryOf(FLOURS);

function request(method: Method, changes: Partial<MethodRequest> = {}): MethodRequest {
  return {
    method,
    name: 'Friday',
    readyFromMs: at('2026-11-27T18:00'),
    readyToMs: at('2026-11-27T19:30'),
    held: {},
    nowMs,
    places: new Map(PLACES.map((one) => [one.id, one])),
    pantry,
    steps: { scaleStepG: 1, fineStepG: 0.1 },
    workingHours: { fromMinute: 360, untilMinute: 1380 },
    timeZone: zone,
    cultureSpeeds: new Map(),
    sources: [],
    withBands: false,
    ...changes,
  };
}

const methodOf = (id: string) =>
  placedMethod(
    LIBRARY.find((one) => one.id === id)!,
    shop,
  );
const planned = (id: string, changes: Partial<MethodRequest> = {}): MethodPlan => {
  const plan = planMethod(request(methodOf(id), changes));
  if (plan.kind !== 'plan') throw new Error(`${id}: ${plan.because}`);
  return plan;
};

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
    for (const { id } of LIBRARY) {
      const plan = planMethod(request({ ...methodOf(id), target, lossShare: 0 } as Method));
      expect([id, plan.kind]).toEqual([id, 'plan']);
    }
  });

  test('a year that was typed halfway and one far ahead are refused at once', () => {
    const ahead = { readyFromMs: at('2029-11-27T18:00'), readyToMs: at('2029-11-27T19:00') };
    expect(planMethod(request(methodOf(LIBRARY[0]!.id), ahead))).toMatchObject({
      because: 'too far ahead',
    });
    const long = { readyToMs: at('2028-11-27T18:00') };
    expect(planMethod(request(methodOf(LIBRARY[0]!.id), long))).toMatchObject({
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

import fc from 'fast-check';
import { DomainError } from '../units';
import { doughTemperatureC, waterFor, WARMEST_WATER_C, type WarmPart } from '.';

const flour = (flourG: number, tempC: number): WarmPart => ({ flourG, waterG: 0, tempC });
const poolish = { flourG: 500, waterG: 500, tempC: 21 };

test('a mix of parts at one temperature has that temperature, and the mixing on top', () => {
  expect(doughTemperatureC([flour(1000, 20)], { waterG: 650, waterC: 20 }, 0)).toBeCloseTo(20, 9);
  expect(doughTemperatureC([flour(1000, 20)], { waterG: 650, waterC: 20 }, 3)).toBeCloseTo(23, 9);
});

test('the heat balance by hand: a kilo of flour at 20 °C and 600 g of water at 30 °C', () => {
  // (1.8·1000·20 + 4.18·600·30) / (1.8·1000 + 4.18·600)
  const byHand = (36_000 + 75_240) / (1800 + 2508);
  expect(doughTemperatureC([flour(1000, 20)], { waterG: 600, waterC: 30 }, 0)).toBeCloseTo(
    byHand,
    9,
  );
});

test('the water found brings the dough to its aim', () => {
  const temp = fc.double({ min: 2, max: 32, noNaN: true });
  fc.assert(
    fc.property(
      temp,
      temp,
      fc.integer({ min: 50, max: 900 }),
      temp,
      (flourC, aimC, waterG, tapC) => {
        const parts = [flour(1000, flourC), poolish];
        const mixingC = 3;
        const answer = waterFor({ aimC, parts, waterG, mixingC, tapC });
        const { waterC, iceG } = answer;
        expect(doughTemperatureC(parts, { waterG, waterC, iceG }, mixingC)).toBeCloseTo(
          answer.doughC,
          6,
        );
        if (answer.bound === null) expect(answer.doughC).toBeCloseTo(aimC, 6);
        if (answer.bound === 'too cold') expect(answer.doughC).toBeLessThan(aimC);
        if (answer.bound === 'too hot') expect(answer.doughC).toBeGreaterThan(aimC);
        expect(waterC).toBeLessThanOrEqual(WARMEST_WATER_C);
        expect(iceG).toBeLessThanOrEqual(0.8 * waterG + 1e-9);
      },
    ),
  );
});

test('a hot day asks for ice: melting takes 334 J/g and then warms', () => {
  const parts = [flour(1000, 30)];
  const { waterC, iceG } = waterFor({ aimC: 22, parts, waterG: 600, mixingC: 4, tapC: 15 });
  expect(waterC).toBe(15);
  const neededC = ((22 - 4) * (1800 + 4.18 * 600)) / (4.18 * 600) - (1800 * 30) / (4.18 * 600);
  expect(iceG).toBeCloseTo((600 * 4.18 * (15 - neededC)) / (334 + 4.18 * 15), 6);
});

test('no water warmer than a leaven bears, neither proposed nor taken', () => {
  const cold = waterFor({ aimC: 35, parts: [flour(1000, 2)], waterG: 300, mixingC: 0, tapC: 10 });
  expect(cold).toMatchObject({ waterC: 40, bound: 'too cold' });
  expect(() => doughTemperatureC([flour(1, 20)], { waterG: 1, waterC: 41 }, 0)).toThrow(
    'Water: 41 °C is not possible. Allowed: up to 40 °C',
  );
});

test.each([NaN, -60, 90])('a temperature of %p is refused by its code', (tempC) => {
  expect(() => doughTemperatureC([flour(1000, tempC)], { waterG: 600, waterC: 20 }, 0)).toThrow(
    DomainError,
  );
  expect(() =>
    waterFor({ aimC: tempC, parts: [poolish], waterG: 100, mixingC: 0, tapC: 10 }),
  ).toThrow(DomainError);
  expect(() =>
    waterFor({ aimC: 20, parts: [poolish], waterG: 100, mixingC: 0, tapC: tempC }),
  ).toThrow(DomainError);
});

test('a mix of nothing is refused, a mix without more water keeps its tap', () => {
  expect(() => doughTemperatureC([], { waterG: 0, waterC: 20 }, 0)).toThrow('nothing');
  expect(waterFor({ aimC: 30, parts: [poolish], waterG: 0, mixingC: 1, tapC: 10 })).toEqual({
    waterC: 10,
    iceG: 0,
    doughC: 22,
    bound: null,
  });
});

import fc from 'fast-check';
import { doughTemperatureC, remediesFor, shopRule, waterFor, withRemedyC, type WarmPart } from '.';

/** Heat of everything against 0 °C liquid, J, written anew: ice brings less by what it takes to melt. */
function enthalpy(parts: readonly WarmPart[], water: { g: number; c: number; ice: number }) {
  let joules = 0;
  for (const part of parts) {
    joules += part.flourG * 1.8 * part.tempC;
    joules += part.waterG * 4.18 * part.tempC;
    joules += (part.saltG ?? 0) * 0.88 * part.tempC;
    joules += (part.oilG ?? 0) * 2 * part.tempC;
  }
  return joules + (water.g - water.ice) * 4.18 * water.c - water.ice * 334;
}

const temp = fc.double({ min: -5, max: 38, noNaN: true });
const grams = fc.double({ min: 0, max: 3000, noNaN: true });
const part = fc.record({ flourG: grams, waterG: grams, saltG: grams, oilG: grams, tempC: temp });

test('energy in is energy out, ice and salt and oil counted, to a millionth', () => {
  fc.assert(
    fc.property(
      fc.array(part, { minLength: 1, maxLength: 4 }),
      fc.double({ min: 1, max: 4000, noNaN: true }),
      fc.double({ min: 0, max: 40, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (parts, waterG, waterC, iceShare) => {
        const iceG = iceShare * waterG;
        const outC = doughTemperatureC(parts, { waterG, waterC, iceG }, 0);
        const all = parts.map((one) => ({ ...one, tempC: outC }));
        const out = enthalpy(all, { g: waterG, c: outC, ice: 0 });
        const into = enthalpy(parts, { g: waterG, c: waterC, ice: iceG });
        expect(Math.abs(out - into)).toBeLessThanOrEqual(1e-6 * Math.max(1, Math.abs(into)));
      },
    ),
  );
});

const anyRequest = fc.record({
  aimC: fc.double({ min: 18, max: 30, noNaN: true }),
  flourC: fc.double({ min: 0, max: 38, noNaN: true }),
  leavenC: fc.double({ min: 2, max: 32, noNaN: true }),
  leavenG: grams,
  waterG: fc.double({ min: 1, max: 3000, noNaN: true }),
  mixingC: fc.double({ min: 0, max: 12, noNaN: true }),
  tapC: fc.double({ min: 0, max: 30, noNaN: true }),
});

test('water is never below 0 °C nor above 40, ice never above the water', () => {
  fc.assert(
    fc.property(anyRequest, (one) => {
      const { waterC, iceG } = waterFor(requestOf(one));
      expect(waterC).toBeGreaterThanOrEqual(0);
      expect(waterC).toBeLessThanOrEqual(40);
      expect(iceG).toBeGreaterThanOrEqual(0);
      expect(iceG).toBeLessThanOrEqual(one.waterG);
    }),
  );
});

const requestOf = (one: {
  [K in 'aimC' | 'flourC' | 'leavenC' | 'leavenG' | 'waterG' | 'mixingC' | 'tapC']: number;
}) => ({
  aimC: one.aimC,
  parts: [
    { flourG: 1000, waterG: 0, saltG: 27, tempC: one.flourC },
    { flourG: one.leavenG, waterG: one.leavenG, tempC: one.leavenC },
  ],
  waterG: one.waterG,
  mixingC: one.mixingC,
  tapC: one.tapC,
});

test('every remedy brings the dough to its aim by the balance itself', () => {
  fc.assert(
    fc.property(anyRequest, (one) => {
      const request = requestOf(one);
      for (const remedy of remediesFor(request)) {
        const comesTo = withRemedyC(request, remedy);
        if (comesTo !== null) expect(comesTo).toBeCloseTo(one.aimC, 6);
      }
    }),
  );
});

test('a hot day with little water: colder flour or a shorter mix; nothing to mend where water does it', () => {
  const hot = { aimC: 23, flourC: 34, leavenC: 29, leavenG: 100, waterG: 60, mixingC: 6, tapC: 18 };
  const remedies = remediesFor(requestOf(hot));
  expect(remedies.map((one) => one.by)).toContain('flour');
  expect(remediesFor(requestOf({ ...hot, waterG: 900, mixingC: 2 }))).toEqual([]);
});

test('the shop rule by hand: 4 · 24 − 22 − 20 − 18 − 6 = 30', () => {
  expect(shopRule({ aimC: 24, roomC: 22, flourC: 20, leavenC: 18, mixingC: 6 })).toEqual({
    waterC: 30,
    base: 96,
    terms: 4,
  });
  expect(shopRule({ aimC: 24, roomC: 22, flourC: 20, leavenC: null, mixingC: 6 }).waterC).toBe(24);
  expect(() => shopRule({ aimC: 240, roomC: 22, flourC: 20, leavenC: null, mixingC: 6 })).toThrow(
    'Dough: 240 °C',
  );
});

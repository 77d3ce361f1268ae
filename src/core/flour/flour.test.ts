import fc from 'fast-check';
import { FLOURS } from '../../../tests/fixtures/doughs';
import {
  absorptionOf,
  blendFor,
  blendOf,
  blendThatLasts,
  enduranceH,
  enduranceOf,
  stageHours,
  strengthOf,
  substitutesFor,
  waterToday,
  type Flour,
} from '.';

const [strong, soft, whole] = FLOURS as readonly [Flour, Flour, Flour];
const byProtein: Flour = { ...strong, id: 'p', strengthW: null, proteinShare: 0.13 };

test('strength from protein, with its doubt in a blend', () => {
  // 180 + 47 · 3 = 321.
  expect(strengthOf(byProtein)).toBeCloseTo(321, 9);
  expect(strengthOf({ ...byProtein, proteinShare: null })).toBe(280);
  const blend = blendOf(
    [
      { flourId: 'p', share: 0.5 },
      { flourId: 'soft', share: 0.5 },
    ],
    [byProtein, soft],
  );
  expect(blend.strengthW).toBeCloseTo(270.5, 9);
  expect(blend.strengthSd).toBeCloseTo(20, 9);
  expect(blend.proteinShare).toBeNull();
  expect(() => blendOf([{ flourId: 'x', share: 1 }], FLOURS)).toThrow('“x” is not in the shop');
});

test('a blend solved has the wanted value, and what is out of reach says its bounds', () => {
  fc.assert(
    fc.property(fc.double({ min: 220, max: 320, noNaN: true }), (value) => {
      const answer = blendFor(strong, soft, { of: 'strength', value });
      if (answer.kind !== 'found') throw new Error(answer.kind);
      expect(answer.blend.strengthW).toBeCloseTo(value, 6);
    }),
  );
  expect(blendFor(strong, soft, { of: 'strength', value: 400 })).toEqual({
    kind: 'out of reach',
    least: 220,
    most: 320,
  });
  expect(blendFor(strong, soft, { of: 'protein', value: 0.12 })).toEqual({
    kind: 'unknown',
    flourName: 'strong',
  });
  // 30 % whole grain: 30 % of the wholegrain flour.
  const grain = blendFor(strong, whole, { of: 'wholegrain', value: 0.3 });
  expect(grain).toMatchObject({ kind: 'found', parts: [{ share: 0.7 }, { share: 0.3 }] });
});

test('a missing flour is put together from two others of the same strength', () => {
  const middling: Flour = { ...strong, id: 'middling', strengthW: 270 };
  const [best] = substitutesFor(middling, FLOURS);
  expect(best!.strengthApartW).toBeCloseTo(0, 6);
  expect(best!.parts.map((part) => part.share)).toEqual([0.5, 0.5]);
  expect(best!.waterApart).toBeCloseTo(
    blendOf(best!.parts, FLOURS).absorption - absorptionOf(middling),
    9,
  );
  expect(substitutesFor(strong, [strong])).toEqual([]);
});

test('endurance: twice the strength lasts twice as long, salt longer, malt shorter', () => {
  // ln(1/0.6) / (0.011 · 2^(−0.3)) = 57.2 h for W 280 without salt.
  expect(enduranceH(280, 0)).toBeCloseTo(57.18, 1);
  expect(enduranceH(560, 0)).toBeCloseTo(2 * enduranceH(280, 0), 6);
  expect(enduranceH(280, 0.03)).toBeGreaterThan(enduranceH(280, 0));
  expect(enduranceH(280, 0.03, 0.01)).toBeLessThan(enduranceH(280, 0.03));
});

const stage = (hours: number, tempC: number, flourShare = 1, ph: number | null = null) => ({
  name: 'balls',
  hours,
  tempC,
  flourShare,
  saltShare: 0.027,
  ph,
});

test('a plan’s stages are hours at 22°: warmer counts double each ten degrees, a leaven only its flour', () => {
  const blend = { strengthW: 280, strengthSd: 0 };
  const used = (one: ReturnType<typeof stage>) =>
    enduranceOf(blend, [{ name: 'x', hours: stageHours(one, 0.027) }], { saltShare: 0.027 }).usedH;
  expect(used(stage(10, 22))).toBeCloseTo(10, 9);
  expect(used(stage(10, 32))).toBeCloseTo(20, 9);
  expect(used(stage(10, 22, 0.25))).toBeCloseTo(2.5, 9);
  expect(used(stage(10, 22, 1, 4))).toBeCloseTo(40, 9);
});

test('the verdict: weak flour in a long plan, strong flour in a short one, and what would last', () => {
  const verdict = (strengthW: number, hours: number, sd = 0) =>
    enduranceOf({ strengthW, strengthSd: sd }, [{ name: 'balls', hours }], { saltShare: 0.027 })
      .verdict;
  expect(verdict(220, 80)).toBe('too weak');
  expect(verdict(320, 30)).toBe('lasts');
  expect(verdict(320, 4)).toBe('too strong');
  expect(verdict(280, 70, 40)).toBe('doubtful');
  const lasting = blendThatLasts(65, 0.027, FLOURS)!;
  expect(enduranceH(lasting.strengthW, 0.027)).toBeCloseTo(65, 6);
  expect(blendOf(lasting.parts, FLOURS).strengthW).toBeCloseTo(lasting.strengthW, 6);
  expect(blendThatLasts(500, 0.027, FLOURS)).toBeNull();
});

test('water today: another blend, the room, and what the last mixes took, in points', () => {
  const today = waterToday({
    hydration: 0.65,
    writtenFor: [{ flourId: 'strong', share: 1 }],
    today: [
      { flourId: 'strong', share: 0.8 },
      { flourId: 'whole', share: 0.2 },
    ],
    flours: FLOURS,
    roomC: 27,
    lastMixes: [
      { atMs: 2, plannedHydration: 0.65, takenHydration: 0.67 },
      { atMs: 1, plannedHydration: 0.65, takenHydration: 0.67 },
    ],
  });
  const points = today.reasons.map((one) => one.points);
  // Whole grain: 0.2 · (0.65 − 0.586) = +1.28 points; six degrees over 21: −0.6; taken: +2.
  expect(points).toEqual([
    expect.closeTo(0.0128, 6),
    expect.closeTo(-0.006, 9),
    expect.closeTo(0.02, 9),
  ]);
  expect(today.hydration).toBeCloseTo(0.65 + 0.0268, 6);
  expect(today.holdBackShare).toBeGreaterThan(0.02);
  const nothing = waterToday({
    hydration: 0.65,
    writtenFor: [{ flourId: 'strong', share: 1 }],
    today: [{ flourId: 'strong', share: 1 }],
    flours: FLOURS,
    roomC: 21,
    lastMixes: [],
  });
  expect(nothing).toEqual({ hydration: 0.65, holdBackShare: 0.02, reasons: [] });
  // One mix alone is believed by half.
  const once = waterToday({
    hydration: 0.65,
    writtenFor: [{ flourId: 'strong', share: 1 }],
    today: [{ flourId: 'strong', share: 1 }],
    flours: FLOURS,
    roomC: 21,
    lastMixes: [{ atMs: 1, plannedHydration: 0.65, takenHydration: 0.63 }],
  });
  expect(once.hydration).toBeCloseTo(0.64, 9);
});

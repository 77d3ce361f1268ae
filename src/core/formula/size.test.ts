import fc from 'fast-check';
import { inchesToCm } from '../units/lengths';
import { dividedByEye } from './by-eye';
import { areaOf, perAreaOf, weightAsKnown, weightOfSize, type Size } from './size';
import { DOUGH_PANTRY, PLAIN } from '../../../tests/fixtures/doughs';
import { dividedInto, targetColumns } from './target-columns';
import { roundBallG, targetSchema, type Target } from './target';

const STEPS = { scaleStepG: 1, fineStepG: 0.1 };
const round = (diameterCm: number): Size => ({ of: 'round', diameterCm });
const anySize = fc.oneof(
  fc.double({ min: 10, max: 100, noNaN: true }).map(round),
  fc
    .record({
      lengthCm: fc.double({ min: 5, max: 200, noNaN: true }),
      widthCm: fc.double({ min: 5, max: 200, noNaN: true }),
    })
    .map((sides): Size => ({ of: 'tray', ...sides })),
);

describe('sizes and weights', () => {
  test('as a 14-inch round at 425 g, one of 12 inches weighs 312 g', () => {
    // Areas as (12/14)² = 0.7347: 425 × 0.7347 = 312.2.
    const known = { size: round(inchesToCm(14)), weightG: 425 };
    expect(weightAsKnown(round(inchesToCm(12)), known)).toBeCloseTo(312.24, 1);
    expect(perAreaOf(425, known.size)).toBeCloseTo(0.428, 3);
  });
  test('a tray of 40 by 30 cm at 0.55 g on each cm² weighs 660 g', () => {
    const tray: Size = { of: 'tray', lengthCm: 40, widthCm: 30 };
    expect(areaOf(tray)).toBe(1200);
    expect(weightOfSize(tray, 0.55)).toBeCloseTo(660, 9);
  });
  test('a weight is as thick as it was made, on any size', () => {
    fc.assert(
      fc.property(anySize, fc.double({ min: 0.1, max: 2, noNaN: true }), (size, gPerCm2) => {
        const weightG = weightOfSize(size, gPerCm2);
        expect(perAreaOf(weightG, size)).toBeCloseTo(gPerCm2, 9);
      }),
    );
  });
  test('a round of a target and one of a size weigh the same', () => {
    expect(weightOfSize(round(31), 0.37)).toBe(roundBallG(31, 'middling'));
  });
});

describe('pieces divided by eye', () => {
  test('the more there are, the further apart the lightest and the heaviest', () => {
    const apart = (count: number) => {
      const { leastG, mostG } = dividedByEye(250, count);
      expect(leastG + mostG).toBeCloseTo(500, 9);
      return mostG - leastG;
    };
    expect(apart(1)).toBeCloseTo(0, 6);
    expect(apart(4)).toBeLessThan(apart(40));
    // Of forty at ± 8 % the furthest is 2.24 sd away: 250 ± 45 g.
    expect(apart(40)).toBeCloseTo(2 * 2.24 * 0.08 * 250, 0);
  });
});

describe('what a dough is divided into', () => {
  const of = (target: Target) => {
    const made = { target, dough: PLAIN, lossShare: 0.02 };
    const columns = targetColumns(made, STEPS, DOUGH_PANTRY);
    return { columns, divided: dividedInto(made, columns, 1, DOUGH_PANTRY) };
  };
  test('four that are asked for are four, and what stays over is named', () => {
    const products = [{ name: 'Balls', count: 4, weightG: 250, keepsH: 24 }];
    const { divided, columns } = of({ by: 'products', products });
    expect(divided.products).toMatchObject([{ name: 'Balls', count: 4, weightG: 250 }]);
    expect(divided.remainderG).toBeCloseTo(Math.max(0, columns.wholeG * 0.98 - 1000), 6);
  });
  test('a weight of dough goes into pieces of the weight that was asked, the rest is left', () => {
    const { divided } = of({ by: 'dough', doughG: 5000, pieceG: 280 });
    // 4900 g are out of the bowl: 17 pieces of 280 are 4760.
    expect(divided.products).toMatchObject([{ name: 'Balls', count: 17, weightG: 280 }]);
    expect(divided.remainderG).toBeGreaterThan(130);
    expect(divided.remainder).toBe('carry-over');
  });
  test('without a weight it is used up', () => {
    const { divided } = of({ by: 'dough', doughG: 5000 });
    expect(divided.products[0]!.count).toBe(19);
    expect(divided.remainderG).toBeLessThan(20);
  });
  test('a method of before, without a size or a weight of pieces, is read', () => {
    expect(targetSchema.parse({ by: 'flour', flourG: 1000 })).toMatchObject({ flourG: 1000 });
  });
});

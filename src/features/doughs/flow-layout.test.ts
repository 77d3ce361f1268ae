import { DOUGH_PANTRY, leaven, PLAIN } from '../../../tests/fixtures/doughs';
import { doughColumns, type Dough } from '@/core/formula';
import { flowLayout } from './flow-layout';

const FRAME = { width: 920, nameWidth: 150, wholeWidth: 190, rowHeight: 46 };
const columns = (dough: Dough, flourG = 4000) =>
  doughColumns(dough, flourG, { scaleStepG: 1, fineStepG: 0.1 }, DOUGH_PANTRY);
const DOUGH: Dough = { ...PLAIN, leavens: [leaven('poolish', 0.25), leaven('carry-over', 0.06)] };

test('every ingredient has its slices: one into each leaven that holds it, one into the final mix', () => {
  const { slices, pours, caps } = flowLayout(columns(DOUGH), FRAME);
  const of = (id: string) => slices.filter((one) => one.ingredientId === id).map((one) => one.key);
  expect(of('strong')).toEqual(['strong-2', 'strong-1', 'strong-0']);
  expect(of('salt')).toEqual(['salt-2', 'salt-1']);
  expect(of('yeast-fresh')).toEqual(['yeast-fresh-0']);
  expect(pours.map((one) => one.key)).toEqual(['poolish', 'carry-over']);
  expect(caps).toHaveLength(columns(DOUGH).rows.length);
});

test('bands are as wide as they are heavy, never thinner than the eye sees, never on the next row', () => {
  for (const flourG of [300, 4000, 60_000]) {
    const { slices, caps } = flowLayout(columns(DOUGH, flourG), FRAME);
    const width = (key: string) => slices.find((one) => one.key === key)!.width;
    expect(width('strong-2') / width('strong-0')).toBeCloseTo(2760 / 1000, 1);
    for (const one of slices) expect(one.width).toBeGreaterThanOrEqual(1.2);
    caps.forEach((cap, index) => {
      expect(cap.y + cap.height).toBeLessThanOrEqual((index + 1) * FRAME.rowHeight + 4);
    });
  }
});

test('everything stays inside the picture', () => {
  const { slices, tub, height } = flowLayout(columns(DOUGH), FRAME);
  for (const { path } of slices) {
    const numbers = path.match(/-?\d+(\.\d+)?/g)!.map(Number);
    expect(Math.max(...numbers)).toBeLessThanOrEqual(FRAME.width);
    expect(Math.min(...numbers)).toBeGreaterThanOrEqual(0);
  }
  expect(tub.x + tub.width).toBeLessThanOrEqual(FRAME.width);
  expect(tub.y + 30).toBeLessThanOrEqual(height);
});

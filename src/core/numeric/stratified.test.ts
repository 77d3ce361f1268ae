import { normalBelow } from './normal';
import { normalMiddles, stratifiedNormals } from './stratified';

test('the middles of equally likely parts are where the distribution says', () => {
  normalMiddles(20).forEach((x, i) => expect(normalBelow(x)).toBeCloseTo((i + 0.5) / 20, 5));
});

test('every dimension is filled evenly, the dimensions are not the same, the same seed draws the same', () => {
  const draws = stratifiedNormals(40, 3, 7);
  for (const dimension of [0, 1, 2]) {
    const column = draws.map((row) => row[dimension]!).sort((a, b) => a - b);
    expect(column).toEqual([...normalMiddles(40)]);
  }
  expect(draws.map((row) => row[0])).not.toEqual(draws.map((row) => row[1]));
  expect(stratifiedNormals(40, 3, 7)).toEqual(draws);
  expect(stratifiedNormals(40, 3, 8)).not.toEqual(draws);
});

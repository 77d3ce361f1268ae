import { additionQuestion, farOffQuestion } from './far-off';

const water = { name: 'water', plannedG: 1260 };

describe('amounts far from the plan', () => {
  test('are asked about with what was planned and the whole', () => {
    expect(farOffQuestion([{ ...water, massG: 12_600 }], 2000)).toBe(
      '12.6 kg water where 1260 g was planned, in 2000 g of all: is that right?',
    );
  });
  test.each([630, 1000, 1260, 2400])('%d g of 1260 g are not', (massG) => {
    expect(farOffQuestion([{ ...water, massG }], 2000)).toBeNull();
  });
  test.each([0, 126, 600, 2600, 126_000])('%d g of 1260 g are', (massG) => {
    expect(farOffQuestion([{ ...water, massG }], 2000)).not.toBeNull();
  });
  test('a trace more or less of a tiny dose is not', () => {
    expect(farOffQuestion([{ name: 'yeast', massG: 0.06, plannedG: 0.02 }], 500)).toBeNull();
  });
});

test('an addition that is much of the mass is asked about', () => {
  expect(additionQuestion('water', 12_600, { flour: 800, water: 500 })).toMatch(
    /12\.6 kg water into 1300 g/,
  );
  expect(additionQuestion('water', 40, { flour: 800, water: 500 })).toBeNull();
});

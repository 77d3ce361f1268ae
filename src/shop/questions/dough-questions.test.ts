import { CORE_OPERATIONS } from './core-requests';

const ask = (operation: string, request: unknown) =>
  CORE_OPERATIONS[operation]!(request) as Record<string, never>;

test('formula answers the columns of a dough, and the formula they have', () => {
  const answer = ask('formula', {
    dough: {
      flours: [{ flourId: 'flour', share: 1 }],
      hydration: 0.66,
      saltShare: 0.027,
      oilShare: 0,
      added: [],
      yeast: { type: 'fresh', freshShare: 0 },
      leavens: [
        {
          id: 'poolish',
          kind: 'poolish',
          name: 'Poolish',
          flourShare: 0.25,
          hydration: 1,
          flours: null,
          made: { by: 'yeast', freshShare: 0.002 },
        },
      ],
    },
    target: { by: 'flour', flourG: 4000 },
    flours: [{ id: 'flour', name: 'Flour' }],
  });
  expect(answer).toMatchObject({
    kind: 'dough',
    columns: { flourG: 4000, waterG: 2640, leavens: [{ totalG: 2002 }] },
    formula: { hydration: 0.66, saltShare: 0.027 },
  });
});

test('check answers line by line, with what the baker said', () => {
  const request = { text: '1 kg flour\n650 ml water\na glug of oil', answers: {} };
  expect(ask('check', request)).toMatchObject({ open: 1, sums: { hydration: { value: 0.65 } } });
  expect(ask('check', { ...request, answers: { 2: 20 } })).toMatchObject({
    open: 0,
    sums: { oilShare: { value: 0.02 } },
  });
});

test('water answers by the heat balance and says what would mend what it can not', () => {
  const parts = [{ flourG: 1000, tempC: 22 }];
  const answer = ask('water', { aimC: 24, parts, waterG: 650, mixingC: 3 });
  expect(answer).toMatchObject({ bound: null, iceG: 0, remedies: [] });
  expect(answer['checkedC']).toBeCloseTo(24, 9);
  const hot = ask('water', {
    aimC: 20,
    parts: [{ flourG: 1000, tempC: 38 }],
    waterG: 60,
    mixingC: 9,
  });
  expect(hot['bound']).toBe('too hot');
});

test('divide answers both ways', () => {
  const products = [{ name: 'Balls', count: 12, weightG: 250, keepsH: 24 }];
  expect(ask('divide', { doughG: 2923, products })).toMatchObject({
    sameCount: { products: [{ weightG: 243 }], remainderG: 7 },
    sameWeight: { products: [{ count: 11 }], remainder: 'small ball' },
  });
});

test.each([
  ['divide', { doughG: -1, products: [] }],
  ['water', { aimC: 24, parts: [], waterG: 1 }],
  ['check', { text: 5 }],
  ['formula', { dough: {} }],
])('%s refuses what it can not read', (operation, request) => {
  expect(() => ask(operation, request)).toThrow();
});

import fc from 'fast-check';
import { DOUGH_PANTRY, leaven, PLAIN } from '../../../tests/fixtures/doughs';
import { allergensOf, totals } from '../composition';
import {
  BY_TAKING_KINDS,
  batchesFor,
  boxesFor,
  divideByWeight,
  doughColumns,
  doughWeights,
  exchangeLeaven,
  formulaRemarks,
  LEAVEN_KINDS,
  leavenOf,
  litreOfSalt,
  pantryOf,
  redivide,
  roundBallG,
  saltOfLitre,
  targetSchema,
  trayG,
  trueFormula,
  tubsFor,
  USUAL_LEAVENS,
  usualLeaven,
  type Dough,
} from '.';

const mixer = { name: 'Davit', leastKg: 2, mostKg: 10 };

describe('batches', () => {
  test('are as few as the mixer allows, all of one size, and add up to the dough', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2000, max: 200_000, noNaN: true }),
        fc.double({ min: 0.45, max: 0.95, noNaN: true }),
        (doughG, hydration) => {
          const answer = batchesFor(doughG, hydration, mixer);
          if (answer.kind !== 'batches') return expect(answer.kind).toBe('too little');
          const { count, eachG, fill, mixerTakesG } = answer.batches;
          expect(count * eachG).toBeCloseTo(doughG, 4);
          expect(fill).toBeLessThanOrEqual(1 + 1e-9);
          if (count > 1)
            expect((doughG / (count - 1)) * (1 - 1e-9)).toBeGreaterThan(mixerTakesG - 1);
          return undefined;
        },
      ),
    );
  });

  test('a stiff dough strains the mixer: it takes less of it', () => {
    const takes = (hydration: number) => {
      const answer = batchesFor(5000, hydration, mixer);
      return answer.kind === 'batches' ? answer.batches.mixerTakesG : NaN;
    };
    expect(takes(0.65)).toBeCloseTo(10_000, 6);
    expect(takes(0.55)).toBeCloseTo(8500, 6);
    expect(takes(0.3)).toBeGreaterThan(3900);
  });

  test('without a mixer, and with nothing to mix', () => {
    expect(batchesFor(5000, 0.65, null)).toEqual({ kind: 'no mixer' });
    expect(() => batchesFor(0, 0.65, mixer)).toThrow('Dough: 0 g is not possible.');
  });
});

describe('boxes and tubs', () => {
  const boxes = [
    { name: 'Small', count: 2, balls: 6 },
    { name: 'Ball box', count: 4, balls: 12 },
  ];
  test('balls go into the boxes that hold most; those that find none are counted', () => {
    expect(boxesFor(40, boxes)).toEqual({ boxName: 'Ball box', needed: 4, there: 4, without: 0 });
    expect(boxesFor(60, boxes)).toEqual({ boxName: 'Ball box', needed: 5, there: 4, without: 12 });
    expect(boxesFor(10, [])).toBeNull();
  });

  test('the smallest tub that bears the rise with room above it; more of the largest where none does', () => {
    const tubs = [
      { name: 'Jar', count: 3, litres: 2 },
      { name: 'Tub', count: 2, litres: 12 },
    ];
    expect(tubsFor(900, 2, tubs)).toMatchObject({ tubName: 'Jar', needed: 1 });
    expect(tubsFor(4000, 2, tubs)).toMatchObject({ tubName: 'Tub', needed: 1 });
    const much = tubsFor(20_000, 2, tubs)!;
    expect(much).toMatchObject({ tubName: 'Tub', needed: 4, there: 2 });
    expect(much.fill).toBeCloseTo(40 / 24, 9);
    expect(tubsFor(1000, 2, [])).toBeNull();
  });
});

describe('dividing', () => {
  const products = [
    { name: 'Balls', count: 24, weightG: 250, keepsH: 24 },
    { name: 'Trays', count: 3, weightG: 620, keepsH: 24 },
  ];
  test('never divides more than there is, and what is left is named', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 500, max: 40_000, noNaN: true }),
        fc.constantFrom(1, 2, 5),
        (doughG, step) => {
          for (const divided of [
            redivide(doughG, products, step),
            divideByWeight(doughG, products),
          ]) {
            const used = divided.products.reduce((sum, one) => sum + one.count * one.weightG, 0);
            expect(used).toBeLessThanOrEqual(doughG + 1e-6);
            expect(used + divided.remainderG).toBeCloseTo(doughG, 4);
          }
          const same = redivide(doughG, products, step);
          expect(same.products.map((one) => one.count)).toEqual([24, 3]);
        },
      ),
    );
  });

  test('a remainder is nothing, a small ball, or carry-over, by how much it is', () => {
    const balls = [{ name: 'Balls', count: 4, weightG: 250, keepsH: 24 }];
    expect(divideByWeight(1010, balls).remainder).toBe('none');
    expect(divideByWeight(1100, balls).remainder).toBe('carry-over');
    expect(divideByWeight(1190, balls).remainder).toBe('small ball');
    expect(() => redivide(0, balls, 1)).toThrow('Dough weighed: 0 g is not possible.');
  });
});

describe('kinds of leaven', () => {
  test.each(LEAVEN_KINDS)('%s is a leaven that a dough of 65 %% can take', (kind) => {
    const usual = usualLeaven(kind, 'one');
    const dough: Dough = { ...PLAIN, leavens: [{ ...usual, flourShare: 0.2 }] };
    const [weighed] = doughWeights(dough, 1000, DOUGH_PANTRY).leavens;
    const sum = totals(weighed!.composition, DOUGH_PANTRY);
    expect(sum.flourG).toBeCloseTo(200, 6);
    expect(sum.waterG / sum.flourG).toBeCloseTo(usual.hydration, 9);
    expect(BY_TAKING_KINDS.has(kind)).toBe(usual.made.by === 'taken');
    expect(USUAL_LEAVENS[kind].says).not.toBe('');
  });

  test('exchanged for its own kind only the share changes; one that is not there is refused', () => {
    const dough: Dough = { ...PLAIN, leavens: [leaven('biga', 0.4, { hydration: 0.55 })] };
    const after = exchangeLeaven(dough, 'biga', { kind: 'biga', flourShare: 0.3 });
    expect(leavenOf(after, 'biga')).toMatchObject({ hydration: 0.55, flourShare: 0.3 });
    expect(() => exchangeLeaven(dough, 'levain', {})).toThrow('“levain” is not in this dough');
  });

  test('a seed that brings more water than its build is to have is refused', () => {
    const wet = leaven('stiff levain', 0.2, {
      hydration: 0.4,
      made: { by: 'seed', seedShare: 3, seedHydration: 2, cultureId: null },
    });
    expect(() =>
      doughColumns(
        { ...PLAIN, leavens: [wet] },
        1000,
        { scaleStepG: 1, fineStepG: 0.1 },
        DOUGH_PANTRY,
      ),
    ).toThrow('its seed brings more water than it is to have');
  });
});

describe('what is unusual', () => {
  const formula = (changes: Partial<ReturnType<typeof trueFormula>>) => ({
    ...trueFormula({ strong: 1000, water: 650, salt: 27 }, DOUGH_PANTRY),
    freshShare: 0.002,
    ...changes,
  });
  const ids = (changes: Parameters<typeof formula>[0], raised = false) =>
    formulaRemarks(formula(changes), raised).map((one) => one.id);
  test('nothing about a usual dough', () => {
    expect(ids({})).toEqual([]);
  });
  test.each([
    [{ saltShare: 0 }, 'salt-missing'],
    [{ saltShare: 0.01 }, 'salt-low'],
    [{ saltShare: 0.05 }, 'salt-high'],
    [{ hydration: 0.45 }, 'water-low'],
    [{ hydration: 0.95 }, 'water-high'],
    [{ freshShare: 0.05 }, 'yeast-high'],
    [{ sugarShare: 0.1 }, 'sugar-slows'],
    [{ freshShare: 0 }, 'nothing-raises'],
  ])('%j: %s', (changes, id) => {
    expect(ids(changes)).toEqual([id]);
  });
  test('a leaven raises it where no yeast does', () => {
    expect(ids({ freshShare: 0 }, true)).toEqual([]);
  });
});

describe('weights of pieces', () => {
  test('a round grows with the square of its diameter and with its style', () => {
    expect(roundBallG(40, 'thin') / roundBallG(20, 'thin')).toBeCloseTo(4, 9);
    expect(roundBallG(30, 'high rim')).toBeGreaterThan(roundBallG(30, 'thin'));
    // 30 cm at 0.32 g/cm²: π · 225 · 0.32 = 226 g.
    expect(roundBallG(30, 'thin')).toBeCloseTo(226.19, 1);
  });
  test('a tray grows with its area and its thickness', () => {
    const tray = (lengthCm: number, thicknessMm: number) =>
      trayG({ lengthCm, widthCm: 30, thicknessMm }, PLAIN, DOUGH_PANTRY);
    expect(tray(60, 8)).toBeCloseTo(2 * tray(30, 8), 6);
    expect(tray(30, 16)).toBeCloseTo(2 * tray(30, 8), 6);
  });
  test.each([
    [{ by: 'diameter', count: 4, diameterCm: 3, style: 'thin' }, 'Diameter: 3 cm'],
    [
      { by: 'tray', count: 1, lengthCm: 40, widthCm: 30, thicknessMm: 90 },
      'Thickness of the dough: 90 mm',
    ],
    [{ by: 'flour', flourG: 0 }, 'Flour in the sack: 0 g'],
    [
      { by: 'products', products: [{ name: 'Balls', count: 1.5, weightG: 250, keepsH: 1 }] },
      'whole numbers',
    ],
  ])('%j is refused: %s', (target, says) => {
    const parsed = targetSchema.safeParse(target);
    expect(parsed.error!.issues[0]!.message).toContain(says);
  });
});

test('salt per litre and per flour answer each other', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 100, noNaN: true }),
      fc.double({ min: 0.4, max: 1.2, noNaN: true }),
      (perLitre, hydration) => {
        expect(litreOfSalt(saltOfLitre(perLitre, hydration), hydration)).toBeCloseTo(perLitre, 9);
      },
    ),
  );
});

test('allergens of everything that is in it, each once; flour of which nothing is said is wheat', () => {
  const pantry = pantryOf([
    { id: 'plain', name: 'Plain', strengthW: 200, proteinShare: null, wholegrainShare: 0 },
    {
      id: 'rice',
      name: 'Rice',
      strengthW: 60,
      proteinShare: null,
      wholegrainShare: 0,
      allergens: [],
    },
  ]);
  expect(allergensOf({ plain: 1, rice: 1, milk: 1, 'seeds-sesame': 1, water: 1 }, pantry)).toEqual([
    'milk',
    'sesame',
    'wheat',
  ]);
  expect(allergensOf({ rice: 100, water: 60 }, pantry)).toEqual([]);
  expect(allergensOf({ plain: 0, rice: 1 }, pantry)).toEqual([]);
});

test('the true formula of no flour is refused', () => {
  expect(() => trueFormula({ water: 5 }, DOUGH_PANTRY)).toThrow('there is no flour in it');
});

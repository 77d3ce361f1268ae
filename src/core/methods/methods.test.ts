import { FLOURS } from '../../../tests/fixtures/doughs';
import { doughColumns, flourFor, pantryOf } from '../formula';
import type { PlaceHistory } from '../forecast';
import {
  hoursRange,
  startingMethods,
  methodSchema,
  nearestFlour,
  placedMethod,
  SCHOOLS,
  SCHOOL_QUESTIONS,
  schoolSays,
  usualHours,
  USUAL_SCHOOLS,
} from '.';

const place = (id: string, tempC: number): PlaceHistory => ({
  id,
  name: id,
  settings: [{ fromMs: 0, tempC }],
});
const shop = (places: readonly PlaceHistory[]) => ({
  places,
  flours: FLOURS,
  atMs: 1,
  yeastType: 'instant' as const,
});

test('every school has a line that says when it is used, and the usual ones are among them', () => {
  for (const question of Object.keys(SCHOOL_QUESTIONS) as (keyof typeof SCHOOLS)[]) {
    const ids = SCHOOLS[question].map((one) => one.id) as string[];
    expect(new Set(ids).size).toBe(ids.length);
    for (const one of SCHOOLS[question]) expect(one.when.length).toBeGreaterThan(5);
    expect(ids).toContain(USUAL_SCHOOLS[question]);
    expect(schoolSays(question, USUAL_SCHOOLS[question])).not.toBe('');
  }
  expect(schoolSays('salt', 'by moonlight')).toBe('');
});

test('every school of the trade is taken by a starting method or can be chosen', () => {
  const taken = (question: keyof typeof SCHOOLS) =>
    new Set(startingMethods().map((one) => one.method.schools[question]));
  expect(taken('cold').size).toBeGreaterThanOrEqual(4);
  expect(taken('coldWhere')).toEqual(new Set(['nowhere', 'leaven', 'balls']));
  expect(taken('water').has('part held back')).toBe(true);
});

test('roles become the nearest places, flours the nearest flours, yeast the shop’s own', () => {
  const [method] = startingMethods()
    .filter((one) => one.id === 'biga-cold-warm')
    .map((one) =>
      placedMethod(one, shop([place('kitchen', 23), place('cold room', 3), place('vault', 15)])),
    );
  expect(method!.leavenStays['biga']!.map((stay) => stay.placeId)).toEqual(['cold room', 'vault']);
  expect(method!.balls[0]!.placeId).toBe('kitchen');
  expect(method!.dough.yeast.type).toBe('instant');
  expect(method!.dough.flours[0]!.flourId).toBe('strong');
});

test('a shop of one place and one flour can still bake everything', () => {
  const only = { ...shop([place('table', 20)]), flours: [FLOURS[1]!] };
  const pantry = pantryOf(only.flours);
  for (const one of startingMethods()) {
    const method = placedMethod(one, only);
    expect(methodSchema.safeParse(method).success).toBe(true);
    const flourG = flourFor(method.target, method.dough, method.lossShare, pantry);
    const columns = doughColumns(method.dough, flourG, { scaleStepG: 1, fineStepG: 0.1 }, pantry);
    expect(columns.wholeG).toBeGreaterThan(0);
  }
});

test('a recipe’s flour finds the shop’s own by name, else by strength and whole grain', () => {
  expect(nearestFlour('strong', FLOURS)).toBe('strong');
  expect(nearestFlour('flour-wholegrain', FLOURS)).toBe('whole');
  expect(nearestFlour('flour-rye', FLOURS)).toBe('strong');
  expect(nearestFlour('flour-00', [])).toBe('flour-00');
});

test('hours of stays, as a rule and at their bounds', () => {
  const stays = [
    { placeId: 'a', hours: 12, leastH: 8, mostH: 16 },
    { placeId: 'b', hours: 3, leastH: 1, mostH: 8 },
  ];
  expect(usualHours(stays)).toBe(15);
  expect(hoursRange(stays)).toEqual({ leastH: 9, mostH: 24 });
});

test.each([
  [{ name: ' ' }, 'Name: a name is needed.'],
  [{ bulk: [] }, 'at least one place is needed'],
  [{ lossShare: 0.5 }, 'Loss in the bowl'],
  [
    { balls: [{ placeId: 'bench', hours: 3, leastH: 4, mostH: 8 }] },
    'the usual ones lie between the fewest and the most',
  ],
])('a method with %j is refused', (change, says) => {
  const parsed = methodSchema.safeParse({ ...startingMethods()[0]!.method, ...change });
  expect(parsed.success).toBe(false);
  expect(JSON.stringify(parsed.error!.issues)).toContain(says);
});

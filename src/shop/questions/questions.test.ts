import { CORE_OPERATIONS } from './core-requests';

const ask = (operation: string, request: unknown) =>
  CORE_OPERATIONS[operation]!(request) as Record<string, never>;
const poolish = {
  kind: 'poolish',
  hydration: 1,
  freshYeastPct: 0.4,
  massKg: 2,
  startC: 21,
  stays: [{ placeC: 21, hours: 40 }],
};
const starter = {
  kind: 'starter',
  hydration: 1,
  massKg: 0.25,
  startC: 25,
  seeds: [{ flourPct: 9.0909, cycle: { ratio: [1, 5, 5], tempC: 25 } }],
  stays: [{ placeC: 25, hours: 40 }],
};

describe('forecast', () => {
  test('says young, prime, late and past of a leaven, and opens it as ripe as was asked', () => {
    const windowOf = (asks: string) =>
      (
        ask('forecast', { lot: { ...poolish, asks } }) as unknown as {
          window: Record<string, number | null>;
        }
      ).window;
    const [young, prime] = [windowOf('young'), windowOf('prime')];
    expect(young['opensH']).toBe(young['youngH']);
    expect(prime['opensH']).toBe(young['primeH']);
    const hours = ['youngH', 'primeH', 'closesH', 'pastH'].map((key) => prime[key]!);
    expect([...hours].sort((a, b) => a - b)).toEqual(hours);
  });
  test('answers a rule of the calibration table from outside', () => {
    const { window } = ask('forecast', { lot: starter }) as unknown as {
      window: { bestH: number };
    };
    expect(window.bestH).toBeGreaterThan(6.375);
    expect(window.bestH).toBeLessThan(10.625);
  });
  test('answers rises and hours asked for, consistently with its curve', () => {
    const answer = ask('forecast', { lot: poolish, reaches: [2, 7], at: [5] }) as unknown as {
      reaches: { rise: number; hour: number | null }[];
      at: { hour: number; rise: number; ph: number }[];
      curve: { hour: number; rise: number }[];
    };
    expect(answer.reaches[1]).toEqual({ rise: 7, hour: null });
    const hour = answer.reaches[0]!.hour!;
    const around = answer.curve
      .filter((one) => Math.abs(one.hour - hour) <= 0.5)
      .map((one) => one.rise);
    expect(Math.min(...around)).toBeLessThan(2);
    expect(Math.max(...around)).toBeGreaterThan(2);
    expect(answer.at[0]!.rise).toBeCloseTo(answer.curve.find((one) => one.hour === 5)!.rise, 9);
    expect(answer.at[0]!.ph).toBeGreaterThan(5);
  });
  test('follows chains: a dough made with a ripe poolish, and its leftover refreshed', () => {
    const dough = {
      kind: 'dough',
      hydration: 0.64,
      saltPct: 2.6,
      massKg: 5,
      startC: 24,
      seeds: [{ flourPct: 30, made: poolish, atH: 'best' }],
      stays: [{ placeC: 22, hours: 30 }],
    };
    const refreshed = {
      ...dough,
      kind: 'carry-over',
      seeds: [{ flourPct: 40, made: dough, atH: 8 }],
    };
    for (const lot of [dough, refreshed]) {
      const { window } = ask('forecast', { lot }) as unknown as { window: { bestH: number } };
      expect(window.bestH).toBeGreaterThan(0.5);
      expect(window.bestH).toBeLessThan(10);
    }
  });
});

describe('invert', () => {
  test('the dose it finds is best at the wanted hour when asked back', () => {
    const found = ask('invert', {
      lot: poolish,
      wantedH: 11,
      unknown: { of: 'dose' },
    }) as unknown as { kind: string; value: number };
    expect(found.kind).toBe('found');
    const back = ask('forecast', {
      lot: { ...poolish, freshYeastPct: found.value * 100 },
    }) as unknown as { window: { bestH: number } };
    expect(back.window.bestH).toBeCloseTo(11, 1);
  });
  test('the start it finds is the wanted hour less what the mass needs', () => {
    const { window } = ask('forecast', { lot: starter }) as unknown as {
      window: { bestH: number };
    };
    const answer = ask('invert', {
      lot: starter,
      wantedH: 20,
      unknown: { of: 'start' },
    }) as unknown as { startH: number };
    expect(answer.startH).toBeCloseTo(20 - window.bestH, 9);
  });
  test('the place it finds is between its bounds; a wish out of reach names the bound', () => {
    const place = ask('invert', {
      lot: poolish,
      wantedH: 13,
      unknown: { of: 'place', fromH: 2 },
    }) as unknown as { kind: string; value: number };
    expect(place.kind).toBe('found');
    expect(place.value).toBeGreaterThan(8);
    expect(place.value).toBeLessThan(21);
    expect(ask('invert', { lot: starter, wantedH: 0.5, unknown: { of: 'seed' } })).toMatchObject({
      kind: 'out of range',
      bound: 'most',
    });
  });
});

describe('band', () => {
  test('gives bands around the window and chances that rise and fall', () => {
    const answer = ask('band', { lot: starter, at: [3, 7.8, 14] }) as unknown as {
      window: { bestH: number };
      band80: { bestH: [number, number] };
      chances: { inside: number }[];
      mayNotGetThere: number;
    };
    expect(answer.band80.bestH[0]).toBeLessThan(answer.window.bestH);
    expect(answer.band80.bestH[1]).toBeGreaterThan(answer.window.bestH);
    const [early, middle, late] = answer.chances.map((one) => one.inside);
    expect(early).toBeLessThan(0.05);
    expect(middle).toBeGreaterThan(0.35);
    expect(late).toBeLessThan(0.1);
    expect(answer.mayNotGetThere).toBe(0);
  });
});

describe('learn', () => {
  test('looks that come late teach that the culture is slower, lot by lot', () => {
    const lots = [1, 2, 3].map((day) => ({ day, lot: starter, looks: [{ atH: 8, rise: 2.1 }] }));
    const answer = ask('learn', { lots }) as unknown as {
      cultureSpeed: number;
      cultureLnSd: number;
      predictedBestH: number;
      bestAfterLooksH: number;
    }[];
    const speeds = answer.map((one) => one.cultureSpeed);
    expect(speeds[0]).toBeLessThan(1);
    expect(speeds[2]!).toBeLessThan(speeds[0]!);
    expect(answer[2]!.cultureLnSd).toBeLessThan(answer[0]!.cultureLnSd);
    expect(answer[0]!.bestAfterLooksH).toBeGreaterThan(answer[0]!.predictedBestH);
    const first = Math.abs(answer[0]!.bestAfterLooksH - answer[0]!.predictedBestH);
    const third = Math.abs(answer[2]!.bestAfterLooksH - answer[2]!.predictedBestH);
    expect(third).toBeLessThan(first / 2);
  });
});

test.each([
  ['forecast', { lot: { ...poolish, startC: 60 } }, 'startC'],
  ['forecast', { lot: { ...poolish, stays: [] } }, 'stays'],
  ['forecast', { lot: { ...poolish, kind: 'soup' } }, 'kind'],
  ['invert', { lot: poolish, wantedH: -1, unknown: { of: 'dose' } }, 'wantedH'],
  ['band', { lot: poolish, at: ['noon'] }, 'noon'],
  ['learn', { lots: [] }, 'lots'],
])('%s refuses a bad request by name: %#', (operation, request, named) => {
  expect(() => ask(operation, request)).toThrow(named);
});

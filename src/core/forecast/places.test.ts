import fc from 'fast-check';
import { placeTempC, setTempC } from './places';
import type { PlaceHistory, Places } from './place-history';
import { ambientStretches } from './ambient-stretches';

const H = 3_600_000;
/** Midnight of a Friday in Oslo, winter time. */
const MIDNIGHT = Date.parse('2026-11-26T23:00:00Z');
const KITCHEN: PlaceHistory = {
  id: 'kitchen',
  name: 'Kitchen',
  timeZone: 'Europe/Oslo',
  settings: [
    {
      fromMs: 0,
      tempC: 21,
      daily: [
        { minute: 6 * 60, tempC: 18 },
        { minute: 14 * 60, tempC: 26 },
        { minute: 22 * 60, tempC: 20 },
      ],
    },
  ],
};
const CELLAR: PlaceHistory = {
  id: 'cellar',
  name: 'Cellar',
  settings: [{ fromMs: 0, tempC: 16 }],
};
const of = (...places: PlaceHistory[]): Places => new Map(places.map((one) => [one.id, one]));
const at = (place: PlaceHistory, atMs: number) => placeTempC(of(place), place.id, atMs);

describe('a curve over the day', () => {
  test.each([
    [6, 18],
    [10, 22],
    [14, 26],
    [18, 23],
    [22, 20],
    [2, 19],
  ])('at %p o’clock it is %p °C by the wall clock', (hour, tempC) => {
    expect(at(KITCHEN, MIDNIGHT + hour * H)).toBeCloseTo(tempC, 9);
    expect(at(KITCHEN, MIDNIGHT + (hour + 24) * H)).toBeCloseTo(tempC, 9);
  });
  test('it follows the wall clock over a daylight-saving night', () => {
    const summerSix = Date.parse('2026-07-01T04:00:00Z');
    expect(at(KITCHEN, summerSix)).toBeCloseTo(18, 9);
  });
  test('a single point is the same all day', () => {
    const steady = {
      ...KITCHEN,
      settings: [{ fromMs: 0, tempC: 19, daily: [{ minute: 600, tempC: 19 }] }],
    };
    for (let hour = 0; hour < 24; hour += 1) expect(at(steady, MIDNIGHT + hour * H)).toBe(19);
  });
  test('its stretches are half-hours whose mean is the day’s mean', () => {
    const stretches = ambientStretches(of(KITCHEN), 'kitchen', {
      fromMs: MIDNIGHT,
      toMs: MIDNIGHT + 24 * H,
    });
    expect(stretches).toHaveLength(48);
    let fromH = 0;
    let sum = 0;
    for (const one of stretches) {
      sum += one.ambientC * (one.untilH - fromH);
      fromH = one.untilH;
    }
    // Straight lines: (18+26)/2 over 8 h, (26+20)/2 over 8 h, (20+18)/2 over 8 h.
    expect(sum / 24).toBeCloseTo((22 + 23 + 19) / 3, 1);
  });
});

describe('readings and what was learned', () => {
  const reading = (hour: number, tempC: number) => ({ atMs: hour * H, tempC });
  test('between two readings a probe is believed, far from any the learned offset holds', () => {
    const probed = { ...CELLAR, offsetC: 1, readings: [reading(10, 18), reading(12, 20)] };
    expect(at(probed, 11 * H)).toBeCloseTo(19, 9);
    expect(at(probed, 10 * H)).toBeCloseTo(18, 9);
    expect(at(probed, 40 * H)).toBeCloseTo(17, 3);
    expect(at(probed, -40 * H)).toBeCloseTo(17, 3);
    expect(at(probed, 14 * H)).toBeCloseTo(17 + 3 * Math.exp(-1), 9);
  });
  test('readings far apart are not joined by a line', () => {
    const probed = { ...CELLAR, readings: [reading(0, 20), reading(24, 20)] };
    expect(at(probed, 12 * H)).toBeLessThan(16.1);
  });
  test('a warm reading follows the place through a new setting', () => {
    const moved: PlaceHistory = {
      ...CELLAR,
      settings: [
        { fromMs: 0, tempC: 16 },
        { fromMs: 5 * H, tempC: 10 },
      ],
      readings: [reading(4, 17), reading(6, 11)],
    };
    expect(at(moved, 4.5 * H)).toBeCloseTo(17, 9);
    expect(at(moved, 5.5 * H)).toBeCloseTo(11, 9);
    expect(setTempC(moved, 5.5 * H)).toBe(10);
  });
  test('stretches are cut only where readings reach', () => {
    const probed = { ...CELLAR, readings: [reading(100, 18)] };
    const span = { fromMs: 0, toMs: 200 * H };
    const stretches = ambientStretches(of(probed), 'cellar', span);
    expect(stretches.length).toBeGreaterThan(20);
    expect(stretches.length).toBeLessThan(40);
    expect(stretches[0]!.ambientC).toBeCloseTo(16, 1);
    expect(ambientStretches(of(CELLAR), 'cellar', span)).toHaveLength(1);
  });
  test('stretches always fill their span in order, whatever was read', () => {
    const hour = fc.integer({ min: 0, max: 96 });
    const temp = fc.double({ min: -20, max: 40, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.tuple(hour, temp), { maxLength: 12 }), hour, (pairs, fromH) => {
        const readings = pairs.map(([h, c]) => reading(h, c)).sort((a, b) => a.atMs - b.atMs);
        const span = { fromMs: fromH * H, toMs: (fromH + 30) * H };
        const stretches = ambientStretches(of({ ...CELLAR, readings }), 'cellar', span);
        let before = 0;
        for (const one of stretches) {
          expect(one.untilH).toBeGreaterThan(before);
          expect(Number.isFinite(one.ambientC)).toBe(true);
          before = one.untilH;
        }
        expect(before).toBeCloseTo(30, 9);
      }),
    );
  });
});

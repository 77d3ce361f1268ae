import rules from './rules.json';
import { calibrate } from './residuals';
import { FITTED_CASES } from './table';

const result = calibrate();
const byId = new Map(result.fitted.map((one) => [one.id, one]));
/** Outside in the fit itself; each is a known weak spot of the model. */
const KNOWN_OUTSIDE = [
  'poolish-1.5-27',
  'dough-cold-balls',
  'window-poolish-slow',
  'window-starter',
];

test('the table holds every rule with its band, none added or bent', () => {
  expect(FITTED_CASES.map((one) => one.id).sort()).toEqual(rules.cases.map((one) => one.id).sort());
  for (const rule of rules.cases) {
    expect(byId.get(rule.id)).toMatchObject({ band: rule.band, reference: rule.reference });
  }
});

test.each(rules.cases.map((rule) => rule.id))('%s', (id) => {
  const one = byId.get(id)!;
  expect({ id, inside: one.inside }).toEqual({ id, inside: !KNOWN_OUTSIDE.includes(id) });
  expect(Math.abs(Math.log(one.value / one.reference!))).toBeLessThan(0.06);
});

test('29 of 33 inside, rms ln error of the timed ones at most 0.12', () => {
  expect(result.fittedInside).toBeGreaterThanOrEqual(29);
  expect(result.rmsLnError).toBeLessThanOrEqual(0.12);
});

test('rules that the fit does not know are met, each saying where its band comes from', () => {
  expect(result.added.filter((one) => !one.inside).map((one) => one.id)).toEqual([]);
  for (const one of result.added) expect(one.source).toContain('plausible band');
});

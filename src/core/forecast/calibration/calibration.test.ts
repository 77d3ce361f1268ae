import rules from './rules.json';
import { measuresOf } from './measures';
import { calibrate } from './residuals';
import { fittedCases } from './table';

const result = calibrate();
const byId = new Map([...result.fitted, ...result.cold].map((one) => [one.id, one]));
/** Outside in the fit itself, by a few minutes each. */
const KNOWN_OUTSIDE = ['biga-cellar', 'carry-25'];

test('the table holds every rule with its band, none added or bent', () => {
  const cases = fittedCases(measuresOf());
  expect(cases.map((one) => one.id).sort()).toEqual(rules.cases.map((one) => one.id).sort());
  for (const rule of rules.cases) {
    expect(byId.get(rule.id)).toMatchObject({ band: rule.band, reference: rule.reference });
  }
});

test.each([...byId.keys()])('%s', (id) => {
  expect({ id, inside: byId.get(id)!.inside }).toEqual({ id, inside: !KNOWN_OUTSIDE.includes(id) });
});

test('nine rules in ten inside, warm, cold and mixed; rms ln error of the timed ones at most 0.12', () => {
  expect(result.cold.length).toBeGreaterThanOrEqual(12);
  expect(result.fittedInside / byId.size).toBeGreaterThanOrEqual(0.9);
  expect(result.rmsLnError).toBeLessThanOrEqual(0.12);
});

test('rules that the fit only leans on are met, each saying where its band comes from', () => {
  expect(result.added.filter((one) => !one.inside).map((one) => one.id)).toEqual([]);
  for (const one of result.added) expect(one.source).toContain('plausible band');
  for (const one of result.cold) expect(one.source).toContain('range of the trade');
});

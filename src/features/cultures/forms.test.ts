import type { DescribingFacts } from '@/server/cultures/describing-facts';
import { describedForm, firstDescription } from './description';
import { fieldsOf } from './description-fields';
import { remarkText } from './refresh-words';

const FACTS: DescribingFacts = {
  culture: null,
  kind: 'liquid starter',
  nowMs: Date.parse('2026-11-27T05:10:00Z'),
  units: { timeZone: 'Europe/Oslo', massUnit: 'g', tempUnit: 'C', lengthUnit: 'cm' },
  flours: [
    { id: 'strong', name: 'Strong flour' },
    { id: 'whole', name: 'Wholegrain flour' },
  ],
  places: [
    { id: 'freezer', name: 'Freezer', tempC: -18 },
    { id: 'fridge', name: 'Fridge', tempC: 4 },
    { id: 'bench', name: 'Bench', tempC: 21 },
  ],
  discardJars: [{ id: 'lees', name: 'Lees' }],
};

test('a new culture is proposed where its kind is kept, and brought in from last night', () => {
  expect(firstDescription(FACTS)).toMatchObject({
    placeId: 'bench',
    start: 'bring',
    fedAt: '2026-11-26T20:10',
    discardTo: 'lees',
  });
  expect(firstDescription({ ...FACTS, kind: 'carry-over' })).toMatchObject({
    placeId: 'fridge',
    saltPct: '2.7',
  });
});

test('each kind is asked for what it has, and for nothing else', () => {
  const names = (kind: DescribingFacts['kind']) => fieldsOf(kind, FACTS).map((one) => one.name);
  expect(names('stiff starter')).toEqual(
    expect.arrayContaining(['keepG', 'usualRatio', 'discardTo']),
  );
  expect(names('stiff starter')).not.toContain('keepsDays');
  expect(names('carry-over')).toEqual(expect.arrayContaining(['saltPct', 'keepsDays']));
  expect(names('discard')).not.toContain('hydrationPct');
});

test('only what the chosen beginning needs goes to the server', () => {
  const first = firstDescription(FACTS);
  expect(describedForm({ ...first, start: 'begin' }, FACTS).start).toEqual({
    how: 'begin',
    flourG: '60',
    waterG: '60',
  });
  expect(describedForm({ ...first, kind: 'discard' }, FACTS).start).toEqual({ how: 'empty' });
  // A second flour that is not chosen has no share.
  expect(describedForm({ ...first, secondPct: '30' }, FACTS).secondPct).toBe('0');
  expect(
    describedForm({ ...first, secondFlourId: 'whole', secondPct: '30' }, FACTS).secondPct,
  ).toBe('30');
});

test('what speaks against a leftover names its figure and what is allowed', () => {
  expect(remarkText({ kind: 'too old', days: 6.2, keepsDays: 5 })).toContain(
    '6.2 days old; it keeps 5',
  );
  expect(remarkText({ kind: 'too sour', ph: 3.82, least: 4 })).toContain('pH 3.8, under 4');
  const weak = { kind: 'too weak', gluten: 0.51, least: 0.6 } as const;
  expect(remarkText({ ...weak, share: 0.35 })).toContain('Up to 35 % of it holds');
  expect(remarkText({ ...weak, share: null })).toContain('start anew');
});

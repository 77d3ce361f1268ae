import { foundFor, type Findable } from './findable';

const thing = (kind: Findable['kind'], name: string, says = ''): Findable => ({
  kind,
  name,
  says,
  atMs: null,
  href: `/${name}`,
});
const ALL = [
  thing('View', 'Plan', 'services of the week'),
  thing('Lot', 'Poolish', 'P1126-1, Friday’s'),
  thing('Culture', 'Grusa', 'liquid starter'),
  thing('Method', 'Poolish, two days', 'a starting method'),
  thing('Word', 'levain', 'a build from a culture'),
  thing('Culture', 'Bigá'),
];
const names = (text: string) => foundFor(text, ALL).map((one) => one.name);

test('names that begin with what is typed come first, then what says it', () => {
  expect(names('po')).toEqual(['Poolish', 'Poolish, two days']);
  expect(names('week')).toEqual(['Plan']);
});

test('every word has to be there, in any order, code and kind count', () => {
  expect(names('days poolish')).toEqual(['Poolish, two days']);
  expect(names('p1126')).toEqual(['Poolish']);
  expect(names('method')).toEqual(['Poolish, two days']);
  expect(names('poolish grusa')).toEqual([]);
});

test('marks and case do not matter, spaces neither; nothing typed finds all', () => {
  expect(names('BIGA')).toEqual(['Bigá']);
  expect(names('  ')).toHaveLength(ALL.length);
});

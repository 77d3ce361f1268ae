import { ALL_VIEWS, BAR, viewAt } from './views';

test.each([
  ['/', 'Tide'],
  ['/lots/P1126-1', 'Tide'],
  ['/plan', 'Plan'],
  ['/hold/demo-1', 'Plan'],
  ['/bakes/new', 'New bake'],
  ['/bakes/demo-00342', 'Log'],
  ['/cultures/grusa/series', 'Cultures'],
  ['/doughs/start-straight', 'Doughs'],
  ['/doughs/check', 'Recipe check'],
  ['/records/trace', 'Records'],
  ['/practice/dough', 'A whole dough'],
])('%s is of %s', (path, name) => {
  expect(viewAt(path)?.name).toBe(name);
});

test('a path of no view marks none', () => {
  expect(viewAt('/nowhere')).toBeNull();
  expect(viewAt('/planet')).toBeNull();
});

test('every letter opens one view, every view stands once, the bar has room for its five', () => {
  const keys = ALL_VIEWS.flatMap(({ key }) => key ?? []);
  expect(new Set(keys).size).toBe(keys.length);
  expect(new Set(ALL_VIEWS.map((view) => view.href)).size).toBe(ALL_VIEWS.length);
  expect(BAR).toHaveLength(5);
});

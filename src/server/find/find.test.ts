import { foundFor } from '@/shop/find/findable';
import { demoShop } from '../../../tests/demo-shop';
import { findables } from './find';

const { context } = demoShop();
const { things, timeZone } = findables(context);
const first = (text: string) => foundFor(text, things)[0];

test('everything of the demo shop is found by its name: cultures, lots, bakes, methods, words', () => {
  expect(timeZone).toBe('Europe/Oslo');
  expect(first('grusa')).toMatchObject({ kind: 'Culture', href: '/cultures/grusa' });
  expect(first('P1126-1')).toMatchObject({ kind: 'Lot', href: '/lots/P1126-1' });
  expect(first('planned harbour')).toMatchObject({ kind: 'Bake' });
  expect(first('poolish, two')).toMatchObject({ kind: 'Method' });
  expect(first('autolyse')).toMatchObject({ kind: 'Word', href: '/words#autolyse' });
});

test('what is alive stands before what is used up, and no address stands twice', () => {
  const lots = things.filter((one) => one.kind === 'Lot');
  const used = lots.map((one) => one.says.endsWith('used up'));
  expect(used.indexOf(true)).toBeGreaterThan(0);
  expect(used.slice(used.indexOf(true)).every(Boolean)).toBe(true);
  const addresses = things.map((one) => `${one.kind} ${one.href}`);
  expect(new Set(addresses).size).toBe(addresses.length);
});

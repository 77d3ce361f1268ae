import { listStock } from '@/data';
import { demoShop } from '../../../tests/demo-shop';
import { csvText } from '../exports/csv';
import { loadShop } from '../shop/load-shop';
import { noteStock } from './note-stock';
import { stockTable } from './stock-csv';
import { stockView } from './stock-view';

const { context, db } = demoShop();
const row = (id: string) => stockView(context).rows.find((one) => one.ingredientId === id);
const note = (form: object) => {
  const outcome = noteStock(context, form);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome));
  return outcome.value.before;
};

test('the plans of the week take what their acts weigh, water aside', () => {
  const { folded, nowMs } = loadShop(context);
  const saltG = folded.plan
    .filter((one) => one.atMs < nowMs + 7 * 24 * 3_600_000)
    .flatMap(({ act }) => (act.kind === 'make' ? act.ingredients : []))
    .filter((one) => one.ingredientId === 'salt')
    .reduce((sum, one) => sum + one.massG, 0);
  expect(saltG).toBeGreaterThan(100);
  expect(row('salt')).toMatchObject({ name: 'Salt', neededG: saltG, thereG: null, missingG: null });
  expect(row('water')).toBeUndefined();
});

test('counted, it says what is missing and from when; what falls short first stands first', () => {
  const before = note({ ingredientId: 'salt', thereG: '100' });
  expect(before).toBeNull();
  const salt = row('salt')!;
  expect(salt.thereG).toBe(100);
  expect(salt.missingG).toBeCloseTo(salt.neededG - 100, 6);
  expect(salt.shortMs).toBeGreaterThan(loadShop(context).nowMs);
  expect(stockView(context).rows[0]?.ingredientId).toBe('salt');
  const again = note({ ingredientId: 'salt', thereG: '90000' });
  expect(again).toMatchObject({ thereG: 100 });
  expect(row('salt')).toMatchObject({ missingG: 0, shortMs: null });
});

test('a price alone changes no count; the cost of a ball is what is weighed for it', () => {
  const counted = listStock(db).find((one) => one.ingredientId === 'salt');
  note({ ingredientId: 'salt', pricePerKg: '0.5' });
  expect(listStock(db).find((one) => one.ingredientId === 'salt')).toEqual({
    ...counted,
    pricePerKg: 0.5,
  });
  const [flour] = stockView(context).rows.filter((one) => one.ingredientId.startsWith('flour'));
  note({ ingredientId: flour!.ingredientId, pricePerKg: 1 });
  const view = stockView(context);
  const bake = view.bakes.find((one) => one.balls > 0 && one.cost > 0)!;
  expect(bake.cost / bake.balls).toBeGreaterThan(0.05);
  expect(bake.cost / bake.balls).toBeLessThan(0.3);
  expect(bake.without).not.toContain('Salt');
  expect(view.thrown.cost).toBeCloseTo(view.thrown.flourG / 1000, 6);
});

test('emptied fields are not noted any more, odd ones are refused by name', () => {
  note({ ingredientId: 'salt', thereG: '' });
  expect(row('salt')).toMatchObject({ thereG: null, countedMs: null, pricePerKg: 0.5 });
  const odd = noteStock(context, { ingredientId: 'salt', thereG: '-3' });
  expect(JSON.stringify(odd)).toContain('There: −3 g is not possible. Allowed: 0 to 10000000 g.');
  expect(noteStock(context, { ingredientId: 'gold', thereG: 3 })).toMatchObject({ ok: false });
});

test('as a table: a line for each, the hour at which it runs short by the shop’s clock', () => {
  note({ ingredientId: 'salt', thereG: '100' });
  const csv = [...csvText(stockTable(stockView(context)))].join('');
  expect(csv).toMatch(/^what,needed g,there g,missing g,short from,price per kg,cost\r\n/);
  expect(csv).toMatch(/Salt,[\d.]+,100,[\d.]+,2026-11-2\dT\d\d:\d\d,0.5,[\d.]+/);
});

import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { databaseVersion, openShop, openShopInMemory } from '@/data';
import { watchShop } from './changes';
import { contextOver } from '../context';
import { ensureShop } from '../shop/new-shop';
import { changePlace } from '@/server/shop/place';

const later = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const bench = { id: 'bench', name: 'Bench', capacityL: 60 };

test('the version changes with a write of this process and of another, and not by looking', () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'olvik-changes-'));
  const [one, other] = [openShop(folder), openShop(folder)];
  ensureShop(one, 'Europe/Oslo');
  const context = contextOver(one);
  const before = databaseVersion(context.db);
  expect(databaseVersion(context.db)).toBe(before);
  changePlace(context, { ...bench, tempC: 22 });
  const own = databaseVersion(context.db);
  expect(own).not.toBe(before);
  changePlace(contextOver(other), { ...bench, tempC: 23 });
  expect(databaseVersion(context.db)).not.toBe(own);
  one.close();
  other.close();
  rmSync(folder, { recursive: true });
});

test('every listener hears of a change within half a second, once, and none after it has left', async () => {
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  const context = contextOver(db);
  const heard = { first: 0, second: 0 };
  const leaveFirst = watchShop(context, () => (heard.first += 1));
  const leaveSecond = watchShop(context, () => (heard.second += 1));
  changePlace(context, { ...bench, tempC: 24 });
  await later(450);
  expect(heard).toEqual({ first: 1, second: 1 });
  leaveFirst();
  changePlace(context, { ...bench, tempC: 25 });
  await later(450);
  expect(heard).toEqual({ first: 1, second: 2 });
  leaveSecond();
  changePlace(context, { ...bench, tempC: 26 });
  await later(450);
  expect(heard.second).toBe(2);
});

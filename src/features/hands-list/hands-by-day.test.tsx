import { renderToStaticMarkup } from 'react-dom/server';
import type { ReactElement } from 'react';
import { openShopInMemory } from '@/data';
import { contextOver, type ShopContext } from '@/server/context';
import { handsList } from '@/server/hands-list/hands-list';
import { ensureShop } from '@/server/shop/new-shop';
import { HandsByDay } from './hands-by-day';

const nowMs = Date.parse('2026-11-23T08:00:00+01:00');
const db = openShopInMemory();
ensureShop(db, 'Europe/Oslo');
const context: ShopContext = {
  ...contextOver(db),
  clock: () => ({ nowMs, rate: 0, demo: false }),
};

const words = (element: ReactElement) =>
  renderToStaticMarkup(element)
    .replace(/<style[^>]*>[^<]*<\/style>/g, '')
    .replace(/<[^>]+>/g, ' ')
    .replace(/\u202f/g, '')
    .replace(/\s+/g, ' ');

test('the list of hands without a plan says what to do first', () => {
  expect(words(<HandsByDay list={handsList(context)} who={null} />)).toContain(
    'Nothing is planned',
  );
});

test('the list of hands is by day, and one person sees theirs and what is anybody’s', () => {
  const moment = (title: string, who: string | null, hours: number) => ({
    stepId: title,
    atMs: nowMs + hours * 3_600_000,
    toMs: nowMs + (hours + 1) * 3_600_000,
    title,
    who,
    bake: 'Friday',
    place: 'Bench',
    lines: [{ label: 'Water', massG: 620 }],
    foot: '',
  });
  const list = {
    ...handsList(context),
    people: ['Jo', 'Maren'],
    moments: [moment('Feed', 'Jo', 1), moment('Mix', 'Maren', 2), moment('Ball', null, 30)],
  };
  const all = words(<HandsByDay list={list} who={null} />);
  expect(all).toMatch(/Mon 23 November .*Feed.*Mix.* Tue 24 November .*Ball/);
  expect(all).toContain('Water 620 g');
  const jo = words(<HandsByDay list={list} who="Jo" />);
  expect(jo).toContain('Feed');
  expect(jo).toContain('Ball');
  expect(jo).not.toMatch(/\bMix\b/);
});

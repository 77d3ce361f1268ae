/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react';
import { demoShop } from '../../../tests/demo-shop';
import { tideView } from '@/server/tide';
import { onTheWall, wander } from './on-the-wall';
import { Wall } from './wall';

const { context } = demoShop();
const view = tideView(context);
const { nowMs } = view.clock;
const H = 3_600_000;

test('the next three acts with all they take, what is ripe until when, the services with their odds', () => {
  render(<Wall view={view} stale={false} />);
  const part = (name: string) => within(screen.getByRole('region', { name })).getAllByText(/./);
  const says = (name: string) =>
    screen.getByRole('region', { name }).textContent.replaceAll(/[\u202f\u00a0\u2009]/g, ' ');
  expect(part('Next').length).toBeGreaterThan(3);
  expect(says('Next')).toMatch(/06:30 Feed Grusa.*Grusa 20 g · Strong flour 80 g · Water 21° 80 g/);
  expect(says('Next')).toMatch(/Mix Quay dough.*Salt 87 g/);
  expect(says('Ripe')).toMatch(/Grusa until 08:19/);
  expect(says('Services')).toMatch(/11:30 Quay, 24/);
  expect(document.querySelector('h1')?.textContent).toBe('06:10');
});

test('dark in the morning of the shop, light at noon, whatever the device thinks', () => {
  const { unmount } = render(<Wall view={view} stale={false} />);
  expect(document.querySelector('main')?.dataset['scheme']).toBe('dark');
  unmount();
  const noon = { ...view, clock: { ...view.clock, nowMs: nowMs + 6 * H } };
  render(<Wall view={noon} stale={false} />);
  expect(document.querySelector('main')?.dataset['scheme']).toBe('light');
});

test('a shop that can not be reached is said, with the time of the picture', () => {
  render(<Wall view={view} stale />);
  expect(document.body.textContent).toContain('as of 06:10: the shop can not be reached');
});

test('what is used, cold, planned or past is not ripe now; the one that closes first stands first', () => {
  const [strand] = view.strands.filter((one) => one.name === 'Grusa' && one.tense === 'done');
  const window = { ...strand!.window, opensMs: nowMs - H, closesMs: nowMs + 2 * H };
  const one = (name: string, changes: object) => ({
    ...strand!,
    lotId: name,
    name,
    endMs: null,
    window,
    ...changes,
  });
  const strands = [
    one('later', {}),
    one('first', { window: { ...window, closesMs: nowMs + H } }),
    one('open end', { window: { ...window, closesMs: null } }),
    one('used', { endMs: nowMs - 1 }),
    one('cold', { keeping: true }),
    one('planned', { tense: 'planned' }),
    one('past', { window: { ...window, closesMs: nowMs } }),
    one('not yet', { window: { ...window, opensMs: nowMs + 1 } }),
  ];
  const { ripe } = onTheWall({ ...view, strands }, nowMs);
  expect(ripe.map((each) => each.name)).toEqual(['first', 'later', 'open end']);
});

test('an empty shop says so in each part', () => {
  render(<Wall view={{ ...view, moments: [], strands: [], services: [] }} stale={false} />);
  expect(document.body.textContent).toMatch(/Nothing is planned.*Nothing now.*None planned/);
});

test('the picture wanders by so little that nobody sees it, and by enough that no edge stays', () => {
  const places = Array.from({ length: 24 }, (_, minute) => wander(minute * 60_000));
  expect(new Set(places.map(({ x, y }) => `${x} ${y}`)).size).toBeGreaterThan(20);
  for (const { x, y } of places) expect(Math.hypot(x, y)).toBeLessThan(16);
  places.slice(1).forEach(({ x, y }, index) => {
    expect(Math.hypot(x - places[index]!.x, y - places[index]!.y)).toBeLessThan(6);
  });
});

/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import type { Lineage, LineageLot } from '@/shop/lineage';
import { GRAMS, shown, SIX_MS } from '../../../tests/fixtures/shown';
import { LineageTree } from './lineage';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined }) }));

const lotOf = (lotId: string, changes: Partial<LineageLot> = {}): LineageLot => ({
  lotId,
  name: lotId,
  kind: 'poolish',
  step: 0,
  nextTo: null,
  massG: null,
  madeAtMs: SIX_MS,
  flours: [],
  ...changes,
});

const DOUGH = lotOf('D 1', {
  kind: 'dough',
  name: 'Harbour',
  flours: [
    { name: 'Strong flour', massG: 4600, sack: 'S7' },
    { name: 'Soft flour', massG: 400, sack: null },
  ],
} as Partial<LineageLot>);

const treeOf = (changes: Partial<Lineage> = {}): Lineage => ({
  lot: DOUGH,
  back: [],
  forward: [],
  cut: false,
  units: GRAMS,
  nowMs: SIX_MS,
  ...changes,
});
const way = (title: string) => within(screen.getByLabelText(title));

test('a lot of flour and water alone came from nothing of the shop, and went into nothing yet', () => {
  shown(<LineageTree lineage={treeOf()} />);
  expect(way('It came from').getByText(/Nothing of the shop/)).toBeTruthy();
  expect(way('It went into').getByText('Nothing yet.')).toBeTruthy();
  expect(
    screen.getByText(/In Harbour itself: 4\s600\sg strong flour, sack S7, 400\sg soft flour/),
  ).toBeTruthy();
  expect(screen.queryByText(/longer than is shown/)).toBeNull();
});

test('each step hangs on the one before it, with its grams, its hour, its flours and a way to it', () => {
  const poolish = lotOf('P1', { step: -1, nextTo: 'D 1', massG: 3980, name: 'Harbour poolish' });
  const mother = lotOf('S-G2', { step: -2, nextTo: 'P1', massG: 20, name: 'Grusa' });
  const balls = lotOf('B1', { step: 1, nextTo: 'D 1', name: 'Balls' });
  const lineage = treeOf({ back: [poolish, mother], forward: [balls], cut: true });
  shown(<LineageTree lineage={lineage} />);
  const back = way('It came from');
  const [outer, inner] = back.getAllByRole('listitem');
  expect(outer!.contains(inner!)).toBe(true);
  expect(outer!.textContent).toMatch(/Harbour poolish P1one step · 3\s980\sg · made .*06:10/);
  expect(inner!.textContent).toMatch(/Grusa S-G22 steps · 20\sg/);
  expect(back.getByRole('link', { name: /Grusa/ }).getAttribute('href')).toBe('/lots/S-G2/lineage');
  expect(way('It went into').getByRole('listitem').textContent).toMatch(/Balls B1one step · made/);
  expect(screen.getByText(/The line is longer than is shown here/)).toBeTruthy();
});

test('a code with a blank in it opens: as a file, and as a lot', () => {
  shown(<LineageTree lineage={treeOf()} />);
  const file = screen.getByRole('link', { name: 'As CSV' });
  expect(file.getAttribute('href')).toBe('/lots/D%201/lineage.csv');
  expect(file.hasAttribute('download')).toBe(true);
  expect(screen.getByRole('link', { name: 'The lot' }).getAttribute('href')).toBe('/lots/D%201');
});

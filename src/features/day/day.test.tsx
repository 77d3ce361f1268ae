/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import { demoShop } from '../../../tests/demo-shop';
import { shown } from '../../../tests/fixtures/shown';
import { tideView } from '@/server/tide';
import { assignStep } from '@/server/hands/assign-step';
import { Day } from './day';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const { context } = demoShop();
const first = tideView(context).moments.find((one) => one.tense === 'planned')!;
assignStep(context, { stepId: first.ref, who: 'Maren' });
const told = tideView(context);
/** With its odds worked out: what is still being worked out is asked for again. */
const view = {
  ...told,
  services: told.services.map((one) => ({
    ...one,
    odds: one.odds === null ? null : { chance: 0.87, worst: 0.9, settled: true, sureFrom: 0.8 },
  })),
};

const sections = () => screen.getAllByRole('region').map((one) => one.getAttribute('aria-label'));
const rows = (section: string) =>
  within(screen.getByRole('region', { name: section }))
    .getAllByRole('row')
    .slice(1)
    .map((one) =>
      [...one.children].map((cell) => cell.textContent!.replaceAll(/[\u202f\u00a0\u2009]/g, ' ')),
    );

test('today stands first, for one page: what is to do, the services, what stands there', () => {
  shown(<Day view={view} />);
  expect(sections().slice(0, 3)).toEqual(['To do today', 'Services', 'Standing there now']);
  const today = rows('To do today');
  expect(today[0]?.slice(0, 3)).toEqual(['06:30', 'Feed Grusa', 'Maren']);
  expect(today.every(([when]) => /^\d\d:\d\d$/.test(when!))).toBe(true);
  expect(rows('To do later').every(([when]) => /^[A-Z]/.test(when!))).toBe(true);
});

test('every planned act stands once, today or later, with its place or what it is instead', () => {
  shown(<Day view={view} />);
  const planned = view.moments.filter((one) => one.tense === 'planned');
  expect(rows('To do today').length + rows('To do later').length).toBe(planned.length);
  const bake = rows('To do today').find(([, what]) => what === 'Bake Quay')!;
  expect(bake[3]).toBe('24 balls; 1.5 h of service');
  expect(bake[4]).toBe('');
  const mix = rows('To do today').find(([, what]) => what === 'Mix Quay dough')!;
  expect(mix[3]).toContain('Salt 87 g');
  expect(mix[4]).toBe('Bench');
});

test('a service that nobody planned stands among the others, with the hour by which', () => {
  shown(<Day view={view} />);
  const gangway = rows('Services').find(([name]) => name === 'Gangway')!;
  expect(gangway[3]).toBe('36');
  expect(gangway[4]).toMatch(/^no plan; choose by \d\d:\d\d$/);
  const quay = rows('Services').find(([name]) => name === 'Quay')!;
  expect(quay[4]).toMatch(/%/);
});

test('an empty shop says nothing in each part, and breaks in none', () => {
  const empty = { ...view, moments: [], strands: [], services: [], unplanned: [] };
  shown(<Day view={empty} />);
  expect(screen.getAllByText('Nothing.').length).toBeGreaterThanOrEqual(5);
});

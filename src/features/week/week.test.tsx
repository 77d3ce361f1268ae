/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import { GRAMS, shown, SIX_MS } from '../../../tests/fixtures/shown';
import type { WeekDay, WeekView } from '@/server/hands-list/week';
import { Week } from './week';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const DAY = 24 * 3_600_000;
const fromMs = SIX_MS - 2 * 3_600_000;
const none: WeekDay = { fromMs, closed: false, services: [], moments: [] };
const friday: WeekDay = {
  ...none,
  services: [
    {
      ...{ key: 'f', name: 'Quay', fromMs: SIX_MS + 5 * 3_600_000, toMs: SIX_MS + 7 * 3_600_000 },
      ...{ balls: 24, state: 'planned' },
      odds: { chance: 0.62, worst: 0.7, settled: true, sureFrom: 0.8 },
    },
    {
      ...{ key: 'o', name: 'Late', fromMs: SIX_MS + 12 * 3_600_000, toMs: SIX_MS + 13 * 3_600_000 },
      ...{ balls: 10, state: 'open', odds: null },
    },
  ],
  moments: [
    {
      ...{ stepId: 'm', atMs: SIX_MS + 1_800_000, toMs: SIX_MS + 2_000_000, title: 'Feed Grusa' },
      ...{ who: 'Jo', assignable: true, bake: '', place: 'Proofer', foot: '' },
      lines: [{ label: 'Strong flour', massG: 80 }],
    },
  ],
};
const view: WeekView = {
  ...{ shopName: 'Slip Four', units: GRAMS, nowMs: SIX_MS },
  days: [friday, { ...none, fromMs: fromMs + DAY, closed: true }],
};

test('a day holds its services with their chance, and its moments with grams and who', () => {
  shown(<Week view={view} />);
  const [first, second] = screen.getAllByRole('region');
  const said = first!.textContent.replace(/[\u202f\u00a0]/g, ' ');
  expect(said).toContain('24 Quay');
  expect(said).toContain('62 %');
  expect(said).toContain('10 Late');
  expect(said).toContain('no plan');
  expect(said).toMatch(/06:40 Feed Grusa.*Strong flour 80 g, Jo/);
  expect(second!.textContent).toMatch(/, closed/);
  expect(within(second!).getByText('nothing')).toBeTruthy();
});

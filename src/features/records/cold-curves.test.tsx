/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { GRAMS, shown, SIX_MS } from '../../../tests/fixtures/shown';
import { standsInAPage } from '../../../tests/fixtures/page';
import type { ColdStoreLog } from '@/shop/sheets/cold-log';
import { ColdCurves, missingText } from './cold-curves';

standsInAPage();

const H = 3_600_000;
const fromMs = SIX_MS - 72 * H;
const store = (changes: Partial<ColdStoreLog> = {}): ColdStoreLog => ({
  ...{ placeId: 'fridge', name: 'Fridge', limitC: 5, gaps: [], excursions: [] },
  days: [{ fromMs, readings: 3, leastC: 3, mostC: 4 }],
  curve: [0, 24, 48, 72].map((hour) => ({ atMs: fromMs + hour * H, tempC: 4 })),
  ...changes,
});
const said = (changes: Partial<ColdStoreLog>) => missingText(store(changes), SIX_MS, GRAMS);

test('what is missing is said first, then what was too warm, else that nothing is', () => {
  expect(said({})).toBe('complete, never over');
  expect(said({ curve: [] })).toBe('nothing measured');
  const warm = { fromMs: SIX_MS - H, toMs: SIX_MS - H, mostC: 7.5 };
  expect(said({ excursions: [warm] })).toBe('complete; 7.5° on 05:10');
  const gap = { fromMs: SIX_MS - 30 * H, toMs: SIX_MS };
  expect(said({ gaps: [gap], excursions: [warm] })).toMatch(/^no reading from \w{3} .*00:10$/);
  expect(said({ gaps: [{ fromMs, toMs: fromMs + 26 * H }, gap] })).toMatch(/, 2 gaps in all$/);
});

test('over a gap no line is drawn; a shop without a cold place says so', () => {
  const gap = { fromMs: fromMs + 24 * H, toMs: fromMs + 72 * H };
  const { container, unmount } = shown(
    <ColdCurves cold={[store({ gaps: [gap] })]} nowMs={SIX_MS} units={GRAMS} />,
  );
  const drawn = screen.getByRole('img', { name: /^Temperatures of Fridge: no reading from/ });
  expect(drawn.querySelectorAll('path[fill="none"]')).toHaveLength(2);
  expect(container.querySelectorAll('rect')).toHaveLength(1);
  unmount();
  shown(<ColdCurves cold={[]} nowMs={SIX_MS} units={GRAMS} />);
  expect(screen.getByText(/nothing is to be logged/)).toBeTruthy();
});

/** @jest-environment jsdom */
import type { ServiceOdds } from '@/shop/odds';
import { act, renderHook, waitFor } from '@testing-library/react';

import { chanceText, coverText } from './odds-text';
import { useOdds } from './use-odds';

class HandStream {
  static readonly open: HandStream[] = [];
  onmessage: ((event: { data: string }) => void) | null = null;
  constructor() {
    HandStream.open.push(this);
  }
  close() {
    HandStream.open.splice(HandStream.open.indexOf(this), 1);
  }
}
const known: Record<string, ServiceOdds> = {};
beforeAll(() => {
  const world = globalThis as { EventSource?: unknown; fetch?: unknown };
  world.EventSource = HandStream;
  world.fetch = () => Promise.resolve({ ok: true, json: () => Promise.resolve({ ...known }) });
});

const odds = (chance: number | null, settled: boolean, sureFrom = 0.8) => ({
  ...{ chance, worst: chance, settled, sureFrom },
});
const service = (bakeId: string | null, one: ServiceOdds | null) => ({ bakeId, odds: one });
const says = () => act(() => HandStream.open[0]!.onmessage!({ data: 'another' }));

test('odds come as they are worked out, and when all are there nothing is asked for any more', async () => {
  const services = [
    service('quay', odds(null, false)),
    service('harbour', odds(0.4, false)),
    service(null, null),
  ];
  const { result } = renderHook(() => useOdds(services));
  expect(result.current.map((one) => one.odds?.chance)).toEqual([null, 0.4, undefined]);
  known['quay'] = odds(0.62, true);
  says();
  await waitFor(() => expect(result.current[0]!.odds?.chance).toBe(0.62));
  expect(HandStream.open).toHaveLength(1);
  known['harbour'] = odds(0.85, true);
  says();
  await waitFor(() => expect(result.current[1]!.odds?.settled).toBe(true));
  expect(HandStream.open).toHaveLength(0);
});

test('where all are known nothing listens', () => {
  const services = [service('quay', odds(0.62, true)), service('past', null)];
  const { result } = renderHook(() => useOdds(services));
  expect(result.current).toBe(services);
  expect(HandStream.open).toHaveLength(0);
});

test.each([
  [null, '✓'],
  [odds(0.8, true), '✓'],
  [odds(0.79, true), '79 %'],
  [odds(0.79, true, 0.7), '✓'],
  [odds(0.85, true, 0.9), '85 %'],
  [odds(0.62, false), '62 % …'],
  [odds(null, false), '…'],
  [odds(null, true), '–'],
])('%o is told as %s', (one, text) => {
  expect(coverText(one)).toBe(text);
  if (one !== null && (one.chance ?? 0) < one.sureFrom) expect(chanceText(one)).toBe(text);
});

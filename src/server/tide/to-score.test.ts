import type { ShopState } from '@/shop/state';
import type { Bake } from '@/shop/kept/bake';

import { bakeToScore } from '@/shop/tide/to-score';

const HOUR = 3_600_000;
const planned = { id: 'b', name: 'Grandfather', readyFromMs: 0, readyToMs: 3 * HOUR } as Bake;
const at = (nowH: number, bakedH: number | null) => {
  const use = { atMs: bakedH! * HOUR, bakeId: 'b', act: { kind: 'use' } };
  const folded = { done: bakedH === null ? [] : [use], scores: [] };
  const state = { nowMs: nowH * HOUR, folded } as unknown as Pick<ShopState, 'folded' | 'nowMs'>;
  return bakeToScore(state, [planned])?.bakeId ?? null;
};

test('a service is asked about for a day and a half from its end', () => {
  expect([at(2, 0), at(3, 0), at(38, 0), at(40, 0)]).toEqual([null, 'b', 'b', null]);
  expect(at(5, null)).toBeNull();
});

test('one held two days late is asked about from when it was held', () => {
  expect([at(47, 48), at(49, 48), at(80, 48), at(90, 48)]).toEqual([null, 'b', 'b', null]);
});

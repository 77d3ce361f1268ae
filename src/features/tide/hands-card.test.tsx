import type { ComponentProps } from 'react';
import type { Moment } from '@/server/tide';
import { tideView } from '@/server/tide';
import { demoShop } from '../../../tests/demo-shop';
import { wordsOf } from '../../../tests/fixtures/words-of';
import { HandsCard } from './hands-card';

const { context } = demoShop();
const view = tideView(context);
const { nowMs } = view.clock;
const planned = view.moments.find((one) => one.tense === 'planned' && one.plannedMs > nowMs)!;

/** What the card of a moment says. */
const said = (changed: Partial<Moment>) => {
  const props = { view, nowMs, first: false, onDone: () => undefined, onOpen: () => undefined };
  return wordsOf(
    <HandsCard
      {...(props as unknown as ComponentProps<typeof HandsCard>)}
      moment={{ ...planned, ...changed }}
    />,
  );
};
const DAY_MS = 86_400_000;

test('an act of another day says its day, with its person and without one', () => {
  const tomorrow = { plannedMs: nowMs + DAY_MS };
  expect(said({ ...tomorrow, by: null })).toContain('Sat');
  expect(said({ ...tomorrow, by: 'Maren' })).toContain('Sat · Maren');
});

test('an act of today says whose it is, and no day', () => {
  const today = said({ plannedMs: nowMs + 3_600_000, by: 'Maren' });
  expect(today).toContain('Maren');
  expect(today).not.toMatch(/Fri|·/);
});

/** @jest-environment jsdom */
import { screen, waitFor } from '@testing-library/react';
import { newShopAt } from '../../../tests/fixtures/new-shop';
import { wordsOf as words } from '../../../tests/fixtures/words-of';
import { fieldNamed, shown } from '../../../tests/fixtures/shown';
import { handsList } from '@/server/hands-list/hands-list';
import { HandsByDay } from './hands-by-day';

jest.mock('next/navigation', () => ({ useRouter: () => ({}) }));

const nowMs = Date.parse('2026-11-23T08:00:00+01:00');
const context = newShopAt(nowMs);

test('the list of hands without a plan says what to do first', () => {
  expect(words(<HandsByDay list={handsList(context)} who={null} assign={never} />)).toContain(
    'Nothing is planned',
  );
});

const never = () => Promise.reject(new Error('nobody asked for it'));
const moment = (title: string, who: string | null, hours: number, assignable = true) => ({
  stepId: title,
  atMs: nowMs + hours * 3_600_000,
  toMs: nowMs + (hours + 1) * 3_600_000,
  title,
  who,
  assignable,
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

test('the list of hands is by day, and one person sees theirs and what is anybody’s', () => {
  const all = words(<HandsByDay list={list} who={null} assign={never} />);
  expect(all).toMatch(/Mon 23 November .*Feed.*Mix.* Tue 24 November .*Ball/);
  expect(all).toContain('Water 620 g');
  const jo = words(<HandsByDay list={list} who="Jo" assign={never} />);
  expect(jo).toContain('Feed');
  expect(jo).toContain('Ball');
  expect(jo).not.toMatch(/\bMix\b/);
});

test('a step is given to somebody in its line, and given back', async () => {
  const assign = jest.fn(() => Promise.resolve({ ok: true, value: { before: null } } as const));
  const { user, askedAnew } = shown(<HandsByDay list={list} who={null} assign={assign} />);
  await user.selectOptions(fieldNamed('who-Ball') as unknown as HTMLSelectElement, 'Maren');
  expect(assign).toHaveBeenCalledWith({ stepId: 'Ball', who: 'Maren' });
  await screen.findByText('Ball: Maren.');
  await user.click(screen.getByRole('button', { name: 'Undo' }));
  expect(assign).toHaveBeenLastCalledWith({ stepId: 'Ball', who: null });
  await waitFor(() => expect(askedAnew).toHaveBeenCalledTimes(2));
});

test('why a step can not be given to somebody is said', async () => {
  const refusals = [{ field: null, sentence: 'This step was done or withdrawn already.' }];
  const assign = () => Promise.resolve({ ok: false, refusals } as const);
  const { user } = shown(<HandsByDay list={list} who={null} assign={assign} />);
  await user.selectOptions(fieldNamed('who-Ball') as unknown as HTMLSelectElement, 'Jo');
  await screen.findByText('This step was done or withdrawn already.');
});

test('where one person works, or nothing can be given, the name alone stands', () => {
  const alone = { ...list, people: ['Jo'] };
  shown(<HandsByDay list={alone} who={null} assign={never} />);
  expect(document.querySelector('select')).toBeNull();
  const whole = { ...list, moments: [moment('Plan Friday', null, 3, false)] };
  shown(<HandsByDay list={whole} who={null} assign={never} />);
  expect(document.querySelector('select')).toBeNull();
});

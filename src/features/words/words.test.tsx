/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { termsFor } from '@/core/glossary';
import { shown } from '../../../tests/fixtures/shown';
import { Words } from './words';

const told = () => screen.queryAllByRole('term').map((one) => one.querySelector('a')!.textContent);

test('every word stands there with what it means, where it is met, and a way to it', () => {
  shown(<Words />);
  expect(told()).toEqual(termsFor('').map((one) => one.word));
  expect(screen.getAllByRole('definition')).toHaveLength(told().length);
  const link = screen.getByRole('link', { name: 'poolish' });
  expect(link.getAttribute('href')).toMatch(/^\//);
  // The mix card is of a step: its words lead to the Tide, where the next one is.
  for (const one of screen.getAllByRole('link')) expect(one.getAttribute('href')).not.toBe('/mix');
});

test('typed, only the words that fit are left; none is said as such, and all come back', async () => {
  const { user } = shown(<Words />);
  const all = told().length;
  await user.type(screen.getByLabelText('A word'), 'poolish');
  expect(told()).toContain('poolish');
  expect(told().length).toBeLessThan(all);
  await user.type(screen.getByLabelText('A word'), 'xyz');
  expect(told()).toEqual([]);
  expect(screen.getByText('Olvik does not use this word.')).toBeTruthy();
  await user.clear(screen.getByLabelText('A word'));
  expect(told()).toHaveLength(all);
});

test('the way from an empty shop to a first bake leads through views that are there', () => {
  shown(<Words />);
  const steps = screen.getAllByRole('listitem').map((one) => one.querySelector('a')!);
  expect(steps.map((one) => one.textContent)).toEqual([
    'Shop',
    'Cultures',
    'Plan',
    'Tide',
    'Practice',
  ]);
});

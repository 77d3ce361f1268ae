/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { shown } from '../../tests/fixtures/shown';
import { LinkOnItsWay } from './on-its-way';

const status = { pending: false };
jest.mock('next/link', () => ({ useLinkStatus: () => status }));

test.each([
  [true, 1],
  [false, 0],
])('a view that is on its way (%s) is said so, and one that is not is not', (pending, said) => {
  status.pending = pending;
  shown(<LinkOnItsWay />);
  expect(screen.queryAllByRole('progressbar', { name: 'Loading' })).toHaveLength(said);
});

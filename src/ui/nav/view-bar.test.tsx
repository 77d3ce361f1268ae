/** @jest-environment jsdom */
import { act, screen, within } from '@testing-library/react';
import { shown } from '../../../tests/fixtures/shown';
import { ViewBar } from './view-bar';

const push = jest.fn();
const path = jest.fn(() => '/plan');
jest.mock('next/navigation', () => ({
  useRouter: () => ({ push }),
  usePathname: () => path(),
}));
jest.mock('../appearance', () => ({ useAppearance: () => undefined }));

const FOUND = {
  timeZone: 'Europe/Oslo',
  things: [
    {
      kind: 'Lot',
      name: 'Harbour poolish',
      says: 'P1126-1',
      atMs: Date.parse('2026-11-26T20:00:00Z'),
      href: '/lots/P1126-1',
    },
  ],
};

beforeEach(() => {
  push.mockClear();
  window.matchMedia = (() => ({
    matches: false,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  })) as unknown as typeof window.matchMedia;
  global.fetch = (() => Promise.resolve({ json: () => Promise.resolve(FOUND) })) as never;
});

test('the bar names its views, and marks the one that is open', () => {
  shown(<ViewBar />);
  const bar = within(screen.getByRole('navigation', { name: 'Views' }));
  expect(bar.getAllByRole('link').map((one) => one.textContent)).toEqual([
    'Tide',
    'Plan',
    'Cultures',
    'Doughs',
    'Log',
  ]);
  expect(bar.getByRole('link', { current: 'page' }).textContent).toBe('Plan');
});

test('More holds the rest in groups with a line each, and marks the open one', async () => {
  path.mockReturnValue('/records/trace');
  const { user } = shown(<ViewBar />);
  await user.click(screen.getByRole('button', { name: 'More' }));
  const sheet = within(await screen.findByRole('dialog', { name: 'More views' }));
  expect(sheet.getByRole('link', { name: /^Hands/ }).textContent).toContain('calendar file');
  expect(sheet.getByRole('link', { current: 'page' }).textContent).toContain('Records');
  path.mockReturnValue('/plan');
});

test('“g” and a letter opens a view; a letter alone does not, nor one typed into a field', async () => {
  const { user } = shown(
    <>
      <ViewBar />
      <input aria-label="a field" />
    </>,
  );
  await user.keyboard('c');
  await user.type(screen.getByLabelText('a field'), 'gc');
  expect(push).not.toHaveBeenCalled();
  act(() => (document.activeElement as HTMLElement).blur());
  await user.keyboard('gc');
  expect(push).toHaveBeenCalledWith('/cultures');
});

test('keys of the view itself are silent after a “g”', async () => {
  const doneNow = jest.fn();
  document.addEventListener('keydown', doneNow);
  const { user } = shown(<ViewBar />);
  await user.keyboard('gd');
  expect(push).toHaveBeenCalledWith('/doughs');
  expect(doneNow).not.toHaveBeenCalled();
  document.removeEventListener('keydown', doneNow);
});

test('“/” finds a lot by its code and its day, and opens it with Enter', async () => {
  const { user } = shown(<ViewBar />);
  await user.keyboard('/');
  await user.type(await screen.findByRole('combobox', { name: 'Find' }), 'p1126 thu');
  expect((await screen.findAllByRole('option')).map((one) => one.textContent)).toEqual([
    expect.stringContaining('Thu 26 November'),
  ]);
  await user.keyboard('{Enter}');
  expect(push).toHaveBeenCalledWith('/lots/P1126-1');
});

test('a shop that can not be reached still finds views', async () => {
  global.fetch = (() => Promise.reject(new Error('gone'))) as never;
  const { user } = shown(<ViewBar />);
  await user.keyboard('/');
  await user.type(await screen.findByRole('combobox', { name: 'Find' }), 'record');
  expect((await screen.findAllByRole('option'))[0]?.textContent).toContain('Records');
});

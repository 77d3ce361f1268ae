/** @jest-environment jsdom */
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { BackButton } from './link-button';

const back = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ back }) }));
jest.mock('next/link', () => ({
  __esModule: true,
  default: ({ children, ...rest }: React.ComponentProps<'a'>) => <a {...rest}>{children}</a>,
}));

afterEach(() => {
  cleanup();
  back.mockClear();
  Reflect.deleteProperty(window, 'navigation');
});

/** Presses the arrow; true where the page follows its link. */
function follows(canGoBack: boolean | undefined): boolean {
  if (canGoBack !== undefined) {
    Object.defineProperty(window, 'navigation', { configurable: true, value: { canGoBack } });
  }
  render(<BackButton />);
  const arrow = screen.getByRole('link', { name: 'Back' });
  arrow.addEventListener('click', (event) => event.preventDefault(), { once: true });
  const followed = jest.fn<undefined, [boolean]>();
  document.addEventListener('click', () => followed(back.mock.calls.length === 0), { once: true });
  fireEvent.click(arrow);
  return followed.mock.calls[0]?.[0] === true;
}

test('the arrow goes back to where one came from', () => {
  expect(follows(true)).toBe(false);
  expect(back).toHaveBeenCalledTimes(1);
});

test.each([false, undefined])('it goes to the Tide where one came from nowhere (%s)', (way) => {
  expect(follows(way)).toBe(true);
  expect(screen.getByRole('link').getAttribute('href')).toBe('/');
});

/** @jest-environment jsdom */
import { act } from 'react';
import { shown } from '../../tests/fixtures/shown';
import { useExtraHeight } from './use-extra-height';

const Says = () => <p data-testid="extra">{useExtraHeight()}</p>;

function resized(width: number, height: number): void {
  act(() => {
    Object.assign(window, { innerWidth: width, innerHeight: height });
    window.dispatchEvent(new Event('resize'));
  });
}

test('a wide window that is higher says by how much, and says it anew when it changes', () => {
  resized(1280, 800);
  shown(<Says />);
  const said = () => document.querySelector('[data-testid="extra"]')?.textContent;
  expect(said()).toBe('0');
  resized(1920, 1080);
  expect(said()).toBe('280');
  resized(390, 1200);
  expect(said()).toBe('0');
  resized(1280, 600);
  expect(said()).toBe('0');
});

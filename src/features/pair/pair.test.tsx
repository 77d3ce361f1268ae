/** @jest-environment jsdom */
import { screen, waitFor } from '@testing-library/react';
import { pressable, shown } from '../../../tests/fixtures/shown';
import { Pair } from './pair';

const asked = jest.fn();
const answering = (status: number, said: unknown) =>
  asked.mockResolvedValue({ ok: status < 400, status, json: () => Promise.resolve(said) });

beforeEach(() => {
  asked.mockReset();
  (globalThis as Record<string, unknown>)['fetch'] = asked;
  window.location.hash = '';
});

const code = () => screen.getByLabelText<HTMLInputElement>('Code');

test('a code and a name are sent as typed; what is refused is said, and nothing typed is lost', async () => {
  const sentence = 'Code: 111 222 is not one that is open. Show a new one.';
  answering(403, { sentence });
  const { user } = shown(<Pair />);
  await user.type(code(), '111 222');
  await user.type(screen.getByLabelText('Name of this device'), 'bench tablet');
  await user.click(await pressable(/Let this device in/));
  expect(await screen.findByText(sentence)).toBeTruthy();
  const [address, { body }] = asked.mock.calls[0] as [string, { body: string }];
  expect([address, JSON.parse(body)]).toEqual(['/pair', { code: '111 222', name: 'bench tablet' }]);
  expect(code().value).toBe('111 222');
  expect(await pressable(/Let this device in/)).toBeTruthy();
});

test('a code that a camera brought stands there, and can be typed over', async () => {
  window.location.hash = '#482913';
  const { user } = shown(<Pair />);
  await waitFor(() => expect(code().value).toBe('482913'));
  await user.clear(code());
  await user.type(code(), '5');
  expect(code().value).toBe('5');
});

test('what stands behind the address and is no code is left out', () => {
  window.location.hash = '#<script>';
  shown(<Pair />);
  expect(code().value).toBe('');
});

test.each([
  ['is silent', () => asked.mockRejectedValue(new TypeError('failed'))],
  ['answers with no words', () => answering(500, null)],
])('a shop that %s is told, with what to try', async (_, answers) => {
  answers();
  const { user } = shown(<Pair />);
  await user.type(code(), '482913{Enter}');
  expect(await screen.findByText(/The shop did not answer/)).toBeTruthy();
});

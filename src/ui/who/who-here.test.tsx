/** @jest-environment jsdom */
import { screen, waitFor } from '@testing-library/react';
import { pressable, shown } from '../../../tests/fixtures/shown';
import { isForHands } from '@/shop/hands/for-hands';
import { WhoProvider } from './who';
import { WhoHere } from './who-here';

jest.mock('next/navigation', () => ({ useRouter: () => ({}) }));

test('who is at the device stands in the bar, and is changed with two taps', async () => {
  const sayWho = jest.fn((form: { person: string | null }) =>
    Promise.resolve({ ok: true, value: form } as const),
  );
  const { user, askedAnew } = shown(
    <WhoProvider person="Jo">
      <WhoHere people={['Jo', 'Maren']} sayWho={sayWho} />
    </WhoProvider>,
  );
  await user.click(await pressable(/^Jo at this device/));
  await user.click(await screen.findByRole('menuitem', { name: 'Maren' }));
  expect(sayWho).toHaveBeenCalledWith({ person: 'Maren' });
  await waitFor(() => expect(askedAnew).toHaveBeenCalled());
});

test('why it can not be changed is said', async () => {
  const refusals = [{ field: null, sentence: 'This device is not let in.' }];
  const { user } = shown(
    <WhoHere people={['Jo']} sayWho={() => Promise.resolve({ ok: false, refusals } as const)} />,
  );
  await user.click(await pressable(/^Who\? Everybody at this device/));
  await user.click(await screen.findByRole('menuitem', { name: 'Everybody' }));
  await screen.findByText('This device is not let in.');
});

test('everybody sees everything; one person their own and what is nobody’s', () => {
  expect([isForHands(null, 'Jo'), isForHands('Jo', 'Jo'), isForHands('Jo', null)]).toEqual([
    true,
    true,
    true,
  ]);
  expect(isForHands('Jo', 'Maren')).toBe(false);
});

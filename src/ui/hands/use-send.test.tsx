/** @jest-environment jsdom */
import Button from '@mui/material/Button';
import { screen, waitFor } from '@testing-library/react';
import { done, type Outcome } from '@/shop/outcome';
import { ShopUnitsProvider } from '../fields/shop-units';
import { AskAnewProvider } from '../ask-anew';
import { useSend } from './use-send';
import { shown } from '../../../tests/fixtures/shown';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: jest.fn() }) }));

const askAnew = jest.fn();
const undone = jest.fn();
const then = jest.fn();
beforeEach(() => [askAnew, undone, then].forEach((one) => one.mockReset()));

function Sends(props: { act: () => Promise<Outcome<{ n: number }>>; tells?: 'fields' | 'notice' }) {
  const { send, busy, wrong, sentence } = useSend(props.tells);
  return (
    <>
      <Button
        disabled={busy}
        onClick={() =>
          send(props.act, {
            said: ({ n }) => `${n} written.`,
            undo: ({ n }) => (n === 0 ? null : () => undone(n) as Promise<Outcome<unknown>>),
            then,
          })
        }
      >
        Write
      </Button>
      <output>{JSON.stringify({ wrong, sentence })}</output>
    </>
  );
}

const fahrenheit = { massUnit: 'oz', tempUnit: 'F', lengthUnit: 'in' } as const;
function open(act: () => Promise<Outcome<{ n: number }>>, tells?: 'fields' | 'notice') {
  return shown(
    <AskAnewProvider value={askAnew}>
      <ShopUnitsProvider units={fahrenheit}>
        <Sends act={act} {...(tells === undefined ? {} : { tells })} />
      </ShopUnitsProvider>
    </AskAnewProvider>,
  );
}
const says = () =>
  JSON.parse(screen.getByRole('status').textContent ?? '') as {
    wrong: Record<string, string>;
    sentence: string | null;
  };
const write = () => screen.getByRole('button', { name: 'Write' });
const refusals = (...of: (readonly [string | null, string])[]): Outcome<never> => ({
  ok: false,
  refusals: of.map(([field, sentence]) => ({ field, sentence })),
});

test('what is done is said and shown, and is taken back with one tap', async () => {
  undone.mockResolvedValue(done(null));
  const { user } = open(() => Promise.resolve(done({ n: 3 })));
  await user.click(write());
  expect(await screen.findByText('3 written.')).toBeTruthy();
  expect(then).toHaveBeenCalledWith({ n: 3 });
  expect(askAnew).toHaveBeenCalledTimes(1);
  await user.click(screen.getByRole('button', { name: 'Undo' }));
  expect(await screen.findByText('Taken back.')).toBeTruthy();
  expect(undone).toHaveBeenCalledWith(3);
  expect(askAnew).toHaveBeenCalledTimes(2);
});

test('an undo that is refused says why', async () => {
  undone.mockResolvedValue(refusals([null, 'It was used since.']));
  const { user } = open(() => Promise.resolve(done({ n: 3 })));
  await user.click(write());
  await user.click(await screen.findByRole('button', { name: 'Undo' }));
  expect(await screen.findByText('It was used since.')).toBeTruthy();
});

test('what can not be taken back offers no undo', async () => {
  const { user } = open(() => Promise.resolve(done({ n: 0 })));
  await user.click(write());
  expect(await screen.findByText('0 written.')).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
});

test('refusals stand by their fields, those of one field after each other; once it is done they go', async () => {
  const act = jest
    .fn()
    .mockResolvedValueOnce(refusals(['name', 'Too long.'], ['name', 'No sign.'], [null, 'Late.']))
    .mockResolvedValueOnce(done({ n: 0 }));
  const { user } = open(act);
  await user.click(write());
  await waitFor(() =>
    expect(says()).toEqual({
      wrong: { name: 'Too long. No sign.', '': 'Late.' },
      sentence: 'Too long. No sign. Late.',
    }),
  );
  expect([then, askAnew].map((one) => one.mock.calls.length)).toEqual([0, 0]);
  await user.click(write());
  await waitFor(() => expect(says()).toEqual({ wrong: {}, sentence: null }));
});

test('where there is no room for it a refusal is a notice, in the shop’s units', async () => {
  const { user } = open(() => Promise.resolve(refusals(['tempC', 'At most 40 °C.'])), 'notice');
  await user.click(write());
  expect(await screen.findByText('At most 104 °F.')).toBeTruthy();
  expect(says().wrong).toEqual({});
});

test('an answer that the page can not get at is told, and nothing is taken as done', async () => {
  const { user } = open(() => Promise.reject(new Error('torn')));
  await user.click(write());
  await waitFor(() => expect(says().sentence).toMatch(/could not show what became of this/));
  expect(then).not.toHaveBeenCalled();
});

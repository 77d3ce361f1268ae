/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { fieldNamed, GRAMS, shown, SIX_MS } from '../../../tests/fixtures/shown';
import type { LabelsView } from '@/server/labels/print';
import { qrOf } from '@/shop/labels/qr';
import { Labels } from './labels';

const push = jest.fn();
const refresh = jest.fn();
const handlePrinter = jest.fn(({ roll }: { roll: boolean }) =>
  Promise.resolve({ ok: true as const, value: { roll } }),
);
jest.mock('next/navigation', () => ({ useRouter: () => ({ push, refresh }) }));

const view = (changes: Partial<LabelsView> = {}): LabelsView => ({
  units: GRAMS,
  nowMs: SIX_MS,
  shopName: 'Slip Four',
  codes: ['S-G21', 'P1126-1'],
  printed: [],
  printer: { name: 'Label printer (simulated)', simulated: true, ready: true },
  ...changes,
});

beforeEach(() => push.mockClear());

test.each([
  ['its code', 'S-G21', '/lots/S-G21'],
  ['small letters and spaces', '  s-g21 ', '/lots/S-G21'],
])('a lot is opened by %s', async (_, typed, address) => {
  const { user } = shown(<Labels view={view()} handlePrinter={handlePrinter} />);
  await user.type(fieldNamed('code'), `${typed}{Enter}`);
  expect(push).toHaveBeenCalledWith(address);
});

test('a code of no lot is named, with one that would do; typing again takes the word away', async () => {
  const { user } = shown(<Labels view={view()} handlePrinter={handlePrinter} />);
  await user.type(fieldNamed('code'), 'X-1{Enter}');
  expect((await screen.findByTestId('refusal')).textContent).toBe(
    'Code: “X-1” is no lot of this shop. Allowed: a code from a label, such as P1126-1.',
  );
  expect(push).not.toHaveBeenCalled();
  await user.type(fieldNamed('code'), '2');
  expect(screen.queryByTestId('refusal')).toBeNull();
});

test('what was printed stands in a table, each lot one tap away; nothing yet says how to begin', () => {
  const label = {
    ...{
      id: 'l1',
      atMs: SIX_MS - 3_600_000,
      lotId: 'C-D7',
      copies: 2,
      sizeName: 'Roll 62 × 40 mm',
      size: 'roll-62x40',
      qr: qrOf('C-D7'),
    },
    content: {
      name: 'Drift',
      code: 'C-D7',
      does: 'Refresh before use.',
      lines: [{ what: 'weight', says: '670 g' }],
    },
  };
  const { unmount } = shown(
    <Labels view={view({ printed: [label] as never })} handlePrinter={handlePrinter} />,
  );
  expect(screen.getByRole('link', { name: 'Drift C-D7' }).getAttribute('href')).toBe('/lots/C-D7');
  expect(screen.getByRole('table').textContent).toContain('05:10');
  expect(screen.getByRole('table').textContent).toContain('weight 670 g');
  expect(screen.getByRole('img', { name: 'Label of Drift, C-D7' })).toBeTruthy();
  unmount();
  shown(<Labels view={view()} handlePrinter={handlePrinter} />);
  expect(document.body.textContent).toContain('open the lot and choose Label');
});

test('the simulated printer loses its roll by hand; a real one says when it does not ask', async () => {
  const { user, unmount } = shown(<Labels view={view()} handlePrinter={handlePrinter} />);
  await user.click(screen.getByRole('button', { name: 'Take the roll out' }));
  expect(handlePrinter).toHaveBeenCalledWith({ roll: false });
  unmount();
  const away = { name: 'Label printer', simulated: false, ready: false };
  shown(<Labels view={view({ printer: away })} handlePrinter={handlePrinter} />);
  expect(screen.getByTestId('printer').textContent).toContain('does not ask for its labels');
  expect(screen.queryByRole('button', { name: /roll/ })).toBeNull();
});

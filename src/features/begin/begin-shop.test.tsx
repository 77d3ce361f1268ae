/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { fieldNamed, pressable, shown, SIX_MS } from '../../../tests/fixtures/shown';
import { toLocalText } from '@/core/units';
import type { Outcome } from '@/shop/outcome';
import { BeginShop } from './begin-shop';
import { beginForm, firstAnswers } from './answers';

const push = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push }) }));

const FIRST = { roomName: 'Bench', roomC: 21 };

function opened(
  outcome: Outcome<{ demandId: string }>,
  server: { nowMs: number; timeZone: string } = { nowMs: SIX_MS, timeZone: 'Europe/Oslo' },
) {
  const beginShop = jest.fn(() => Promise.resolve(outcome));
  const view = shown(
    <BeginShop
      first={FIRST}
      nowMs={server.nowMs}
      rate={0}
      timeZone={server.timeZone}
      actions={{ beginShop, lookAtDemo, changeShop }}
    />,
  );
  return { ...view, beginShop };
}
const lookAtDemo = jest.fn();
const changeShop = jest.fn();
const DONE = { ok: true, value: { demandId: 'd' } } as const;

beforeEach(() => push.mockClear());

test('as it stands one press asks for plans: eight pizzas tomorrow evening, the zone of the device', async () => {
  const { user, beginShop } = opened(DONE);
  await user.click(await pressable(/Show me plans/));
  expect(beginShop).toHaveBeenCalledWith({
    batch: expect.any(String),
    roomC: '21',
    shop: {
      massUnit: 'g',
      tempUnit: 'C',
      lengthUnit: 'cm',
      timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    },
    starter: null,
    service: {
      name: 'Evening',
      readyFrom: '2026-11-28T18:00',
      readyTo: '2026-11-28T20:00',
      balls: '8',
    },
  });
  expect(push).toHaveBeenCalledWith('/plan');
});

test('in ounces and °F figures are read and typed so, and sent as they are held', async () => {
  const { user, beginShop } = opened(DONE);
  await user.click(screen.getByRole('button', { name: 'oz, °F' }));
  expect(fieldNamed('roomC').value).toBe('69.8');
  await user.clear(fieldNamed('roomC'));
  await user.type(fieldNamed('roomC'), '77');
  await user.click(screen.getByRole('button', { name: 'Yes' }));
  await user.type(fieldNamed('name'), 'Tolk');
  expect(fieldNamed('massG').value).toBe('4');
  await user.clear(fieldNamed('massG'));
  await user.type(fieldNamed('massG'), '5 oz');
  await user.click(await pressable(/Show me plans/));
  const [form] = beginShop.mock.calls[0] as unknown as [
    { roomC: string; shop: object; starter: { name: string; massG: string; fedAt: string } },
  ];
  expect(Number(form.roomC)).toBeCloseTo(25, 6);
  expect(form.shop).toMatchObject({ massUnit: 'oz', tempUnit: 'F' });
  expect(form.starter).toMatchObject({
    name: 'Tolk',
    fedAt: toLocalText(SIX_MS - 10 * 3_600_000, Intl.DateTimeFormat().resolvedOptions().timeZone),
  });
  expect(Number(form.starter.massG)).toBeCloseTo(141.75, 1);
  // What was typed stays what it was.
  await user.click(screen.getByRole('button', { name: 'g, °C' }));
  expect(Number(fieldNamed('massG').value)).toBeCloseTo(141.75, 0);
});

describe('on a device whose zone is another than the server’s', () => {
  const server = { nowMs: Date.parse('2026-12-01T00:40:00Z'), timeZone: 'UTC' };
  beforeEach(() => {
    jest
      .spyOn(Intl.DateTimeFormat.prototype, 'resolvedOptions')
      .mockReturnValue({ timeZone: 'America/Denver' } as Intl.ResolvedDateTimeFormatOptions);
  });
  afterEach(() => jest.restoreAllMocks());
  const sent = (beginShop: jest.Mock) =>
    beginShop.mock.calls[0]?.[0] as {
      shop: { timeZone: string };
      starter: { fedAt: string } | null;
      service: { readyFrom: string; readyTo: string; name: string };
    };

  test('tomorrow and last evening are the device’s', async () => {
    const { user, beginShop } = opened(DONE, server);
    await user.click(screen.getByRole('button', { name: 'Yes' }));
    await user.click(await pressable(/Show me plans/));
    expect(sent(beginShop)).toMatchObject({
      shop: { timeZone: 'America/Denver' },
      starter: { fedAt: '2026-11-30T07:40' },
      service: { readyFrom: '2026-12-01T18:00', readyTo: '2026-12-01T20:00' },
    });
  });

  test('a day that is typed goes by the clock that is chosen', async () => {
    const { user, beginShop } = opened(DONE, server);
    await user.clear(fieldNamed('readyFrom'));
    await user.type(fieldNamed('readyFrom'), 'mon 19:30');
    await user.tab();
    await user.click(await pressable(/Show me plans/));
    expect(sent(beginShop).service).toMatchObject({
      name: 'Tonight',
      readyFrom: '2026-11-30T19:30',
    });
  });

  test('with another clock what was proposed goes along, what was typed stays', async () => {
    const { user, beginShop } = opened(DONE, server);
    await user.click(screen.getByRole('button', { name: 'Yes' }));
    await user.clear(fieldNamed('fedAt'));
    await user.type(fieldNamed('fedAt'), '5:15');
    await user.tab();
    await user.click(await screen.findByLabelText('Clock of'));
    await user.click(await screen.findByRole('option', { name: 'UTC' }));
    await user.click(await pressable(/Show me plans/));
    expect(sent(beginShop)).toMatchObject({
      shop: { timeZone: 'UTC' },
      starter: { fedAt: '2026-11-30T05:15' },
      service: { readyFrom: '2026-12-02T18:00', readyTo: '2026-12-02T20:00' },
    });
  });
});

test('what is refused is told at its field, what has none above the act; what was typed stays', async () => {
  const { user } = opened({
    ok: false,
    refusals: [
      { field: 'service.balls', sentence: 'Pizzas: 0 is not possible. Allowed: 1 to 2000.' },
      { field: null, sentence: 'This shop has begun already.' },
    ],
  });
  await user.clear(fieldNamed('balls'));
  await user.type(fieldNamed('balls'), '0');
  await user.click(await pressable(/Show me plans/));
  expect(await screen.findByText(/Pizzas: 0 is not possible/)).toBeDefined();
  expect(screen.getByRole('alert').textContent).toContain('This shop has begun already.');
  expect(fieldNamed('balls').value).toBe('0');
  expect(push).not.toHaveBeenCalled();
});

test.each([
  ['2026-11-27T18:00', 'Tonight'],
  ['2026-11-27T11:00', 'Today'],
  ['2026-11-29T12:00', 'Noon'],
  ['2026-11-29T19:30', 'Evening'],
  ['soon', 'Noon'],
])('a service at %s is called %s', (readyFrom, name) => {
  const answers = { ...firstAnswers(FIRST, SIX_MS, 'Europe/Oslo'), readyFrom };
  expect(beginForm(answers, SIX_MS, 'Europe/Oslo').service.name).toBe(name);
});

test('a demo shop is set up at a tap and opened in a page of its own; one that can not be says why', async () => {
  const { user } = opened(DONE);
  const sentence = 'Demo shop: it could not be opened.';
  lookAtDemo.mockResolvedValueOnce({ ok: false, refusals: [{ field: null, sentence }] });
  await user.click(await pressable(/Look at a demo shop/));
  expect(await screen.findByText(sentence)).toBeTruthy();
  lookAtDemo.mockResolvedValueOnce({ ok: true, value: { url: 'http://127.0.0.1:4999' } });
  await user.click(await pressable(/Look at a demo shop/));
  const link = await screen.findByRole('link', { name: 'Open the demo shop' });
  expect(link.getAttribute('href')).toBe('http://127.0.0.1:4999');
  expect(link.getAttribute('target')).toBe('_blank');
  expect(push).not.toHaveBeenCalled();
});

test('the language is chosen with the first questions', async () => {
  const { user } = opened(DONE);
  changeShop.mockResolvedValueOnce({ ok: false, refusals: [] });
  await user.click(await screen.findByLabelText('Language'));
  await user.click(await screen.findByRole('option', { name: 'Italiano' }));
  expect(changeShop).toHaveBeenCalledWith({ language: 'it' });
});

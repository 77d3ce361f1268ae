/** @jest-environment jsdom */
import { TextEncoder } from 'node:util';
import { act, screen, waitFor, within } from '@testing-library/react';
import { pressable, shown, SIX_MS as nowMs } from '../../../tests/fixtures/shown';
import type { WaysInView } from '@/server/ways-in/view';
import type { Device, WayKey } from '@/shop/kept/device';
import { done, refused } from '@/shop/outcome';
import type { DeviceActions } from './device-actions';
import { Devices } from './devices';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const HOUR = 3_600_000;
const CLOSED = { wanted: false, always: false, addresses: [], fingerprint: null, trouble: null };
const OPEN = {
  ...CLOSED,
  wanted: true,
  addresses: ['https://192.168.7.20:4443'],
  fingerprint: 'AB:CD:EF',
};
const TABLET: Device = {
  id: 'd1',
  name: 'bench tablet',
  role: 'hands',
  person: 'Jo',
  pairedMs: nowMs - 48 * HOUR,
  seenMs: nowMs - HOUR,
  shutMs: null,
};
const LOGGER: WayKey = {
  id: 'k1',
  kind: 'readings',
  name: 'cold store logger',
  madeMs: nowMs - 48 * HOUR,
  usedMs: null,
};

const viewOf = (changes: Partial<WaysInView> = {}): WaysInView => ({
  gate: CLOSED,
  devices: [],
  keys: [],
  people: ['Jo', 'Maren'],
  timeZone: 'Europe/Oslo',
  nowMs,
  who: { device: null, role: 'all', person: null },
  ...changes,
});

/** The view with actions that do only what is given. */
function opened(view: WaysInView, does: Partial<DeviceActions> = {}) {
  const actions = new Proxy(does as DeviceActions, {
    get: (target, name) =>
      (target as unknown as Record<string, unknown>)[String(name)] ??
      (() => Promise.reject(new Error(`${String(name)} was not expected`))),
  });
  return shown(<Devices view={view} actions={actions} />);
}
const section = (name: string) => within(screen.getByLabelText(name));

beforeAll(() => {
  // What every browser has, and the page under test has not.
  Object.assign(globalThis, { TextEncoder });
  Element.prototype.scrollIntoView = () => undefined;
});

describe('the network', () => {
  test('closed, nobody can be let in; one switch opens it, and the page asks how far it is', async () => {
    const share = jest.fn().mockResolvedValue(done({ wanted: true }));
    const { user, askedAnew } = opened(viewOf(), { share });
    expect(screen.queryByTestId('show-code')).toBeNull();
    await user.click(section('The network').getByRole('switch'));
    await waitFor(() => expect(share).toHaveBeenCalledWith({ wanted: true }));
    await waitFor(() => expect(askedAnew).toHaveBeenCalled());
  });

  test('open, its address and its fingerprint stand there, and the switch closes it', async () => {
    const share = jest.fn().mockResolvedValue(done({ wanted: false }));
    const { user } = opened(viewOf({ gate: OPEN }), { share });
    const open = within(screen.getByTestId('gate-open'));
    expect(open.getByText(OPEN.addresses[0]!)).toBeTruthy();
    expect(open.getByText(OPEN.fingerprint)).toBeTruthy();
    await user.click(section('The network').getByRole('switch'));
    await waitFor(() => expect(share).toHaveBeenCalledWith({ wanted: false }));
  });

  test('what stands in its way is said; opened as Olvik was started, it is not closed here', () => {
    const trouble = 'Port 4443 is taken by another program.';
    const { unmount } = opened(viewOf({ gate: { ...CLOSED, wanted: true, trouble } }));
    expect(screen.getByTestId('gate-trouble').textContent).toContain(trouble);
    unmount();
    opened(viewOf({ gate: { ...OPEN, always: true } }));
    expect((section('The network').getByRole('switch') as HTMLInputElement).disabled).toBe(true);
  });

  test('a refusal is said in its own words', async () => {
    const sentence = 'The shop can not be opened: no network.';
    const { user } = opened(viewOf(), {
      share: jest.fn().mockResolvedValue(refused('wanted', sentence)),
    });
    await user.click(section('The network').getByRole('switch'));
    expect(await screen.findByText(sentence)).toBeTruthy();
  });
});

describe('a device is let in', () => {
  test('for what it may do and whose it is; its code is shown in two threes and runs out', async () => {
    const letIn = jest.fn().mockResolvedValue(done({ code: '482913', forMs: 1_200 }));
    const { user } = opened(viewOf({ gate: OPEN }), { letIn });
    await user.click(screen.getByRole('radio', { name: /^Everything/ }));
    await user.selectOptions(screen.getByLabelText('Whose it is'), 'Maren');
    await user.click(await pressable(/Show a code/));
    expect((await screen.findByTestId('code')).textContent).toBe('482 913');
    expect(letIn).toHaveBeenCalledWith({ role: 'all', person: 'Maren' });
    expect(await screen.findByText(/The code is over/, {}, { timeout: 4000 })).toBeTruthy();
    expect(await pressable(/Show another code/)).toBeTruthy();
  });

  test('what is refused shows no code', async () => {
    const sentence = 'Codes: 10 stand open. Wait two minutes.';
    const letIn = jest.fn().mockResolvedValue(refused('role', sentence));
    const { user } = opened(viewOf({ gate: OPEN }), { letIn });
    await user.click(await pressable(/Show a code/));
    expect(await screen.findByText(sentence)).toBeTruthy();
    expect(screen.queryByTestId('code')).toBeNull();
  });
});

describe('devices of the crew', () => {
  test('each says what it may, whose it is and when it was here; one tap shuts it out', async () => {
    const shutOut = jest.fn().mockResolvedValue(done({ id: 'd1' }));
    const gone = { ...TABLET, id: 'd2', name: 'old phone', person: null, shutMs: nowMs - HOUR };
    const view = viewOf({
      devices: [TABLET, gone],
      who: { device: TABLET, role: 'hands', person: 'Jo' },
    });
    const { user, askedAnew } = opened(view, { shutOut });
    const [tablet, phone] = screen.getAllByTestId('device');
    expect(tablet!.textContent).toMatch(/bench tablet \(this one\)Hands.*Jo05:10/);
    expect(phone!.textContent).toMatch(/old phoneHandseverybody.*out since 05:10/);
    expect(within(phone!).queryByRole('button')).toBeNull();
    await user.click(within(tablet!).getByRole('button'));
    await waitFor(() => expect(shutOut).toHaveBeenCalledWith({ id: 'd1' }));
    expect(await screen.findByText(/bench tablet is shut out/)).toBeTruthy();
    expect(askedAnew).toHaveBeenCalled();
  });

  test('none is said as such', () => {
    opened(viewOf());
    expect(section('Devices of the crew').getByText(/No other device/)).toBeTruthy();
  });
});

describe('keys', () => {
  test('a logger gets one by its name; how it is sent is shown once, with the key', async () => {
    const giveKey = jest
      .fn()
      .mockResolvedValue(done({ id: 'k2', kind: 'readings', secret: 's3cret' }));
    const { user, askedAnew } = opened(viewOf(), { giveKey });
    const readings = section('Readings by HTTP');
    await user.type(readings.getByLabelText('Readings by HTTP: for what'), 'cellar probe');
    await user.click(readings.getByRole('button', { name: 'Make a key' }));
    await waitFor(() =>
      expect(giveKey).toHaveBeenCalledWith({ kind: 'readings', name: 'cellar probe' }),
    );
    const given = await screen.findByTestId('given-readings');
    expect(given.textContent).toContain('Authorization: Bearer s3cret');
    expect(given.textContent).toContain('/readings');
    expect(readings.getByLabelText<HTMLInputElement>('Readings by HTTP: for what').value).toBe('');
    expect(askedAnew).toHaveBeenCalled();
  });

  test('a calendar address is whole: it can be subscribed to as it stands', async () => {
    const giveKey = jest
      .fn()
      .mockResolvedValue(done({ id: 'k3', kind: 'calendar', secret: 'abc' }));
    const { user } = opened(viewOf({ gate: OPEN }), { giveKey });
    await user.type(screen.getByLabelText('Calendar address: for what'), 'my phone');
    await user.click(await pressable(/Make an address/));
    const given = await screen.findByTestId('given-calendar');
    expect(given.textContent).toContain(`${OPEN.addresses[0]}/calendar/abc.ics`);
  });

  test('without a name it is refused where it is asked for; a key that is out is taken back', async () => {
    const sentence = 'Name: “” is not possible. Allowed: 1 to 40 letters.';
    const giveKey = jest.fn().mockResolvedValue(refused('name', sentence));
    const takeKeyBack = jest.fn().mockResolvedValue(done({ id: 'k1' }));
    const { user } = opened(viewOf({ keys: [LOGGER] }), { giveKey, takeKeyBack });
    const readings = section('Readings by HTTP');
    expect(screen.getByTestId('key-readings').textContent).toContain('not used yet');
    await user.click(readings.getByRole('button', { name: 'Make a key' }));
    expect(await readings.findByText(sentence)).toBeTruthy();
    await act(() => user.click(readings.getByRole('button', { name: /Take back/ })));
    await waitFor(() => expect(takeKeyBack).toHaveBeenCalledWith({ id: 'k1' }));
    expect(await screen.findByText('cold store logger: taken back.')).toBeTruthy();
  });
});

import type { Outcome } from '@/shop/outcome';
import { sender } from '../send';
import { sendWaiting, type SendLate } from './send-waiting';
import { WaitingStore } from '../waiting-store';

const ok = (value: unknown): Outcome<unknown> => ({ ok: true, value });
const gone = () => Promise.reject(new Error('gone'));
const NOW = 1_000_000;

/** A device that keeps texts, and a page on it whose shop does not answer. */
function device() {
  const kept = new Map<string, string>();
  const shelf = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, text: string) => void kept.set(key, text),
  };
  const store = new WaitingStore(() => shelf);
  const sent: string[] = [];
  const state = { away: true };
  const act = sender(
    {
      send: (name) => {
        if (state.away) return gone();
        sent.push(name);
        return Promise.resolve(ok({ batch: name }));
      },
      arrived: () => (state.away ? gone() : Promise.resolve(null)),
      wait: () => Promise.resolve(),
    },
    store,
  );
  return { store, act, state, sent, again: () => new WaitingStore(() => shelf) };
}

const note = (batch: string) => ({ batch, text: batch });

test('acts of the hands wait on the device, in their order, and are there after a reload', async () => {
  const { act, store, again } = device();
  expect(await act('doStep', [{ stepId: 's', batch: 'b-1' }])).toEqual(ok({ batch: 'b-1' }));
  expect(await act('logNote', [note('b-2')])).toEqual(ok({ batch: 'b-2' }));
  expect(
    again()
      .list()
      .map(({ name }) => name),
  ).toEqual(['doStep', 'logNote']);
  expect(new Set(store.list().map(({ id }) => id)).size).toBe(2);
});

test('plans do not wait: that they are not known is said', async () => {
  const { act, store } = device();
  expect(await act('takePlan', [{}])).toMatchObject({ ok: false });
  expect(store.list()).toEqual([]);
});

test('back again, what is done now does not overtake what waits', async () => {
  const { act, store, state, sent } = device();
  await act('logNote', [note('b-1')]);
  state.away = false;
  expect(await act('logNote', [note('b-2')])).toEqual(ok({ batch: 'b-2' }));
  expect(sent).toEqual([]);
  expect(store.list()).toHaveLength(2);
});

test('tapped again while it waits, an act is the same one', async () => {
  const { act, store } = device();
  await act('doStep', [{ stepId: 's', batch: 'b-1' }]);
  expect(await act('doStep', [{ stepId: 's', batch: 'b-2' }])).toEqual(ok({ batch: 'b-1' }));
  expect(store.list()).toHaveLength(1);
});

test('an act that never left is taken back on the device', async () => {
  const { act, store } = device();
  await act('logNote', [note('b-1')]);
  await act('logNote', [note('b-2')]);
  expect(await act('undo', ['b-1'])).toEqual(ok({ batch: 'b-1' }));
  expect(store.list().map(({ args }) => args)).toEqual([[note('b-2')]]);
});

test('what waited is sent once with how long it did; what does not fit is kept with its reason', async () => {
  const { act, store } = device();
  for (const batch of ['b-1', 'b-2', 'b-3']) await act('logNote', [note(batch)]);
  const waited: number[] = [];
  const send: SendLate = (one, waitedMs) => {
    waited.push(waitedMs);
    const [form] = one.args as [{ batch: string }];
    const refusals = [{ field: null, sentence: 'This step was withdrawn.' }];
    return Promise.resolve(form.batch === 'b-2' ? { ok: false, refusals } : ok({}));
  };
  const saidMs = store.list()[0]!.saidMs;
  expect(await sendWaiting(store, send, () => saidMs + NOW)).toBe(2);
  expect(waited[0]).toBe(NOW);
  expect(store.list()).toMatchObject([{ refused: 'This step was withdrawn.' }]);
  // It is not sent again by itself; by hand it is.
  expect(await sendWaiting(store, send, () => saidMs)).toBe(0);
  expect(waited).toHaveLength(3);
  store.refuse(store.list()[0]!.id, null);
  await sendWaiting(store, send, () => saidMs);
  expect(waited).toHaveLength(4);
});

test('the shop goes away again while things are sent: the rest stays', async () => {
  const { act, store } = device();
  for (const batch of ['b-1', 'b-2', 'b-3']) await act('logNote', [note(batch)]);
  let left = 1;
  const send: SendLate = () => ((left -= 1) >= 0 ? Promise.resolve(ok({})) : gone());
  expect(await sendWaiting(store, send, () => NOW)).toBe(1);
  expect(store.list()).toHaveLength(2);
});

test('a device that keeps nothing, or keeps nonsense, claims nothing', async () => {
  const full = new WaitingStore(() => ({
    getItem: () => null,
    setItem: () => {
      throw new Error('QuotaExceededError');
    },
  }));
  expect(full.keep({ id: 'i', name: 'doStep', args: [], saidMs: 0 })).toBe(false);
  expect(new WaitingStore(() => null).keep({ id: 'i', name: 'doStep', args: [], saidMs: 0 })).toBe(
    false,
  );
  expect(
    new WaitingStore(() => ({ getItem: () => '{"a":', setItem: () => undefined })).list(),
  ).toEqual([]);
});

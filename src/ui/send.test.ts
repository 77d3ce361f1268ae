import type { Outcome } from '@/shop/outcome';
import { sender, type Line } from './send';

const ok = (value: unknown): Outcome<unknown> => ({ ok: true, value });
const sentenceOf = (outcome: Outcome<unknown>) =>
  outcome.ok ? '' : (outcome.refusals[0]?.sentence ?? '');

/** A shop at the end of a line that can be cut on the way there, or on the way back. */
function shop(cut: { there?: number; back?: number; gone?: boolean }) {
  const stored = new Map<string, Outcome<unknown>>();
  const ids: string[] = [];
  let [there, back] = [cut.there ?? 0, cut.back ?? 0];
  const state = { gone: cut.gone ?? false };
  const line: Line = {
    send: async (name, args, id) => {
      ids.push(id);
      if (state.gone || (there -= 1) >= 0) throw new Error('cut on the way there');
      if (!stored.has(id)) stored.set(id, ok([name, stored.size + 1, args]));
      if ((back -= 1) >= 0) throw new Error('cut on the way back');
      return stored.get(id) as Outcome<unknown>;
    },
    arrived: async (id) => {
      if (state.gone) throw new Error('gone');
      return stored.get(id) ?? null;
    },
    wait: async () => undefined,
  };
  return { send: sender(line), stored, ids, state };
}

test('an answer that was lost is asked for: what was stored is answered, once', async () => {
  const { send, stored } = shop({ back: 1 });
  expect(await send('logNote', [{ text: 'a', batch: '1' }])).toMatchObject({ ok: true });
  expect(stored.size).toBe(1);
});

test('what did not arrive is said not to be stored, and stored under the same id when tried again', async () => {
  const { send, stored, ids } = shop({ there: 1 });
  expect(sentenceOf(await send('logNote', [{ text: 'a', batch: '1' }]))).toMatch(
    /nothing was stored/,
  );
  expect(stored.size).toBe(0);
  expect(await send('logNote', [{ text: 'a', batch: '2' }])).toMatchObject({ ok: true });
  expect(stored.size).toBe(1);
  expect(new Set(ids).size).toBe(1);
});

test('while nobody answers nothing is claimed; trying again writes nothing twice', async () => {
  const { send, stored, ids, state } = shop({ back: 1 });
  const form = { text: 'a', batch: '1' };
  const asked = send('logNote', [form]);
  state.gone = true;
  expect(sentenceOf(await asked)).toMatch(/not known/);
  state.gone = false;
  expect(await send('logNote', [{ ...form, batch: '2' }])).toMatchObject({ ok: true });
  expect(stored.size).toBe(1);
  expect(new Set(ids).size).toBe(1);
});

test('a double tap is one act; the same act later is another', async () => {
  const { send, stored } = shop({});
  const [first, second] = await Promise.all([
    send('actOnLot', [{ lotId: 'A', batch: '1' }]),
    send('actOnLot', [{ lotId: 'A', batch: '2' }]),
  ]);
  expect(second).toBe(first);
  await send('actOnLot', [{ lotId: 'A', batch: '3' }]);
  expect(stored.size).toBe(2);
});

/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import type { ComponentProps } from 'react';
import { buttonSaying, GRAMS, pressable, shown, SIX_MS } from '../../../tests/fixtures/shown';
import { MethodAct } from './method-act';

const push = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push, refresh: () => undefined }) }));

const SENTENCE = 'Starter: the shop has no culture for it. Register one under Cultures.';

/** The act with what the shop answers when it is pressed. */
const actWith = (outcome: object) => {
  const actions = { takeBake: () => Promise.resolve(outcome), undo: () => Promise.resolve() };
  const props = {
    working: { wish: { name: 'Slab' }, method: {}, changed: false, planning: false },
    opened: { versionId: 'v1' },
    facts: {
      units: GRAMS,
      ...{ nowMs: SIX_MS, timeZone: GRAMS.timeZone, pantry: new Map() },
    },
    actions,
    plan: { plan: { steps: [] } },
  };
  return shown(<MethodAct {...(props as unknown as ComponentProps<typeof MethodAct>)} />);
};

test('why a bake can not be planned stands above the act, where the foot of the view hides nothing', async () => {
  const { user } = actWith({ ok: false, refusals: [{ field: 'method', sentence: SENTENCE }] });
  await user.click(await pressable(/Plan this bake/));
  const alert = await screen.findByRole('alert');
  expect(alert.textContent).toBe(SENTENCE);
  const act = buttonSaying(/Plan this bake/)!;
  expect(alert.compareDocumentPosition(act)).toBe(Node.DOCUMENT_POSITION_FOLLOWING);
  expect(push).not.toHaveBeenCalled();
});

test('a bake that is planned leads to the Tide', async () => {
  const { user } = actWith({ ok: true, value: { batch: 'b' } });
  await user.click(await pressable(/Plan this bake/));
  await screen.findByText('Slab: planned.');
  expect(push).toHaveBeenCalledWith('/');
});

test('of a jar that has not enough the leaven is built with one tap, and the refusal goes', async () => {
  const leaven = { id: 'l1', kind: 'starter', name: 'Starter', hydration: 1, flourShare: 0.1 };
  const method = { dough: { leavens: [leaven] }, bulk: [{ placeId: 'bench' }], leavenStays: {} };
  const source = { kind: 'levain', own: true, cultureId: 'tolk', name: 'Tolk', thereG: 60 };
  const change = jest.fn();
  const sentence = 'Starter: 200 g of Tolk are wanted, 60 g may be taken.';
  const props = {
    working: { wish: { name: 'Slab' }, method, changed: false, planning: false, change },
    opened: { versionId: 'v1' },
    facts: {
      units: GRAMS,
      sources: [source],
      ...{ nowMs: SIX_MS, timeZone: GRAMS.timeZone, pantry: new Map() },
    },
    actions: {
      takeBake: () => Promise.resolve({ ok: false, refusals: [{ field: 'leaven l1', sentence }] }),
    },
    plan: { plan: { steps: [] } },
  };
  const { user } = shown(<MethodAct {...(props as unknown as ComponentProps<typeof MethodAct>)} />);
  await user.click(await pressable(/Plan this bake/));
  await user.click(await pressable(/Build it of Tolk/));
  expect(change).toHaveBeenCalledWith(
    expect.objectContaining({
      leavenStays: { l1: [expect.objectContaining({ placeId: 'bench' })] },
      dough: {
        leavens: [
          {
            ...{ id: 'l1', kind: 'levain', name: 'Levain', hydration: 1, flourShare: 0.1 },
            made: { by: 'seed', seedShare: 0.25, seedHydration: 1, cultureId: 'tolk' },
          },
        ],
      },
    }),
  );
  expect(screen.queryByRole('alert')).toBeNull();
});

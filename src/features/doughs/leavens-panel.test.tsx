/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { useState } from 'react';
import { fieldNamed, shown } from '../../../tests/fixtures/shown';
import { startingMethods, placedMethod, type Method } from '@/core/methods';
import { openShopInMemory } from '@/data';
import { contextOver } from '@/server/context';
import { doughFacts } from '@/server/doughs/facts';
import { loadShop } from '@/server/shop/load-shop';
import { ensureShop } from '@/server/shop/new-shop';
import { LeavensPanel } from './leavens-panel';

const db = openShopInMemory();
ensureShop(db, 'Europe/Oslo');
const context = contextOver(db);
const facts = doughFacts(context, loadShop(context));
const { flours } = facts;
const POOLISH = placedMethod(
  startingMethods().find((one) => one.id === 'poolish-day')!,
  {
    places: [...facts.places.values()],
    flours,
    atMs: facts.nowMs,
    yeastType: 'fresh',
  },
);

/** The panel over a method of its own; what its plan found is half of the dose that stands. */
function opened(method: Method = POOLISH) {
  let now = method;
  function Own() {
    const [held, setHeld] = useState(now);
    now = held;
    return <LeavensPanel method={held} shown={found(held)} facts={facts} onChange={setHeld} />;
  }
  return { ...shown(<Own />), first: () => now.dough.leavens[0]!, dough: () => now.dough };
}

function found(method: Method): Method {
  const leavens = method.dough.leavens.map((one) =>
    one.made.by === 'yeast' && one.made.typed !== true
      ? { ...one, made: { ...one.made, freshShare: 0.0015 } }
      : one,
  );
  return { ...method, dough: { ...method.dough, leavens } };
}

/** Chooses in a list. */
async function choose(user: ReturnType<typeof shown>['user'], field: string, option: RegExp) {
  const list = fieldNamed(field) as unknown as HTMLSelectElement;
  const chosen = [...list.options].find((one) => option.test(one.text));
  await user.selectOptions(list, chosen!);
}

test('a poolish of another flour: the dough’s blend follows, the final mix stays', async () => {
  const { user, first, dough } = opened();
  const own = flours.find((one) => one.id !== dough().flours[0]?.flourId)!;
  await choose(user, `flour-of-${first().id}`, new RegExp(`^${own.name}$`));
  expect(first().flours).toEqual([{ flourId: own.id, share: 1 }]);
  const share = dough().flours.find((one) => one.flourId === own.id)?.share;
  expect(share).toBeCloseTo(first().flourShare, 9);
  await choose(user, `flour-of-${first().id}`, /the dough’s flour/);
  expect(first().flours).toBeNull();
  expect(dough().flours).toHaveLength(1);
});

test('how ripe it is wanted is chosen, and left to its place again', async () => {
  const { user, first } = opened();
  await choose(user, `asks-${first().id}`, /young, with a little yeast/);
  expect(first().asks).toBe('young');
  await choose(user, `asks-${first().id}`, /as where it waits/);
  expect(first().asks).toBeUndefined();
});

test('sparkling water is half of its water, honey a pinch with its caution, and both go again', async () => {
  const { user, first } = opened();
  await choose(user, `add-to-${first().id}`, /Sparkling water/);
  expect(first().added).toEqual([
    { ingredientId: 'sparkling-water', share: first().hydration / 2 },
  ]);
  await choose(user, `add-to-${first().id}`, /Honey/);
  expect(document.body.textContent).toMatch(/honey/i);
  await user.click(screen.getByRole('button', { name: /without sparkling water/ }));
  expect(first().added).toEqual([{ ingredientId: 'honey', share: 0.01 }]);
});

test('the dose shown is the one that is weighed; typed, it stays, until it is calculated again', async () => {
  const { user, first } = opened();
  const dose = fieldNamed(`dose-${first().id}`);
  expect(dose.value).toBe('0.15');
  await user.clear(dose);
  await user.type(dose, '0,4');
  expect(first().made).toMatchObject({ freshShare: 0.004, typed: true });
  await user.click(screen.getByRole('button', { name: 'Use calculated dose' }));
  expect(first().made).toMatchObject({ typed: false });
  expect(fieldNamed(`dose-${first().id}`).value).toBe('0.15');
});

test('one more leaven, and without it again; never a fourth', async () => {
  const { user, dough } = opened();
  await user.click(screen.getByRole('button', { name: 'Another leaven' }));
  await user.click(screen.getByRole('button', { name: 'Another leaven' }));
  expect(new Set(dough().leavens.map((one) => one.id)).size).toBe(3);
  expect(screen.queryByRole('button', { name: 'Another leaven' })).toBeNull();
  await user.click(screen.getAllByRole('button', { name: /^Without/ })[0]!);
  expect(dough().leavens).toHaveLength(2);
});

/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { SLIP_FOUR } from '../../../tests/fixtures/slip-four';
import { fieldNamed, pressable, shown } from '../../../tests/fixtures/shown';
import { standsInAPage } from '../../../tests/fixtures/page';
import type { Outcome } from '@/shop/outcome';
import type { Shop } from '@/shop/kept/shop';
import { SettingsPanel } from './settings-panel';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: jest.fn() }) }));
standsInAPage();

type Answer = Outcome<{ before: Shop | null }>;

function opened(answer: Answer) {
  const change = jest.fn<Promise<Answer>, [unknown]>(() => Promise.resolve(answer));
  return { ...shown(<SettingsPanel shop={SLIP_FOUR} change={change} />), change };
}

const choices = (name: string) =>
  [...(fieldNamed(name) as unknown as HTMLSelectElement).options].map((one) => one.textContent);

test('every language is offered by its own name, units and habits by theirs', () => {
  opened({ ok: true, value: { before: SLIP_FOUR } });
  expect(choices('language')).toEqual(['English', 'Italiano', 'Deutsch']);
  expect(choices('massUnit')).toEqual(['grams', 'ounces']);
  expect(choices('lengthUnit')).toEqual(['centimetres', 'inches']);
  expect(choices('yeastType')).toEqual(['fresh', 'active dry', 'instant']);
});

test('what is changed is sent, and nothing else; what is refused stands at its field', async () => {
  const sentence = 'Tap water: 80 °C is not possible. Allowed: 0 to 40 °C.';
  const { user, change } = opened({ ok: false, refusals: [{ field: 'tapC', sentence }] });
  await user.clear(fieldNamed('tapC'));
  await user.type(fieldNamed('tapC'), '80');
  await user.selectOptions(fieldNamed('language'), 'de');
  await user.click(await pressable(/^Save$/));
  expect(change).toHaveBeenCalledWith({ tapC: '80', language: 'de' });
  expect(await screen.findByText(sentence)).toBeTruthy();
  expect(fieldNamed('language').value).toBe('de');
});

test('what was saved is taken back with one press', async () => {
  const { user, change } = opened({ ok: true, value: { before: SLIP_FOUR } });
  await user.clear(fieldNamed('name'));
  await user.type(fieldNamed('name'), 'Slip Five');
  await user.click(await pressable(/^Save$/));
  expect(change).toHaveBeenLastCalledWith({ name: 'Slip Five' });
  await user.click(await pressable(/^Undo$/));
  expect(change).toHaveBeenLastCalledWith({ name: 'Slip Four' });
});

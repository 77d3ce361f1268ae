/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { GRAMS, pressable, shown } from '../../../tests/fixtures/shown';
import type { BringingFacts } from '@/server/cultures/bringing-facts';
import { BringPanel } from './bring-panel';
import type { CultureActions } from './culture-actions';

const went: string[] = [];
jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: (path: string) => went.push(path), refresh: () => undefined }),
}));

const FACTS: Omit<BringingFacts, 'what'> = {
  nowMs: Date.parse('2026-11-27T09:00:00Z'),
  units: GRAMS,
  flours: [{ id: 'flour-00', name: 'Type 00 flour' }],
  places: [
    { id: 'bench', name: 'Bench', tempC: 21 },
    { id: 'fridge', name: 'Fridge', tempC: 4 },
  ],
  discardJars: [],
  chains: [],
};

function opened(what: BringingFacts['what'], refusals: { field: string; sentence: string }[] = []) {
  const sent: { name: string; form: Record<string, unknown> }[] = [];
  const answer = (name: string, value: object) => (form: unknown) => {
    sent.push({ name, form: form as Record<string, unknown> });
    return Promise.resolve(
      refusals.length > 0
        ? { ok: false as const, refusals }
        : { ok: true as const, value: { batch: 'b', ...value } },
    );
  };
  const actions = {
    describeCulture: answer('describeCulture', { id: 'kelp', before: null }),
    bringIn: answer('bringIn', { lotId: 'B1', path: '/lots/B1' }),
  } as unknown as CultureActions;
  return { ...shown(<BringPanel facts={{ ...FACTS, what }} actions={actions} />), sent };
}

beforeEach(() => went.splice(0));

test('a starter: three fields, the rest is assumed and said', async () => {
  const { user, sent } = opened('starter');
  expect(screen.getAllByRole('textbox').length).toBeLessThanOrEqual(3);
  expect(screen.getByTestId('assumed').textContent).toContain('100 % water on type 00 flour, 4 of');
  await user.type(screen.getByLabelText('Name'), 'Kelp');
  await user.click(await pressable(/Bring it in/));
  expect(sent[0]).toMatchObject({
    name: 'describeCulture',
    form: {
      kind: 'liquid starter',
      name: 'Kelp',
      hydrationPct: '100',
      start: { how: 'bring', massG: '200', ratio: '4', fedAt: '2026-11-27T08:00' },
    },
  });
  expect(went).toEqual(['/cultures/kelp']);
});

test('a starter of half its flour in water is a stiff one', async () => {
  const { user, sent } = opened('starter');
  await user.type(screen.getByLabelText('Name'), 'Plank');
  await user.click(await pressable(/It was otherwise/));
  const water = screen.getByLabelText('Water, % of flour');
  await user.clear(water);
  await user.type(water, '50');
  expect(screen.getByTestId('assumed').textContent).toContain('50 % water');
  await user.click(await pressable(/Bring it in/));
  expect(sent[0]!.form).toMatchObject({ kind: 'stiff starter', hydrationPct: '50' });
});

test('balls: as they were made, with what is assumed of them', async () => {
  const { user, sent } = opened('balls');
  const count = screen.getByLabelText('Balls');
  await user.clear(count);
  await user.type(count, '30');
  await user.click(await pressable(/Bring it in/));
  expect(sent[0]).toMatchObject({
    name: 'bringIn',
    form: { what: 'balls', count: '30', placeId: 'fridge', roomId: 'bench', freshPct: '0.3' },
  });
  expect(went).toEqual(['/lots/B1']);
});

test('a refusal is said beside what was typed, and nothing is lost', async () => {
  const { user } = opened('dough', [{ field: 'massG', sentence: 'Weight: 5 g is too little.' }]);
  await user.clear(screen.getByLabelText('Weighs, g'));
  await user.type(screen.getByLabelText('Weighs, g'), '5');
  await user.click(await pressable(/Bring it in/));
  expect(screen.getByTestId('refusal').textContent).toContain('5 g is too little');
  expect(screen.getByLabelText<HTMLInputElement>('Weighs, g').value).toBe('5');
  expect(went).toEqual([]);
});

test('without a freezer it says where one is added', () => {
  opened('frozen');
  expect(screen.getByText(/has no freezer yet/)).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Places in Shop' }).getAttribute('href')).toBe('/shop');
});

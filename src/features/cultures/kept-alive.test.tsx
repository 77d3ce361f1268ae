/** @jest-environment jsdom */
import { screen, waitFor, within } from '@testing-library/react';
import { culturesView } from '@/server/cultures/view';
import { refused } from '@/shop/outcome';
import { demoShop } from '../../../tests/demo-shop';
import { standsInAPage } from '../../../tests/fixtures/page';
import { fieldNamed, pressable, shown } from '../../../tests/fixtures/shown';
import type { CultureActions } from './culture-actions';
import { Cultures } from './cultures';

const pushed = jest.fn();
jest.mock('next/navigation', () => ({
  useRouter: () => ({ refresh: () => undefined, push: (to: string) => pushed(to) }),
}));

standsInAPage();
jest.setTimeout(30_000);
const { context } = demoShop();

const ACTS = [
  'undo',
  'logLook',
  'takePart',
  'takeWish',
  'describeCulture',
  'restCulture',
  'retireCulture',
] as const;
type Acts = Record<(typeof ACTS)[number], jest.Mock>;

/** A panel of the demo’s cultures, by its path, with acts that do as they are told. */
function opened(
  path: readonly string[],
  answers: Partial<Acts> = {},
  retired: readonly string[] = [],
) {
  const actions = Object.fromEntries(
    ACTS.map((name) => [
      name,
      answers[name] ??
        jest.fn().mockResolvedValue({ ok: true, value: { batch: 'b', lotId: 'L', id: 'c' } }),
    ]),
  ) as Acts;
  const view = culturesView(context, path);
  const gone = view.starters.map((row) => row.culture).filter(({ id }) => retired.includes(id));
  const element = (
    <Cultures
      view={{ ...view, retired: [...view.retired, ...gone] }}
      feed={null}
      actions={actions as unknown as CultureActions}
    />
  );
  return { ...shown(element), actions };
}

beforeEach(() => pushed.mockClear());

describe('the first days of a culture', () => {
  test('the day stands out, no hour is forecast, and what it is fed is weighed as it is typed', async () => {
    const { user, actions } = opened(['burr']);
    expect(
      screen.getByText(/Nothing is forecast until it has been seen at two peaks/),
    ).toBeTruthy();
    const days = within(screen.getByRole('table', { name: 'Days' }))
      .getAllByRole('row')
      .slice(1);
    expect(days.length).toBeGreaterThanOrEqual(7);
    for (const [name, typed] of [
      ['motherG', '30'],
      ['flourG', '60'],
      ['waterG', '45'],
    ] as const) {
      await user.clear(fieldNamed(name));
      await user.type(fieldNamed(name), typed);
    }
    await user.click(await pressable(/^Fed now/));
    await waitFor(() => expect(actions.takeWish).toHaveBeenCalledTimes(1));
    const [form] = actions.takeWish.mock.calls[0];
    expect(form).toMatchObject({ wish: 'make', cultureId: 'burr', tense: 'done' });
    const [fed] = form.makes;
    expect(fed).toMatchObject({ as: 'feed', portions: [{ massG: 30 }] });
    const gramsOf = (water: boolean) =>
      fed.ingredients
        .filter((one: { ingredientId: string }) => (one.ingredientId === 'water') === water)
        .reduce((sum: number, one: { massG: number }) => sum + one.massG, 0);
    expect(gramsOf(true)).toBeCloseTo(45, 6);
    expect(gramsOf(false)).toBeCloseTo(60, 6);
  });
});

describe('rest and back-up', () => {
  test('a part is frozen flat in the freezer alone; moved, the whole jar goes into another place', async () => {
    const { user, actions } = opened(['grusa', 'about']);
    const where = () =>
      [...(fieldNamed('restPlaceId') as unknown as HTMLSelectElement).options].map(
        (one) => one.text,
      );
    expect(where()).toEqual([expect.stringMatching(/^Freezer/)]);
    await user.clear(fieldNamed('massG'));
    await user.type(fieldNamed('massG'), '35');
    await user.click(await pressable(/^Store it/));
    await waitFor(() => expect(actions.restCulture).toHaveBeenCalledTimes(1));
    expect(actions.restCulture.mock.calls[0][0]).toMatchObject({
      how: 'frozen',
      massG: '35',
      flatMm: '8',
    });
    await user.selectOptions(fieldNamed('how'), 'move the jar');
    expect(where().some((one) => one.startsWith('Freezer'))).toBe(false);
    await user.selectOptions(
      fieldNamed('restPlaceId'),
      where().find((one) => one.startsWith('Fridge'))!,
    );
    await user.click(await pressable(/^Move it/));
    await waitFor(() => expect(actions.restCulture).toHaveBeenCalledTimes(2));
    const [moved] = actions.restCulture.mock.calls[1];
    expect(moved).toMatchObject({ how: 'moved', placeId: 'fridge' });
    expect(moved).not.toHaveProperty('massG');
  });

  test('without grams there is nothing to store; a refusal is said and what was typed stays', async () => {
    const sentence = 'Part: 900 g is more than the 180 g that are there.';
    const restCulture = jest.fn().mockResolvedValue(refused('massG', sentence));
    const { user } = opened(['grusa', 'about'], { restCulture });
    await user.clear(fieldNamed('massG'));
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Store it' }).disabled).toBe(true);
    await user.type(fieldNamed('massG'), '900');
    await user.click(await pressable(/^Store it/));
    expect(await screen.findByText(sentence)).toBeTruthy();
    expect(fieldNamed('massG').value).toBe('900');
  });

  test('a culture is retired, and one that was comes back by a button below the rows', async () => {
    const { user, actions } = opened(['grusa', 'about'], {}, ['plinth']);
    await user.click(await pressable(/^Retire Grusa/));
    await waitFor(() =>
      expect(actions.retireCulture.mock.calls[0]?.[0]).toMatchObject({
        cultureId: 'grusa',
        retired: true,
      }),
    );
    await user.click(await pressable(/^Bring back Plinth/));
    await waitFor(() =>
      expect(actions.retireCulture.mock.calls[1]?.[0]).toMatchObject({
        cultureId: 'plinth',
        retired: false,
      }),
    );
  });
});

describe('signs', () => {
  const signs = async () => {
    const view = opened(['grusa', 'about']);
    await view.user.click(await pressable(/^Signs and what they mean/));
    return { ...view, dialog: within(await screen.findByRole('dialog')) };
  };

  test('each says what it looks like, what it means and what to do; logged, it names the jar', async () => {
    const { user, actions, dialog } = await signs();
    const before = dialog.getByText(/Looks like:/).parentElement!.textContent;
    const [, second] = within(dialog.getByRole('group', { name: 'Sign' })).getAllByRole('button');
    await user.click(second!);
    expect(dialog.getByText(/Looks like:/).parentElement!.textContent).not.toBe(before);
    await user.click(dialog.getByRole('button', { name: 'Log this sign' }));
    await waitFor(() => expect(actions.logLook).toHaveBeenCalledTimes(1));
    expect(actions.logLook.mock.calls[0][0]).toMatchObject({
      found: expect.any(String),
      lotId: expect.any(String),
    });
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });

  test('mould ends it: the caution stands there, and all of it is thrown away by its own button only', async () => {
    const { user, actions, dialog } = await signs();
    expect(dialog.queryByRole('button', { name: 'Throw all of it away' })).toBeNull();
    await user.click(dialog.getByRole('button', { name: /mould/i }));
    expect(dialog.getByRole('alert').textContent).toMatch(/local|licensed/);
    await user.click(dialog.getByRole('button', { name: 'Throw all of it away' }));
    await waitFor(() => expect(actions.takePart).toHaveBeenCalledTimes(1));
    expect(actions.takePart.mock.calls[0][0]).toMatchObject({ as: 'gone', massG: 180 });
    expect(actions.logLook).not.toHaveBeenCalled();
  });
});

describe('a culture described', () => {
  test('a new one that is alive is brought in with its last feed, and opened', async () => {
    const { user, actions } = opened(['new']);
    await user.type(fieldNamed('name'), 'Sill');
    await user.clear(fieldNamed('massG'));
    await user.type(fieldNamed('massG'), '90');
    await user.click(await pressable(/^Take it into the shop/));
    await waitFor(() => expect(actions.describeCulture).toHaveBeenCalledTimes(1));
    const [form] = actions.describeCulture.mock.calls[0];
    expect(form).toMatchObject({ name: 'Sill', start: { massG: '90' } });
    await waitFor(() => expect(pushed).toHaveBeenCalledWith('/cultures/c'));
  });

  test('what is refused is said by its field, and all that was typed stands', async () => {
    const sentence = 'Name: Grusa is in the shop already.';
    const describeCulture = jest.fn().mockResolvedValue(refused('name', sentence));
    const { user } = opened(['new'], { describeCulture });
    await user.type(fieldNamed('name'), 'Grusa');
    await user.click(await pressable(/^Take it into the shop/));
    expect(await screen.findByText(sentence)).toBeTruthy();
    expect(fieldNamed('name').value).toBe('Grusa');
    expect(fieldNamed('name').getAttribute('aria-invalid')).toBe('true');
    expect(pushed).not.toHaveBeenCalled();
  });

  test('the words about one that is there are saved, and lead back to how it is', async () => {
    const { user, actions } = opened(['plinth', 'edit']);
    expect(fieldNamed('name').value).toBe('Plinth');
    await user.clear(fieldNamed('keepG'));
    await user.type(fieldNamed('keepG'), '25');
    await user.click(await pressable(/^Save/));
    await waitFor(() => expect(actions.describeCulture).toHaveBeenCalledTimes(1));
    expect(JSON.stringify(actions.describeCulture.mock.calls[0][0])).toContain('25');
    expect(await screen.findByText('Plinth: described anew.')).toBeTruthy();
    expect(pushed).toHaveBeenCalledWith('/cultures/plinth/about');
  });
});

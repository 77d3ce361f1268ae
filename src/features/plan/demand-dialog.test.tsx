/** @jest-environment jsdom */
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { ComponentProps } from 'react';
import { fieldNamed, GRAMS, pressable, shown, SIX_MS } from '../../../tests/fixtures/shown';
import { startingMethods } from '@/core/methods';
import type { DemandRow, PlanView } from '@/server/plan/view';
import { DemandDialog } from './demand-dialog';
import { newForm } from './demand-form';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const view = {
  units: GRAMS,
  nowMs: SIX_MS,
  days: [{ fromMs: SIX_MS - 22_200_000 }, { fromMs: SIX_MS + 64_200_000 }],
  services: [],
  methods: startingMethods()
    .slice(0, 2)
    .map(({ id, method }) => ({ key: `start-${id}`, method })),
} as unknown as PlanView;

const FRIDAY: DemandRow = {
  id: 'friday',
  name: 'Friday',
  createdMs: 0,
  readyFromMs: Date.parse('2026-12-04T18:00:00+01:00'),
  readyToMs: Date.parse('2026-12-04T20:00:00+01:00'),
  balls: 30,
  perHour: [10, 20],
  methods: [],
  weekly: true,
  withdrawnMs: null,
  doughs: 1,
};
const DONE = { ok: true, value: { id: 'friday', before: null } } as const;

function opened(changes: Partial<ComponentProps<typeof DemandDialog>> = {}) {
  const actions = {
    stateDemand: jest.fn(() => Promise.resolve(DONE)),
    withdrawDemand: jest.fn(() => Promise.resolve(DONE)),
    skipDemandDay: jest.fn(() => Promise.resolve(DONE)),
    splitDemand: jest.fn(() =>
      Promise.resolve({ ok: true, value: { id: 'friday-2', before: FRIDAY } } as const),
    ),
  };
  const onSaved = jest.fn();
  const dialog = (
    <DemandDialog
      view={view}
      demand={FRIDAY}
      day="2026-12-04"
      nearest={null}
      actions={actions as never}
      onClose={() => undefined}
      onSaved={onSaved}
      {...changes}
    />
  );
  return { ...shown(dialog), actions, onSaved };
}

test('a service as it is asked for stands in its fields, hour by hour, and is saved changed', async () => {
  const { user, actions, onSaved } = opened();
  expect(fieldNamed('perHour').value).toBe('10 20');
  await user.clear(fieldNamed('balls'));
  await user.type(fieldNamed('balls'), '36');
  await user.clear(fieldNamed('perHour'));
  await user.type(fieldNamed('perHour'), '16, 20');
  await user.click(screen.getByTestId('save-demand'));
  expect(actions.stateDemand).toHaveBeenCalledWith(
    expect.objectContaining({
      id: 'friday',
      readyFrom: '2026-12-04T18:00',
      readyTo: '2026-12-04T20:00',
      balls: '36',
      perHour: ['16', '20'],
      weekly: true,
    }),
  );
  expect(onSaved).toHaveBeenCalledWith('friday');
});

test('one day of a weekly service is left out, told, and put back with one tap', async () => {
  const { user, actions, onSaved } = opened();
  await user.click(screen.getByRole('button', { name: 'Not on Fri 4 December' }));
  const skip = { demandId: 'friday', date: '2026-12-04' };
  expect(actions.skipDemandDay).toHaveBeenCalledWith({ ...skip, skipped: true });
  await screen.findByText('Friday: not on Fri 4 December.');
  expect(onSaved).toHaveBeenCalled();
  // The page shuts the dialog when it is saved; here it lies over the notice.
  fireEvent.click(await pressable(/^Undo$/));
  expect(actions.skipDemandDay).toHaveBeenLastCalledWith({ ...skip, skipped: false });
});

test('what is held once, and what is new, has no day to leave out', () => {
  const { unmount } = opened({ demand: { ...FRIDAY, weekly: false } });
  expect(screen.queryByTestId('skip-day')).toBeNull();
  expect(screen.getByTestId('remove-demand').textContent).toBe('Remove this service');
  unmount();
  opened({ demand: null, day: null });
  expect(screen.queryByTestId('skip-day')).toBeNull();
  expect(screen.queryByTestId('remove-demand')).toBeNull();
  expect(fieldNamed('balls').value).toBe('40');
});

test('removed every week, and put in again', async () => {
  const { user, actions } = opened();
  await user.click(screen.getByRole('button', { name: 'Remove it, every week' }));
  expect(actions.withdrawDemand).toHaveBeenCalledWith('friday', true);
  fireEvent.click(await pressable(/^Undo$/));
  expect(actions.withdrawDemand).toHaveBeenLastCalledWith('friday', false);
});

test('the nearest that fits begins the form; another number of pizzas takes its hours away', () => {
  opened({ nearest: { laterMs: 3_600_000, balls: 24, doughs: 2 } as never });
  expect(fieldNamed('balls').value).toBe('24');
  expect(fieldNamed('doughs').value).toBe('2');
  expect(fieldNamed('perHour').value).toBe('');
});

test('methods that will do are marked and sent; a refusal is told at its field', async () => {
  const sentence = 'Pizzas: 0 is not possible. Allowed: 1 to 2000.';
  const stateDemand = jest.fn(() =>
    Promise.resolve({ ok: false, refusals: [{ field: 'balls', sentence }] }),
  );
  const { user } = opened({ actions: { stateDemand } as never });
  const [first] = view.methods;
  await user.click(screen.getByRole('checkbox', { name: first!.method.name }));
  await user.click(screen.getByTestId('save-demand'));
  expect(stateDemand).toHaveBeenCalledWith(expect.objectContaining({ methods: [first!.key] }));
  expect(await screen.findByText(sentence)).toBeDefined();
});

test('the same on other days is asked for at once, each at its hours, and taken back as one', async () => {
  const { user, actions, onSaved } = opened({ demand: null, day: null });
  await user.clear(fieldNamed('balls'));
  await user.type(fieldNamed('balls'), '24');
  const from = (offset: number) => {
    const first = actions.stateDemand.mock.calls[0] as unknown as [{ readyFrom: string }];
    const date = new Date(Date.parse(`${first[0].readyFrom.slice(0, 10)}T12:00:00Z`));
    date.setUTCDate(date.getUTCDate() + offset);
    return `${date.toISOString().slice(0, 10)}${first[0].readyFrom.slice(10)}`;
  };
  const chips = within(screen.getByRole('group', { name: 'The same on' })).getAllByRole('button');
  expect(chips).toHaveLength(6);
  await user.click(chips[3]!);
  await user.click(chips[0]!);
  await user.click(chips[5]!);
  await user.click(chips[5]!);
  await user.click(await pressable(/Ask for it/));
  await waitFor(() => expect(onSaved).toHaveBeenCalled());
  const asked = actions.stateDemand.mock.calls.map(([form]: never[]) => form) as unknown as {
    readyFrom: string;
    balls: string;
    id: string | null;
  }[];
  expect(asked.map((one) => one.readyFrom)).toEqual([from(0), from(1), from(4)]);
  expect(asked.map(({ balls, id }) => [balls, id])).toEqual(Array(3).fill(['24', null]));
  expect(await screen.findByText('3 services asked for.')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Undo', hidden: true }));
  await waitFor(() => expect(actions.withdrawDemand).toHaveBeenCalledTimes(3));
});

test('a service that was changed is told, and put back as it was with one tap', async () => {
  const { user, actions, onSaved } = opened();
  actions.stateDemand.mockResolvedValueOnce({
    ok: true,
    value: { id: 'friday', before: FRIDAY },
  } as never);
  await user.type(fieldNamed('balls'), '{Control>}a{/Control}24');
  await user.click(await pressable(/^Save$/));
  await waitFor(() => expect(onSaved).toHaveBeenCalledWith('friday'));
  expect(await screen.findByText('Friday: changed.')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Undo', hidden: true }));
  await waitFor(() => expect(actions.stateDemand).toHaveBeenCalledTimes(2));
  expect(actions.stateDemand).toHaveBeenLastCalledWith(
    expect.objectContaining({
      id: 'friday',
      balls: '30',
      perHour: [10, 20],
      readyFrom: '2026-12-04T18:00',
      weekly: true,
    }),
  );
  expect(actions.withdrawDemand).not.toHaveBeenCalled();
});

test('one that was asked for is told, and taken back with one tap', async () => {
  const { user, actions } = opened({ demand: null, day: null });
  await user.click(await pressable(/Ask for it/));
  expect(await screen.findByText('Evening: asked for.')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Undo', hidden: true }));
  await waitFor(() => expect(actions.withdrawDemand).toHaveBeenCalledWith('friday', true));
});

test('one of several that is refused is told; those before it stand', async () => {
  const { user, actions, onSaved } = opened({ demand: null, day: null });
  const sentence = 'Pizzas: 24 are too many.';
  const refused = { ok: false, refusals: [{ field: 'balls', sentence }] } as never;
  actions.stateDemand.mockResolvedValueOnce(DONE).mockResolvedValueOnce(refused);
  const chips = within(screen.getByRole('group', { name: 'The same on' })).getAllByRole('button');
  await user.click(chips[0]!);
  await user.click(chips[1]!);
  await user.click(await pressable(/Ask for it/));
  expect(await screen.findByText(`1 service asked for. Not the next: ${sentence}`)).toBeTruthy();
  expect(onSaved).toHaveBeenCalledWith('friday');
  expect(actions.stateDemand).toHaveBeenCalledTimes(2);
});

test('a new service begins on the first evening that has none', () => {
  const free = newForm(view).readyFrom;
  const fromMs = SIX_MS + 64_200_000 + 41.5 * 3_600_000;
  const taken = { fromMs, toMs: fromMs + 3_600_000 };
  const after = newForm({ ...view, services: [taken] } as never).readyFrom;
  expect(after.slice(10)).toBe(free.slice(10));
  expect(Date.parse(`${after}Z`) - Date.parse(`${free}Z`)).toBe(24 * 3_600_000);
  // Nor is it on a day on which nobody works.
  const dayMs = SIX_MS + 64_200_000 + 24 * 3_600_000;
  const days = [...view.days, { fromMs: dayMs, closed: true }];
  expect(newForm({ ...view, days } as never).readyFrom).toBe(after);
});

test('some of the pizzas are split off as a service of their own; undo makes it one again', async () => {
  const { user, actions, onSaved } = opened();
  await user.type(fieldNamed('splitOff'), '12');
  await user.click(await pressable(/^Split$/));
  expect(actions.splitDemand).toHaveBeenCalledWith({ demandId: 'friday', balls: '12' });
  await waitFor(() => expect(onSaved).toHaveBeenCalledWith('friday-2'));
  await user.click(await pressable(/^Undo$/));
  await waitFor(() => expect(actions.stateDemand).toHaveBeenCalled());
  expect(actions.withdrawDemand).toHaveBeenCalledWith('friday-2', true);
  expect(actions.stateDemand).toHaveBeenCalledWith(
    expect.objectContaining({ id: 'friday', balls: '30', perHour: [10, 20] }),
  );
});

test('why it can not be split is said at its field', async () => {
  const sentence = 'Split off: 30 of 30 leaves nothing. Allowed: 1 to 29.';
  const actions = {
    splitDemand: () => Promise.resolve({ ok: false, refusals: [{ field: 'balls', sentence }] }),
  };
  const { user } = opened({ actions: actions as never });
  await user.type(fieldNamed('splitOff'), '30');
  await user.click(await pressable(/^Split$/));
  expect(await screen.findByText(sentence)).toBeTruthy();
});

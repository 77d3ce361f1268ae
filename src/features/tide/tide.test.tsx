/** @jest-environment jsdom */
import { screen, waitFor, within } from '@testing-library/react';
import type { TideView } from '@/server/tide';
import { tideView } from '@/server/tide';
import { WhoProvider } from '@/ui/who/who';
import { demoShop } from '../../../tests/demo-shop';
import { standsInAPage } from '../../../tests/fixtures/page';
import { buttonSaying, handsDoing, shown } from '../../../tests/fixtures/shown';
import { tellsOf } from './layout/tells';
import { Tide } from './tide';

const push = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push, refresh: () => undefined }) }));

standsInAPage();
jest.setTimeout(30_000);
const demo = tideView(demoShop().context);
const planned = demo.moments.filter((one) => one.tense === 'planned');
const [first] = planned;

/** The Tide of a view, at the hands of one person or of everybody. */
function opened(view: TideView = demo, person: string | null = null) {
  const answered = () => Promise.resolve({ ok: true, value: { batch: 'b', lotIds: [] } } as const);
  const does = { doStep: jest.fn(answered), undo: jest.fn(answered) };
  const tide = (
    <WhoProvider person={person}>
      <Tide view={view} room={null} hasAnswered stale={false} actions={handsDoing(does as never)} />
    </WhoProvider>
  );
  return { ...shown(tide), ...does };
}

const hands = () => screen.getByRole('region', { name: 'Hands' });
const titles = () =>
  within(hands())
    .getAllByRole('listitem')
    .map((one) => one.querySelector('h3, p')?.textContent);

beforeEach(() => push.mockClear());

test('the next moments stand in their order; the first is done with one tap, told, and taken back', async () => {
  const { user, doStep, undo } = opened();
  expect(titles()).toEqual(planned.slice(0, titles().length).map((one) => one.title));
  await user.click(buttonSaying(/^Done now$/)!);
  expect(doStep).toHaveBeenCalledWith(expect.objectContaining({ stepId: first!.ref }));
  expect(await screen.findByText(`${first!.title}: done.`)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Undo' }));
  await waitFor(() => expect(undo).toHaveBeenCalledWith('b'));
});

test('a person sees what is theirs and what is everybody’s, and nothing of another’s', () => {
  const [mine, other] = ['Aud', 'Birk'];
  const shared = demo.moments.map((one, index) => ({
    ...one,
    by: [mine, other, null][index % 3] ?? null,
  }));
  opened({ ...demo, moments: shared }, mine);
  const theirs = shared.filter(({ tense, by }) => tense === 'planned' && by !== other);
  expect(titles()).toEqual(theirs.slice(0, titles().length).map((one) => one.title));
});

test('another hour, and all that is weighed, stand on the card that the next moment opens', async () => {
  const { user } = opened();
  await user.click(buttonSaying(/^Other time$/)!);
  const dialog = await screen.findByRole('dialog');
  expect(within(dialog).getAllByText(new RegExp(first!.title)).length).toBeGreaterThan(0);
});

test('a look is logged from the strip, or by its key', async () => {
  const { user } = opened();
  await user.keyboard('l');
  expect(await screen.findByRole('dialog')).toBeTruthy();
});

test('an answer that is about a lot lights it; one of a bake that is not sure leads to Hold or hurry', async () => {
  const tells = tellsOf(demo, demo.clock.nowMs);
  const { user } = opened();
  const said = (question: string) =>
    user.click(screen.getByText(question, { selector: 'span' }).closest('button')!);
  const lit = tells.find((one) => one.holdBakeId === null && one.lotId !== null)!;
  const opens = () => document.querySelector(`a[href="/lots/${lit.lotId}"]`);
  expect(opens()).toBeNull();
  await said(lit.question);
  expect(opens()?.textContent).toMatch(/^Open /);
  await said(lit.question);
  expect(opens()).toBeNull();
  const unsure = tells.find((one) => one.holdBakeId !== null)!;
  await said(unsure.question);
  expect(push).toHaveBeenCalledWith(`/hold/${unsure.holdBakeId}`);
});

test('where nothing is planned, that is said beside what stands there', () => {
  opened({ ...demo, moments: demo.moments.filter((one) => one.tense === 'done') });
  expect(within(hands()).queryByText('Done now')).toBeNull();
  expect(hands().textContent).toContain('Nothing is planned');
});

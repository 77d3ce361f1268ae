/** @jest-environment jsdom */
import { waitFor } from '@testing-library/react';
import { renderToString } from 'react-dom/server';
import { culturesView } from '@/server/cultures/view';
import { JOBS } from '@/ui/compute/jobs';
import { demoShop } from '../../../tests/demo-shop';
import { standsInAPage } from '../../../tests/fixtures/page';
import { buttonSaying, fieldNamed, pressable, shown } from '../../../tests/fixtures/shown';
import type { CultureActions } from './culture-actions';
import { Cultures } from './cultures';
import { checkFeed } from './feed-fields';
import { firstFields } from './first-feed-fields';
import { firstFeed } from './first-feed';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ refresh: () => undefined, push: () => undefined }),
}));

standsInAPage();
jest.setTimeout(30_000);
const { context } = demoShop();
const done = () => jest.fn().mockResolvedValue({ ok: true, value: { batch: 'b', lotId: 'L' } });

interface Lines {
  readonly ingredients: readonly { readonly massG: number }[];
  readonly portions: readonly { readonly massG: number }[];
}
/** Grams of what a wish makes. */
const madeG = ({ ingredients, portions }: Lines) =>
  [...ingredients, ...portions].reduce((sum, one) => sum + one.massG, 0);

/** A panel of the demo’s cultures, by its path. */
function opened(...path: string[]) {
  const actions = {
    undo: done(),
    takeWish: done(),
    takePart: done(),
  };
  const cultures = culturesView(context, path);
  const { panel } = cultures;
  const view = shown(
    <Cultures
      view={cultures}
      feed={panel.kind === 'feed' ? firstFeed(panel.facts) : null}
      actions={actions as unknown as CultureActions}
    />,
  );
  return { ...view, actions };
}

test('a feed stands in the page as it is sent, and is what the worker would find', () => {
  const view = culturesView(context, ['plinth']);
  if (view.panel.kind !== 'feed') throw new Error('Plinth has no feed.');
  const { facts } = view.panel;
  const sent = renderToString(
    <Cultures view={view} feed={firstFeed(facts)} actions={{} as CultureActions} />,
  );
  expect(sent).toContain('Feed now');
  expect(sent).not.toContain('Finding the ratio');
  const { asks } = checkFeed(firstFields(facts), facts);
  const steps = JOBS.feed(asks!);
  expect(firstFeed(facts)).toEqual(steps.next().value);
});

test('a feed is fed by what its typed wants come to, never by an answer to older ones', async () => {
  const { user, actions } = opened('plinth');
  await pressable(/^Feed now/);
  const need = fieldNamed('need');
  const wantedG = 10 * Number(need.value);
  await user.type(need, '0');
  // What stands there answers the want before: it can not be done.
  expect(buttonSaying(/^Feed now/)?.disabled).toBe(true);
  await user.click(await pressable(/^Feed now/));
  const [taken] = actions.takeWish.mock.calls[0];
  expect(madeG(taken.makes[0])).toBeCloseTo(wantedG + Number(fieldNamed('keep').value), 0);
});

test('feeds in a row are found, shown, and planned as one act; a word for grams is refused by name', async () => {
  const { user, actions } = opened('grusa', 'series');
  await pressable(/^Plan them/);
  expect(document.querySelectorAll('table[aria-label="Feeds in a row"] tbody tr')).toHaveLength(2);
  await user.clear(fieldNamed('need'));
  await user.type(fieldNamed('need'), 'much');
  expect(document.body.textContent).toMatch(/Need: much is not possible/);
  expect(buttonSaying(/^Plan them/)).toBeUndefined();
  await user.clear(fieldNamed('need'));
  await user.type(fieldNamed('need'), '120');
  await user.click(await pressable(/^Plan them/));
  const [taken] = actions.takeWish.mock.calls[0];
  expect(taken).toMatchObject({ cultureId: 'grusa', tense: 'planned' });
  expect(taken.makes.map((one: { as: string }) => one.as)).toEqual(['feed', 'feed']);
  expect(madeG(taken.makes.at(-1))).toBeGreaterThan(120);
});

test('leftover dough is refreshed by the share that is found, or for the balls that are wanted', async () => {
  const { user, actions } = opened('drift');
  await pressable(/^Refresh now/);
  await user.selectOptions(fieldNamed('fixed'), 'dough');
  await user.clear(fieldNamed('balls'));
  await user.type(fieldNamed('balls'), '4');
  await user.click(await pressable(/^Refresh now/));
  const [taken] = actions.takeWish.mock.calls[0];
  expect(taken).toMatchObject({ cultureId: 'drift', tense: 'done', makes: [{ as: 'refresh' }] });
  expect(madeG(taken.makes[0])).toBeCloseTo(4 * Number(fieldNamed('ballG').value), -2);
});

test('a dough from discard takes what is typed, and a layer is thrown away by its own button', async () => {
  const { user, actions } = opened('lees');
  await user.clear(fieldNamed('discardG'));
  await user.type(fieldNamed('discardG'), '200');
  await user.click(await pressable(/^Mixed now/));
  const [{ makes }] = actions.takeWish.mock.calls[0];
  expect(
    makes[0].portions.reduce((sum: number, one: { massG: number }) => sum + one.massG, 0),
  ).toBe(200);
  await user.click(await pressable(/thr[eo]w/i));
  await waitFor(() => expect(actions.takePart).toHaveBeenCalledTimes(1));
  expect(actions.takePart.mock.calls[0][0]).toMatchObject({ as: 'gone' });
});

test('a thaw is worked out back from its hour and planned; an hour that has passed has none', async () => {
  const { user, actions } = opened('frozen', 'F-S1');
  await user.click(await pressable(/^Plan the thaw/));
  const [taken] = actions.takeWish.mock.calls[0];
  expect(taken.lotId).toBe('F-S1');
  expect(taken.outAt < taken.roomAt).toBe(true);
});

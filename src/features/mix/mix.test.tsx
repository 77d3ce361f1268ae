import type { MixView } from '@/shop/mix/view';
import { renderToStaticMarkup } from 'react-dom/server';
import {
  AppRouterContext,
  type AppRouterInstance,
} from 'next/dist/shared/lib/app-router-context.shared-runtime';
import { wordsOf as words } from '../../../tests/fixtures/words-of';
import { PANTRY, T0 } from '../../../tests/fixtures/baking';
import { cardItems, mixCard, type CardItem, type Mark } from '@/core/mixing';
import { USUAL_SCHOOLS } from '@/core/methods';

import { CardRows } from './card-rows';
import { spanLeft } from './card-row';
import { FinishPane } from './finish-pane';
import { ScaleVessel } from './scale-vessel';
import { TimePane } from './time-pane';
import { WeighPane } from './weigh-pane';
import type { useCard } from './use-card';

const MIX = {
  by: 'mixer' as const,
  autolyse: { minutes: 20, placeId: 'bench' },
  heldBackShare: 0,
  steps: [{ name: 'Bring together', speed: 'slow' as const, minutes: 4 }],
  folds: { count: 0, everyMin: 30 },
  aimC: 24,
  limitC: 27,
};
const items: readonly CardItem[] = cardItems({
  act: {
    kind: 'make',
    lotId: 'D',
    lotKind: 'dough',
    name: 'Harbour dough',
    ingredients: [
      { ingredientId: 'flour', massG: 2000 },
      { ingredientId: 'water', massG: 1300 },
      { ingredientId: 'salt', massG: 54 },
    ],
    portions: [],
    placeId: 'bench',
    startC: 24,
    gasKept: 0,
  },
  batches: 1,
  mix: MIX,
  schools: USUAL_SCHOOLS,
  pantry: PANTRY,
  lotNames: {},
  iceG: 0,
  stepG: 1,
  fineStepG: 0.1,
});
const mark = (id: string, minute: number, what: Mark['what']): Mark => ({
  id,
  atMs: T0 + minute * 60_000,
  what,
});
const weighed = (itemId: string, massG: number) =>
  mark(`w-${itemId}`, 0, { kind: 'weigh', itemId, massG, by: 'scale' });

const viewWith = (marks: readonly Mark[], changes: Partial<MixView> = {}): MixView => ({
  stepId: 'step',
  cardId: 'step.1',
  title: 'Harbour dough',
  methodName: 'Jetty',
  atMs: T0,
  nowMs: T0,
  rate: 0,
  units: { timeZone: 'UTC', massUnit: 'g', tempUnit: 'C', lengthUnit: 'cm' },
  batches: 1,
  batchNumber: 1,
  items,
  marks,
  card: mixCard(items, marks),
  mix: MIX,
  water: null,
  sums: { flourG: 2000, waterG: 1300, saltG: 54, massG: 3354 },
  allergens: ['wheat'],
  notes: [],
  pause: false,
  divides: [],
  people: [],
  written: null,
  remainderG: null,
  ...changes,
});
const workingOf = (view: MixView): ReturnType<typeof useCard> => ({
  card: view.card,
  marks: [...view.marks],
  write: () => undefined,
  busy: false,
  refused: null,
  setRefused: () => undefined,
  question: undefined,
  yes: () => undefined,
});
const ok = {
  ok: true as const,
  value: { batch: 'b', markId: 'm', written: true, waitsFor: 0, massG: 0 },
};
const actions = {
  mark: () => Promise.resolve(ok),
  finish: () => Promise.resolve(ok),
  handleScale: () => Promise.resolve(ok),
  doStep: () => Promise.resolve(ok),
  undo: () => Promise.resolve(ok),
};
/** No page is gone to while a pane is drawn. */
const ROUTER = new Proxy({} as AppRouterInstance, {
  get: () => () => {
    throw new Error('nothing is pressed here');
  },
});

const rows = (marks: readonly Mark[], nowMs = T0) => {
  const view = viewWith(marks);
  return renderToStaticMarkup(
    <CardRows
      view={view}
      card={view.card}
      nowMs={nowMs}
      currentId={view.card.currentId}
      onTick={() => undefined}
      onChoose={() => undefined}
      write={() => undefined}
    />,
  );
};

test('one line is at hand, those before it are done, those after it are to come', () => {
  const markup = rows([weighed('water', 1300)]);
  const states = [...markup.matchAll(/data-item="([^"]+)" data-state="([^"]+)"/g)];
  expect(states.map(([, id, state]) => `${id} ${state}`)).toEqual([
    'water done',
    'flour current',
    'mix-1 later',
    'rest later',
    'salt later',
  ]);
  expect(markup).toContain('aria-label="Flour: weighed in"');
  expect(markup).toContain('aria-label="Salt: take it now"');
});

test('a scaled card asks for what is missing of the lines before', () => {
  const markup = rows([
    weighed('water', 1300),
    weighed('flour', 2100),
    mark('scale', 1, { kind: 'scale', factor: 1.05 }),
  ]);
  expect(markup).toContain('aria-label="Water: 65\u00a0g more added"');
  expect(markup).toContain('56.7\u00a0g');
});

test('a running clock counts down and says how long it is over', () => {
  const marks = [
    weighed('water', 1300),
    weighed('flour', 2000),
    mark('start', 0, { kind: 'start', itemId: 'mix-1' }),
  ];
  expect(rows(marks, T0 + 60_000)).toContain('3:00');
  expect(rows(marks, T0 + 6 * 60_000)).toContain('over 2 min');
  expect(spanLeft(65_400)).toBe('1:05');
  const view = viewWith(marks);
  const line = view.card.lines.find((one) => one.item.id === 'mix-1')!;
  const pane = words(
    <TimePane line={line} nowMs={T0 + 5 * 60_000} view={view} working={workingOf(view)} />,
  );
  expect(pane).toContain('+1:00');
  expect(pane).toContain('over since 06:04');
});

test.each([
  [1000, 'under', 'still to pour 300 g'],
  [1299, 'right', 'still to pour 1 g'],
  [1400, 'over', 'too much by 100 g'],
] as const)('%d g on the scale are %s', (massG, state, says) => {
  const view = viewWith([]);
  const line = view.card.lines[0]! as Parameters<typeof WeighPane>[0]['line'];
  const pane = (
    <WeighPane
      line={line}
      scale={{ shows: { massG, stable: true }, simulated: true }}
      view={view}
      working={workingOf(view)}
      actions={actions}
      onTick={() => undefined}
    />
  );
  expect(renderToStaticMarkup(pane)).toContain(`data-state="${state}"`);
  const text = words(pane).replace('scale connected ', '');
  expect(text).toContain(says);
  if (state === 'over') expect(text).toContain('weigh in 7.7 % more of all the rest');
});

test('without a scale the card goes on by hand', () => {
  const view = viewWith([]);
  const line = view.card.lines[0]! as Parameters<typeof WeighPane>[0]['line'];
  const text = words(
    <WeighPane
      line={line}
      scale={{ shows: null, simulated: false }}
      view={view}
      working={workingOf(view)}
      actions={actions}
      onTick={() => undefined}
    />,
  );
  expect(text).toContain('scale not connected');
  // A real one has no panel to pour by.
  expect(text).not.toContain('Pull the plug');
  expect(text).toContain('Weighed elsewhere, g');
});

test('the vessel is textured while it fills and solid inside the tolerance', () => {
  const fill = (state: 'under' | 'right' | 'over') =>
    renderToStaticMarkup(<ScaleVessel share={0.9} state={state} mark="1300" tolerance="±6" />);
  expect(fill('under')).toContain('fill="url(#tx-rising)"');
  expect(fill('right')).toContain('fill="var(--ripe)"');
  expect(fill('over')).toContain('90 per cent, over');
});

const finish = (marks: readonly Mark[], changes: Partial<MixView> = {}) => {
  const view = viewWith(marks, changes);
  return words(
    <AppRouterContext.Provider value={ROUTER}>
      <FinishPane view={view} working={workingOf(view)} actions={actions} />
    </AppRouterContext.Provider>,
  );
};

test('the salt stands before the dough: no temperature can be said while it is missing', () => {
  const without = finish([weighed('water', 1300), weighed('flour', 2000)]);
  expect(without).toContain('The salt was not weighed in. Is it in the dough?');
  expect(without).not.toContain('Dough, °C');
  const said = finish([mark('salt', 1, { kind: 'salt', answer: 'it is in' })]);
  expect(said).toContain('Dough, °C (wanted 24°)');
  expect(said).not.toContain('Finish this mix');
  const out = mark('out', 2, { kind: 'out', tempC: 25, doughG: 3300 });
  expect(finish([weighed('salt', 54), out])).toContain('Out at 25°, 3300 g. Finish this mix');
});

test('what was weighed stands beside what was planned, where the two differ', () => {
  const marks = [
    weighed('water', 1300),
    weighed('flour', 2100),
    weighed('salt', 54),
    mark('felt', 3, { kind: 'felt', ingredientId: 'water', massG: 30 }),
  ];
  const text = finish(marks, { written: 'batch' });
  expect(text).toContain('Flour 2000 2100');
  expect(text).toContain('Water, by feel 0 30');
  expect(text).not.toContain('Salt 54');
  const plain = [weighed('water', 1300), weighed('flour', 2000), weighed('salt', 54)];
  expect(finish(plain, { written: 'batch' })).toContain('Every line was weighed as planned.');
});

test('once it stands in the Log it is divided so that it is used up', () => {
  const text = finish([], {
    written: 'batch',
    divides: [
      {
        stepId: 's',
        name: 'Harbour balls',
        count: 12,
        plannedG: 250,
        weightG: 243,
        asPlanned: { count: 11, remainderG: 173, remainder: 'small ball' },
      },
    ],
    remainderG: 7,
  });
  expect(text).toContain('12 × 243 g');
  expect(text).toContain('so it is used up; planned were 250 g');
  expect(text).toContain('Or 11 × 250 g and a small ball of 173 g');
  expect(text).toContain('7 g are left over.');
});

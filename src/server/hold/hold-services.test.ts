import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { FRIDAY_FORM, freshBatch, value } from '../../../tests/fixtures/services';
import { isAct, type ActOf } from '@/core/journal';
import { listBakes, openShopInMemory } from '@/data';
import { contextOver, type ShopContext } from '../context';
import { doStep } from '../hands/hands';
import { logLook } from '../hands/look';
import { takeBake } from '../bakes/new-bake';
import { ensureShop } from '../shop/new-shop';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';
import { tideView } from '../tide';
import { undoBatch } from '../journal/undo';
import { nextToHold } from './next-to-hold';
import { holdView } from './question';
import { risksOf } from '../odds/risks';
import { searchHold, type HoldSearch } from '@/shop/hold/search';
import { takeMove } from './take-move';

let nowMs = 0;
let context: ShopContext;
let bakeId: string;

beforeEach(() => {
  nowMs = Date.parse('2026-11-26T12:00:00+01:00');
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
  ({ bakeId } = value(takeBake(context, FRIDAY_FORM)));
});
afterEach(() => {
  delete process.env['OLVIK_WEATHER'];
});

const plan = () => loadShop(context).folded.plan;
const poolish = () => plan().find(({ act }) => isAct(act, 'make') && act.lotKind === 'poolish')!;
const mix = () => plan().find(({ act }) => isAct(act, 'make') && act.lotKind === 'dough')!;
const risks = () => {
  const state = loadShop(context);
  return risksOf(context, state, listBakes(context.db), forecastState(context, state));
};

/** The poolish made as planned; some hours later it is looked at. */
function seen(afterH: number, rise: number | null) {
  const step = poolish();
  const lotId = (step.act as ActOf<'make'>).lotId;
  nowMs = step.atMs;
  value(doStep(context, { stepId: step.stepId, batch: freshBatch() }));
  nowMs = step.atMs + afterH * 3_600_000;
  if (rise !== null) value(logLook(context, { lotId, batch: freshBatch(), rise }));
  return lotId;
}

function searched(): HoldSearch {
  const steps = searchHold(structuredClone(holdView(context, bakeId)!.facts));
  let step = steps.next();
  while (step.done !== true) step = steps.next();
  return step.value!;
}

test('a poolish on time is no risk; seen far behind it is one, with the minutes, and the Tide tells it', () => {
  const hours = (mix().atMs - poolish().atMs) / 3_600_000;
  const lotId = seen(hours * 0.75, null);
  expect(risks()).toEqual([]);
  value(logLook(context, { lotId, batch: freshBatch(), rise: 1.15 }));
  const [risk] = risks();
  expect(risk).toMatchObject({ bakeId, name: 'Friday', lotId });
  expect(risk!.behindMin).toBeGreaterThan(60);
  expect(tideView(context).risks).toHaveLength(1);
  expect(holdView(context, bakeId)).toMatchObject({
    mixAtMs: mix().atMs,
    noticeId: expect.any(String),
  });
});

test('a move that is taken changes the plan as one act, and undo puts it back', () => {
  const hours = (mix().atMs - poolish().atMs) / 3_600_000;
  seen(hours * 0.75, 3.1);
  const before = plan();
  const search = searched();
  const cooler = search.moves.find((one) => one.kind === 'other place')!;
  const { batch } = value(
    takeMove(context, { bakeId, batch: freshBatch(), changes: cooler.changes }),
  );
  expect(mix().atMs).toBe(cooler.mixAtMs);
  expect(plan().some(({ act }) => isAct(act, 'move') && act.placeId === cooler.placeId)).toBe(true);
  value(undoBatch(context, batch));
  expect(plan()).toEqual(before);
});

test('waves are lots of their own, and the Tide counts their balls as one service', () => {
  const hours = (mix().atMs - poolish().atMs) / 3_600_000;
  seen(hours * 0.75, null);
  const waves = searched().moves.find((one) => one.kind === 'waves');
  if (waves === undefined) throw new Error('no waves');
  value(takeMove(context, { bakeId, batch: freshBatch(), changes: waves.changes }));
  const divides = plan().filter(({ act }) => isAct(act, 'divide'));
  expect(divides.length).toBeGreaterThan(1);
  expect(divides.reduce((sum, { act }) => sum + (act as ActOf<'divide'>).count, 0)).toBe(40);
  expect(tideView(context).services).toMatchObject([{ name: 'Friday', wanted: 40 }]);
});

test('a half of the balls into the cold is two turns of one service, taken and taken back', () => {
  for (const step of plan()) {
    if (isAct(step.act, 'use')) break;
    nowMs = step.atMs;
    value(doStep(context, { stepId: step.stepId, batch: freshBatch() }));
  }
  nowMs += 10 * 60_000;
  const before = plan();
  const part = searched().moves.find(({ kind }) => kind === 'part in the cold')!;
  const { batch } = value(
    takeMove(context, { bakeId, batch: freshBatch(), changes: part.changes }),
  );
  const uses = plan().flatMap(({ act }) => (isAct(act, 'use') ? [act] : []));
  expect(uses.map(({ count }) => count)).toEqual([40 - part.count, part.count]);
  expect(tideView(context).services).toMatchObject([{ name: 'Friday', wanted: 40 }]);
  // Carried out, the part is a lot of its own that went into the fridge and came out again.
  const [split] = plan();
  value(doStep(context, { stepId: split!.stepId, batch: freshBatch() }));
  expect(plan()).toHaveLength(before.length + 2);
  value(undoBatch(context, batch));
});

test('of a bake that is over, or of none, there is nothing to hold', () => {
  expect(holdView(context, 'nobody')).toBeNull();
  expect(nextToHold(context)).toBe(bakeId);
  for (const step of plan()) {
    nowMs = step.atMs;
    value(doStep(context, { stepId: step.stepId, batch: freshBatch() }));
  }
  expect(holdView(context, bakeId)).toBeNull();
  expect(nextToHold(context)).toBeNull();
});

describe('weather from a file', () => {
  const file = path.join(mkdtempSync(path.join(tmpdir(), 'olvik air ')), 'air.csv');
  const written = (rows: readonly string[]) => {
    writeFileSync(file, ['at,tempC', ...rows].join('\n'));
    process.env['OLVIK_WEATHER'] = file;
  };
  const follow = (share: number) =>
    context.db.prepare("UPDATE place SET follows = ? WHERE id = 'bench'").run(share);

  test('warms what follows it, and a hot place is told with its hottest hour', () => {
    follow(0.5);
    written(['2026-11-26T11:00Z,20', '2026-11-27T13:00Z,35', '2026-11-28T11:00Z,20']);
    const [hot] = tideView(context).hot;
    expect(hot).toMatchObject({ placeId: 'bench', atMs: Date.parse('2026-11-27T13:00Z') });
    expect(hot!.tempC).toBeCloseTo(21 + 0.5 * 14, 0);
    follow(0);
    expect(tideView(context).hot).toEqual([]);
  });

  test('takes no warmth where it is colder than the room', () => {
    follow(1);
    const bestMs = () => {
      const { lots } = forecastState(context, loadShop(context));
      return lots.get((poolish().act as ActOf<'make'>).lotId)!.window.bestMs;
    };
    const before = bestMs();
    written(['2026-11-26T11:00Z,-10', '2026-11-28T11:00Z,-10']);
    expect(bestMs()).toBe(before);
  });

  test('that can not be read is told by its row, and nothing is made up for it', () => {
    follow(0.5);
    written(['2026-11-26T11:00Z,warm']);
    const view = tideView(context);
    expect(view.conflicts).toEqual([
      'Weather, row 2: “warm” is not possible. Allowed: -60 to 60 °C.',
    ]);
    expect(view.hot).toEqual([]);
    process.env['OLVIK_WEATHER'] = `${file}.gone`;
    expect(tideView(context).conflicts[0]).toContain('can not be read');
  });
});

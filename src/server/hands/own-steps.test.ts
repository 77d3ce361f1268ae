import { openShopInMemory, type Db } from '@/data';
import { foldJournal } from '@/core/journal';
import { listEntries } from '@/data';
import { contextOver } from '../context';
import { methodRows } from '../doughs/methods';
import { takeMethodBake } from '../doughs/take-method-bake';
import { handsList } from '../hands-list/hands-list';
import { logView } from '../log/log';
import { loadShop } from '../shop/load-shop';
import { ensureShop } from '../shop/new-shop';
import { tideView } from '../tide';
import { doStep } from './hands';
import { skipStep } from './skip-step';

let nowMs = Date.parse('2026-11-24T08:00:00+01:00');
let db: Db;
const context = () => ({ ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) });

beforeEach(() => {
  nowMs = Date.parse('2026-11-24T08:00:00+01:00');
  db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  const row = methodRows(context(), loadShop(context())).find((one) => one.id === 'start-straight');
  const { method } = row!;
  const mix = { ...method.mix, autolyse: { minutes: 600, placeId: 'fridge' } };
  const heat = { name: 'Heat the stone', from: 'service', afterMin: -90, handsMin: 2, work: null };
  const taken = takeMethodBake(context(), {
    ...{ name: 'Friday', versionId: null, mixAt: null, leavenAt: {} },
    ...{ readyFrom: '2026-11-27T18:00', readyTo: '2026-11-27T20:00' },
    method: { ...method, mix, moments: [heat] },
  });
  if (!taken.ok) throw new Error(JSON.stringify(taken.refusals));
});

const plan = () => foldJournal(listEntries(db)).plan;
const step = (kind: string) => plan().find(({ act }) => act.kind === kind)!;

test('a soak and a moment of one’s own are done like any step, and the Log says so', () => {
  for (const kind of ['soak', 'make', 'divide', 'do']) {
    const one = step(kind);
    nowMs = one.atMs;
    const outcome = doStep(context(), { stepId: one.stepId, batch: `batch-${kind}-1` });
    expect(outcome).toMatchObject({ ok: true });
    expect(plan().some(({ stepId }) => stepId === one.stepId)).toBe(false);
  }
  const said = JSON.stringify(logView(context()));
  expect(said).toContain('Soaked flour and water of Friday dough');
  expect(said).toContain('Did: Heat the stone');
});

test('both stand on the Tide and the hands’ list with their hour, grams and place', () => {
  const tide = tideView(context()).moments;
  const list = handsList(context()).moments;
  for (const title of ['Soak flour of Friday dough', 'Heat the stone']) {
    const moment = tide.find((one) => one.title === title)!;
    expect(list.find((one) => one.title === title)?.atMs).toBe(moment.plannedMs);
  }
  const soak = tide.find((one) => one.title.startsWith('Soak'))!;
  expect(soak.lines.map((line) => line.label)).toEqual(['Strong bread flour', 'Water']);
  expect(soak.placeId).toBe('fridge');
});

test('a moment is skipped without touching the dough', () => {
  const before = plan().length;
  const { stepId } = step('do');
  const form = { stepId, batch: 'batch-skip-1', reason: 'not needed' };
  expect(skipStep(context(), form)).toMatchObject({ ok: true });
  expect(plan()).toHaveLength(before - 1);
});

import { sentences, value } from '../../../tests/fixtures/services';
import { foldJournal } from '@/core/journal';
import { toLocalText } from '@/core/units';
import { listEntries, listFlours, listPlaces, openShopInMemory, saveDemoClock } from '@/data';
import { contextOver, type ShopContext } from '../context';
import { demoShop } from '../../../tests/demo-shop';
import { learnedView, resetLearned, undoReset } from '../learned/learned';
import { ensureShop } from './new-shop';
import { changeShop, setDemoRate } from './shop';
import { changePlace } from './place';
import { loadShop } from './load-shop';
import { tideView } from '../tide';

const ZONE = 'Europe/Oslo';
const nowMs = Date.parse('2026-11-26T12:00:00+01:00');
let context: ShopContext;
beforeEach(() => {
  const db = openShopInMemory();
  ensureShop(db, ZONE);
  context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
});

describe('the shop', () => {
  test('a place keeps its past; the answer is what it was', () => {
    const { before } = value(
      changePlace(context, { id: 'bench', name: 'Bench', capacityL: '50', tempC: '24,5' }),
    );
    expect(before).toMatchObject({ tempC: 21, capacityL: 60 });
    expect(listPlaces(context.db)[0]?.settings.at(-1)).toMatchObject({
      fromMs: nowMs,
      tempC: 24.5,
    });
    expect(
      sentences(changePlace(context, { name: 'Bench', capacityL: 10, tempC: 20 }))[0],
    ).toContain('“Bench” already');
    expect(
      sentences(changePlace(context, { id: 'bench', name: 'Bench', capacityL: 10, tempC: 400 })),
    ).toEqual(['Temperature: 400 °C is not possible. Allowed: −30 to 45 °C.']);
  });

  test('its language is chosen; what a new shop was given is named in it, what the baker named stays', () => {
    const names = () => listPlaces(context.db).map((place) => place.name);
    value(changePlace(context, { id: 'fridge', name: 'Cave', capacityL: 40, tempC: 4 }));
    try {
      expect(value(changeShop(context, { language: 'it' })).before?.language).toBe('en');
      expect(names()).toEqual(['Banco', 'Cave']);
      expect(listFlours(context.db).map((flour) => flour.name)).toContain('Farina di forza');
      expect(sentences(changePlace(context, { name: '', capacityL: 10, tempC: 20 }))[0]).toMatch(
        /^Posto: serve un nome/,
      );
      value(changeShop(context, { language: 'de' }));
      expect(names()).toEqual(['Tisch', 'Cave']);
      expect(sentences(changeShop(context, { language: 'xx' }))).not.toEqual([]);
    } finally {
      value(changeShop(context, { language: 'en' }));
    }
    expect(names()).toEqual(['Bench', 'Cave']);
  });

  test('settings are checked by name', () => {
    const { shop } = loadShop(context);
    expect(value(changeShop(context, { ...shop, name: 'Slip Four' })).before?.name).toBe(
      'My bakery',
    );
    expect(sentences(changeShop(context, { ...shop, timeZone: 'Moon/Sea' }))[0]).toContain(
      '“Moon/Sea” is not known',
    );
    expect(sentences(changeShop(context, { ...shop, scaleStepG: 0 }))[0]).toContain('Scale step');
  });

  test('only the demo’s clock can be sped up', () => {
    expect(sentences(setDemoRate(context, 10))[0]).toContain('only the demo');
    saveDemoClock(context.db, { realMs: 0, demoMs: 0, rate: 1 });
    const demo = { ...context, clock: () => ({ nowMs, rate: 1, demo: true }) };
    expect(value(setDemoRate(demo, 60)).rate).toBe(60);
    expect(sentences(setDemoRate(demo, 7))[0]).toContain('×1, ×10, ×60');
  });
});

describe('the demo shop', () => {
  test('stands on its busy Friday with leavens of every kind, no conflict and steps to come', () => {
    const { startMs, context: demo } = demoShop();
    expect(toLocalText(startMs, ZONE)).toBe('2026-11-27T06:10');
    const view = tideView(demo);
    expect(view.conflicts).toEqual([]);
    const kinds = new Set(view.strands.map((strand) => strand.kind));
    for (const kind of ['starter', 'stiff starter', 'poolish', 'biga', 'carry-over', 'balls'])
      expect(kinds).toContain(kind);
    expect(
      view.services.filter((service) => service.fromMs > startMs).length,
    ).toBeGreaterThanOrEqual(4);
    const firstDone = foldJournal(listEntries(demo.db)).done[0]!;
    expect((startMs - firstDone.atMs) / 86_400_000).toBeGreaterThan(20);
  });

  test('has learned from three weeks of looks: its starter is slower, forecasts got nearer, and it can be reset', () => {
    const { context: demo } = demoShop();
    const grusa = () => learnedView(demo).rows.find((row) => row.key === 'grusa');
    const before = grusa()!;
    expect(before.name).toBe('Grusa');
    expect(before.value).toBeLessThan(0.95);
    expect(before.high).toBeLessThan(1.1);
    expect(before.count).toBe(4);
    expect(before.learnedError!).toBeLessThan(before.bookError!);
    value(resetLearned(demo, 'grusa'));
    expect(grusa()).toBeUndefined();
    value(undoReset(demo, 'grusa'));
    expect(grusa()).toEqual(before);
    expect(sentences(resetLearned(demo, 'nobody'))[0]).toContain('“nobody”');
  });
});

import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import fc from 'fast-check';
import { demoShop } from '../../../tests/demo-shop';
import { freshBatch, value } from '../../../tests/fixtures/services';
import { isAct, lotMadeBy, lotsTouchedBy, traceDay } from '@/core/journal';
import { openSack } from '../shop/flour-lots';
import { loadShop } from '../shop/load-shop';
import { dayTraceView } from './day-trace';
import { dayTracePdf, dayTraceTable } from './day-trace-paper';

const { context } = demoShop();
const { folded } = loadShop(context);
const DAY_MS = 86_400_000;
const DAY = '2026-11-26';
const span = { fromMs: Date.parse(`${DAY}T00:00:00+01:00`), toMs: 0 };
span.toMs = span.fromMs + DAY_MS;
const within = (atMs: number) => atMs >= span.fromMs && atMs < span.toMs;

test('every pizza of a day is told once, with the lots it came of, back to what was weighed', () => {
  const view = dayTraceView(context, DAY);
  const uses = folded.done.flatMap(({ act, atMs }) =>
    isAct(act, 'use') && within(atMs) ? [act] : [],
  );
  expect(uses.length).toBeGreaterThan(0);
  expect(view.sold.reduce((sum, one) => sum + one.balls, 0)).toBe(
    uses.reduce((sum, act) => sum + act.count, 0),
  );
  const told = new Map(view.back.map((lot) => [lot.lotId, lot]));
  for (const { lotId } of uses) {
    const dough = told.get(told.get(lotId)!.from[0]!)!;
    expect(dough.kind).toBe('dough');
    expect(dough.weighed.some((one) => /flour/i.test(one.name))).toBe(true);
    for (const leavenId of dough.from) expect(told.has(leavenId)).toBe(true);
  }
});

test('what was made on a day is followed to every lot that came of it, and to where it was sold', () => {
  const { on, soldLater } = dayTraceView(context, DAY);
  const made = folded.done.flatMap(({ act, atMs }) => {
    const lotId = lotMadeBy(act);
    return lotId !== null && within(atMs) ? [lotId] : [];
  });
  const told = new Set(on.map((lot) => lot.lotId));
  for (const lotId of made) expect(told).toContain(lotId);
  for (const { act } of folded.done) {
    const lotId = lotMadeBy(act);
    if (lotId === null) continue;
    const descends = lotsTouchedBy(act).some((one) => one !== lotId && told.has(one));
    if (descends) expect(told).toContain(lotId);
  }
  for (const sale of soldLater) for (const lotId of sale.lotIds) expect(told).toContain(lotId);
});

test('a sack that was open is named with the flour; one opened later is not', () => {
  const flourId = folded.done.flatMap(({ act, atMs }) =>
    isAct(act, 'make') && within(atMs) && act.lotKind === 'dough' ? act.ingredients : [],
  )[0]!.ingredientId;
  const before = dayTraceView(context, DAY).on.flatMap((lot) => lot.weighed);
  value(openSack(context, { flourId, code: 'LATE-7' }));
  const after = dayTraceView(context, DAY).on.flatMap((lot) => lot.weighed);
  expect(after).toEqual(before);
  expect(JSON.stringify(after)).not.toContain('LATE-7');
});

test('a day to come, or no day, is told as such and today is shown; the neighbours are days', () => {
  const today = dayTraceView(context, undefined);
  expect([today.day, today.after, today.remark]).toEqual(['2026-11-27', null, null]);
  for (const asked of ['2031-01-01', 'yesterday', '2026-02-30', '']) {
    const view = dayTraceView(context, asked);
    expect(view.day).toBe('2026-11-27');
    expect(view.remark).toContain(`“${asked}”`);
  }
  expect(dayTraceView(context, '2026-10-25').before).toBe('2026-10-24');
  expect(dayTraceView(context, '2026-10-25').after).toBe('2026-10-26');
});

test('the paper and the table tell the same lots', async () => {
  const view = dayTraceView(context, DAY);
  const folder = mkdtempSync(path.join(tmpdir(), 'olvik-trace-'));
  const file = path.join(folder, 'trace.pdf');
  writeFileSync(file, await dayTracePdf(view));
  const text = execFileSync(process.execPath, ['tests/pdf-text.mjs', file], { encoding: 'utf8' });
  rmSync(folder, { recursive: true });
  const codes = new Set([...dayTraceTable(view).rows].map((row) => row[2]));
  expect(text).toContain(`trace of ${DAY}`);
  for (const lot of [...view.back, ...view.on]) {
    expect(text).toContain(lot.lotId);
    expect(codes).toContain(lot.lotId);
  }
});

test('in any line of lots, what a day sold is found back and what it made is found on', () => {
  const batch = freshBatch();
  const links = fc.array(
    fc.record({ from: fc.nat({ max: 30 }), day: fc.nat({ max: 6 }), sold: fc.boolean() }),
    { minLength: 1, maxLength: 30 },
  );
  fc.assert(
    fc.property(links, fc.nat({ max: 6 }), (all, day) => {
      let atMs = 0;
      const parents: string[][] = [];
      const done = all.flatMap(({ from, day: made, sold }, i) => {
        atMs = Math.max(atMs + 1, made * DAY_MS);
        const mother = i > 0 ? [`L${from % i}`] : [];
        parents.push(mother);
        const base = { entryId: `e${i}`, by: null, bakeId: 'b', fulfils: null, batch };
        const make = {
          kind: 'make' as const,
          lotId: `L${i}`,
          lotKind: 'dough' as const,
          name: `lot ${i}`,
          ingredients: [{ ingredientId: 'flour', massG: 100 }],
          portions: mother.map((lotId) => ({ lotId, massG: 1 })),
          placeId: 'bench',
          startC: 20,
          gasKept: 0,
        };
        const use = { kind: 'use' as const, lotId: `L${i}`, count: 1, untilMs: atMs };
        return [
          { ...base, atMs, act: make },
          ...(sold ? [{ ...base, entryId: `u${i}`, atMs, act: use }] : []),
        ];
      });
      const trace = traceDay(done, { fromMs: day * DAY_MS, toMs: (day + 1) * DAY_MS });
      const found = new Set([...trace.back.map((lot) => lot.lotId), ...trace.older]);
      for (const { lotId } of trace.sold) {
        for (let id: string | undefined = lotId; id !== undefined;) {
          expect(found).toContain(id);
          id = parents[Number(id.slice(1))]![0];
        }
      }
      const on = new Set(trace.on.map((lot) => lot.lotId));
      parents.forEach((mothers, i) => {
        if (mothers.some((one) => on.has(one))) expect(on).toContain(`L${i}`);
      });
    }),
    { numRuns: 200 },
  );
});

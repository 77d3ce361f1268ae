import { openShopInMemory } from '@/data';
import { choiceOutcomes, practiceRound } from '@/core/practice';
import { sentences, value } from '../../../tests/fixtures/services';
import { contextOver } from '../context';
import { learnedView } from '../learned/learned';
import { ensureShop } from '../shop/new-shop';
import { loadShop } from '../shop/load-shop';
import { logPractice, practiceView } from './practice';
import { startDough, wholeDough } from '@/shop/practice/whole-dough';
import { wholeDoughView } from './whole-dough-view';

const shop = () => {
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  return contextOver(db);
};

test('three right jars make it harder; the next jar is another one', () => {
  const context = shop();
  const seeds = new Set<number>();
  for (let i = 0; i < 3; i += 1) {
    const { seed, level } = practiceView(context);
    expect(level).toBe(1);
    seeds.add(seed);
    const { truth, bestInH } = practiceRound(seed, level);
    const [best] = choiceOutcomes(practiceRound(seed, level));
    const form = { seed, level, judgement: truth, bestInH, choice: best!.choice };
    expect(value(logPractice(context, form)).points).toBe(100);
  }
  expect(seeds.size).toBe(3);
  expect(practiceView(context).level).toBe(2);
  expect(practiceView(context).rounds.map((one) => one.points)).toEqual([100, 100, 100]);
});

test('practice teaches the shop nothing', () => {
  const context = shop();
  logPractice(context, { seed: 5, level: 2, judgement: 'late', bestInH: null });
  expect(learnedView(context).rows).toEqual([]);
});

test('what is no judgement is refused', () => {
  const context = shop();
  expect(
    sentences(logPractice(context, { seed: 5, level: 9, judgement: 'late', bestInH: 1 })),
  ).toHaveLength(1);
  expect(
    sentences(logPractice(context, { seed: 5, level: 1, judgement: 'maybe', bestInH: 1 })),
  ).toHaveLength(1);
  expect(practiceView(context).rounds).toEqual([]);
});

test('a whole dough begins with what the shop has, is run with deeds in hotter rooms, and stores nothing', () => {
  const context = shop();
  const { methods, facts } = wholeDoughView(context);
  const { method } = methods.find((one) => one.key === 'start-poolish-two-days')!;
  const start = startDough({ method, facts });
  if (start.kind !== 'start') throw new Error(start.because);
  const { steps } = start;
  expect(start.toMs).toBeGreaterThan(start.fromMs);
  const run = (warmerC: number) => wholeDough({ facts, warmerC, steps, deeds: [] });
  const [usual, hot] = [run(0), run(7)];
  expect(hot.asPlanned.leavens).toEqual(usual.asPlanned.leavens);
  expect(usual.run.leavens).toEqual(usual.asPlanned.leavens);
  expect(hot.run.leavens[0]!.offBestMin!).toBeGreaterThan(usual.run.leavens[0]!.offBestMin! + 30);
  expect(loadShop(context).folded.plan).toEqual([]);
});

import { openShopInMemory } from '@/data';
import { contextOver } from '../context';
import { asideOf } from './aside';
import { askThread } from './thread';
import type { HoldFacts } from '@/shop/hold/facts';

jest.mock('./thread', () => ({ askThread: jest.fn() }));

const question = (bakeId: string) => ({ bakeId }) as HoldFacts;

interface Asked {
  readonly bakeId: string;
  readonly answer: () => Promise<void>;
  readonly fail: () => Promise<void>;
}
let asked: Asked[] = [];
const soon = () => new Promise<void>((resolve) => setImmediate(resolve));

beforeEach(() => {
  asked = [];
  jest.mocked(askThread).mockImplementation(({ bakeId }) => {
    return new Promise((done, failed) => {
      asked.push({
        bakeId,
        answer: () => (done(null), soon()),
        fail: () => (failed(new Error('The thread ended with 1.')), soon()),
      });
    });
  });
});

function newAside() {
  const aside = asideOf({ ...contextOver(openShopInMemory()), worksAside: true });
  const told: string[] = [];
  const ask = (name: string, dueMs: number, bakeId = name) =>
    aside.ask({ name, dueMs, question: question(bakeId), answered: () => told.push(bakeId) });
  return { aside, told, ask };
}

test('one question at a time goes to the thread, what is due first before what is due later', async () => {
  const { aside, told, ask } = newAside();
  ask('now', 1);
  ask('late', 9);
  ask('soon', 2);
  expect(asked.map((one) => one.bakeId)).toEqual(['now']);
  await asked[0]!.answer();
  expect(asked.map((one) => one.bakeId)).toEqual(['now', 'soon']);
  await asked[1]!.answer();
  await asked[2]!.answer();
  expect(told).toEqual(['now', 'soon', 'late']);
  expect(aside.done()).toBe(3);
});

test('what is asked anew while it is worked out is told by the newer answer alone', async () => {
  const { aside, told, ask } = newAside();
  ask('friday', 1, 'as it was');
  ask('friday', 1, 'as it is');
  await asked[0]!.answer();
  expect(told).toEqual([]);
  expect(aside.done()).toBe(0);
  await asked[1]!.answer();
  expect(told).toEqual(['as it is']);
  expect(aside.done()).toBe(1);
});

test('a fault of one question does not keep the next from being asked', async () => {
  const { told, ask } = newAside();
  ask('a', 1);
  ask('b', 2);
  await asked[0]!.fail();
  await asked[1]!.answer();
  expect(told).toEqual(['a', 'b']);
});

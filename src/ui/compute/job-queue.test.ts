import { JobQueue, type JobWord, type Steps } from './job-queue';

/** A queue whose breaths are taken by hand, with what it said. */
function handQueue(refusal: (error: unknown) => string = String) {
  const words: JobWord[] = [];
  const breaths: (() => void)[] = [];
  const queue = new JobQueue({
    say: (word) => words.push(word),
    breathe: () => new Promise((resolve) => breaths.push(resolve)),
    refusal,
  });
  const breathe = async (times = 1) => {
    for (let i = 0; i < times; i += 1) {
      breaths.shift()?.();
      await Promise.resolve();
      await Promise.resolve();
      await Promise.resolve();
    }
  };
  return { queue, words, breathe };
}

function* counting(upTo: number): Steps<string> {
  for (let i = 1; i <= upTo; i += 1) yield i / (upTo + 1);
  return `counted to ${upTo}`;
}

test('says progress at every step, then the answer', async () => {
  const { queue, words, breathe } = handQueue();
  queue.push({ id: 1, steps: () => counting(2) });
  await breathe(4);
  expect(words).toEqual([
    { id: 1, kind: 'progress', share: 1 / 3 },
    { id: 1, kind: 'progress', share: 2 / 3 },
    { id: 1, kind: 'answer', value: 'counted to 2' },
  ]);
});

test('jobs take turns: a short one is answered while a long one goes on', async () => {
  const { queue, words, breathe } = handQueue();
  queue.push({ id: 1, steps: () => counting(2) });
  queue.push({ id: 2, steps: () => counting(0) });
  await breathe(6);
  expect(words.map((word) => `${word.id} ${word.kind}`)).toEqual([
    '1 progress',
    '2 answer',
    '1 progress',
    '1 answer',
  ]);
});

test('a job that waits is dropped without a word', async () => {
  const { queue, words, breathe } = handQueue();
  queue.push({ id: 1, steps: () => counting(1) });
  queue.push({ id: 2, steps: () => counting(0) });
  queue.cancel(2);
  await breathe(6);
  expect(words.some((word) => word.id === 2)).toBe(false);
});

test('a job under way stops at its next step, and the others go on', async () => {
  const { queue, words, breathe } = handQueue();
  queue.push({ id: 1, steps: () => counting(1000) });
  queue.push({ id: 2, steps: () => counting(3) });
  await breathe(3);
  queue.cancel(1);
  const said = words.filter((word) => word.id === 1).length;
  await breathe(8);
  expect(words.filter((word) => word.id === 1)).toHaveLength(said);
  expect(words.at(-1)).toEqual({ id: 2, kind: 'answer', value: 'counted to 3' });
});

test('what the core refuses is said in its sentence, and the queue goes on', async () => {
  const { queue, words, breathe } = handQueue((error) => (error as Error).message);
  queue.push({
    id: 1,
    steps: () => {
      throw new Error('Dose: 200 % is not possible.');
    },
  });
  queue.push({ id: 2, steps: () => counting(0) });
  await breathe(5);
  expect(words).toEqual([
    { id: 1, kind: 'refused', sentence: 'Dose: 200 % is not possible.' },
    { id: 2, kind: 'answer', value: 'counted to 0' },
  ]);
});

test('a number of no job is ignored', async () => {
  const { queue, words, breathe } = handQueue();
  queue.cancel(9);
  queue.push({ id: 9, steps: () => counting(0) });
  await breathe(3);
  expect(words).toHaveLength(1);
});

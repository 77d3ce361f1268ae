import { FetchingPrinter } from './fetching-printer';
import type { LabelJob } from './label-printer';

const job: LabelJob = { lotId: 'X', size: 's', copies: 2, pdf: new Uint8Array([1]) };

function made(printsInMs = 1_000) {
  let nowMs = 0;
  let n = 0;
  const printer = new FetchingPrinter(
    'Roll',
    () => nowMs,
    () => `job-${(n += 1)}`,
    printsInMs,
  );
  return { printer, go: (ms: number) => (nowMs += ms) };
}

test('a job waits for the printer, comes again until it is answered, and is printed once', async () => {
  const { printer } = made();
  expect(printer.next()).toBeNull();
  const answer = printer.print(job);
  const first = printer.next();
  expect(first).toMatchObject({ id: 'job-1', job });
  expect(printer.next()?.id).toBe('job-1');
  expect(printer.tell('job-1', { kind: 'printed' })).toBe(true);
  await expect(answer).resolves.toEqual({ kind: 'printed' });
  expect(printer.next()).toBeNull();
  expect(printer.tell('job-1', { kind: 'printed' })).toBe(false);
});

test('a printer that is away refuses at once; back again it prints', async () => {
  const { printer, go } = made();
  await expect(printer.print(job)).resolves.toMatchObject({ kind: 'refused' });
  printer.next();
  go(31_000);
  await expect(printer.print(job)).resolves.toMatchObject({ kind: 'refused' });
  printer.next();
  const answer = printer.print(job);
  printer.tell(printer.next()!.id, { kind: 'refused', because: 'the roll is empty' });
  await expect(answer).resolves.toEqual({ kind: 'refused', because: 'the roll is empty' });
});

test('what it fetched and did not confirm is taken back', async () => {
  const { printer } = made(20);
  printer.next();
  await expect(printer.print(job)).resolves.toMatchObject({ kind: 'refused' });
  expect(printer.next()).toBeNull();
});

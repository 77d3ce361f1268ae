import fc from 'fast-check';
import { everyViewAnswers, oddHistory } from './fixtures/odd-history';

describe('whatever can be stored, every view answers', () => {
  test('random histories with hostile amounts, temperatures, times and orders', () => {
    expect.hasAssertions();
    fc.assert(
      fc.property(oddHistory, (history) => {
        expect(() => everyViewAnswers(history)).not.toThrow();
      }),
      { numRuns: Number(process.env['OLVIK_RUNS'] ?? 25) },
    );
  });
});

import fc from 'fast-check';
import { everyViewAnswers, oddHistory } from '../../../tests/fixtures/odd-history';
import { triesOf, type Bounds, type Figure } from './figures';

const WHOLE = 1000;
/** Drawn at once: what stands between two looks at the clock. */
const PAGE = 20;

/** Histories that can be stored and nobody means, by the thousand: every view answers. */
export function histories(bounds: Bounds): Figure {
  const wrong: string[] = [];
  const tries = triesOf(bounds, WHOLE);
  let tried = 0;
  while (tried < tries && Date.now() < bounds.untilMs) {
    const numRuns = Math.min(PAGE, tries - tried);
    for (const history of fc.sample(oddHistory, { numRuns, seed: bounds.seed + tried })) {
      tried += 1;
      try {
        everyViewAnswers(history);
      } catch (error) {
        wrong.push(String(error));
      }
    }
  }
  return { what: 'odd histories', tried, wrong, beside: 'every view and file of each' };
}

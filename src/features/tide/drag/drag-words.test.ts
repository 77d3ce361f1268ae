import { demoShop } from '../../../../tests/demo-shop';
import { coldPlaceIds } from '@/shop/tide/strands';
import { movedShop } from '@/shop/moves/moved-shop';
import { readMoveFacts } from '@/server/hands/move-facts';
import { tideView } from '@/server/tide';
import { conflictWords, dragWords, snapsOf } from './drag-words';

const { context } = demoShop();
const view = tideView(context);
const facts = readMoveFacts(context);
const planned = view.moments.filter((one) => one.tense === 'planned');
const mix = planned.find((one) => one.glyph === 'mix')!;
const cold = [...coldPlaceIds(view.bands)];
test('a mix catches on the best of its leaven first, then on the ends of its window; a feed on nothing', () => {
  const leaven = view.strands.find((strand) => strand.becomes.includes(mix.lotId!))!;
  const [best, opens, closes] = snapsOf(mix, view);
  expect(Math.abs(best! - leaven.window.bestMs!)).toBeLessThanOrEqual(30_000);
  expect(opens!).toBeLessThan(best!);
  expect(closes === undefined || closes > best!).toBe(true);
  expect(dragWords({ moment: mix, atMs: best! }, view)).toContain('ripe ✓ at best');
  expect(
    snapsOf(
      planned.find((one) => one.glyph === 'feed')!,
      view,
    ),
  ).toEqual([]);
});

test('what stands breaks nothing new; at night nobody is in, and that is said with its number', () => {
  const saturday = Date.parse('2026-11-28T00:00:00+01:00');
  const later = planned.find((one) => /poolish/i.test(one.title) && one.atMs > saturday)!;
  const movedTo = (atMs: number) =>
    movedShop({ facts, stepId: later.ref, atMs, coldPlaceIds: cold });
  expect(movedTo(later.atMs).conflicts).toEqual([]);
  const { conflicts, refusal } = movedTo(saturday + 4 * 3_600_000);
  expect(refusal).toBeNull();
  expect(conflicts.map((one) => one.kind)).toContain('nobody in');
  const [first] = conflictWords(conflicts, view.units.timeZone);
  expect(first).toMatch(/^\d conflicts?: nobody in at Sat 0[45]:\d\d$/);
});

test('the words name two conflicts and count the rest', () => {
  const one = {
    key: 'k',
    kind: 'mixer taken' as const,
    subject: 'mixer',
    atMs: mix.atMs,
    untilMs: mix.atMs,
    wanted: 2,
    there: 1,
    others: [],
  };
  expect(conflictWords([], 'UTC')).toEqual([]);
  expect(conflictWords([one], 'UTC')).toHaveLength(1);
  const four = conflictWords([one, one, one, one], 'UTC');
  expect(four[0]).toMatch(/^4 conflicts: the mixer is taken/);
  expect(four.at(-1)).toBe('and 2 more');
});

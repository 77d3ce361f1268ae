import type { Entry } from '@/core/journal';
import { speak } from '@/words/all-languages';
import { bodySays, plannedSays } from './entry-words';

const NAMES: Readonly<Record<string, string>> = { b1: 'Quay balls', g: 'Grusa', bench: 'Bench' };
const name = (id: string) => NAMES[id] ?? id;
const body = (kind: string, rest: object) => ({ kind, ...rest }) as unknown as Entry['body'];

const DONE_AND_TO_COME = [
  ['make', { name: 'Quay dough' }, 'Made Quay dough', 'make Quay dough'],
  [
    'divide',
    { count: 24, ballG: 250, name: 'Quay balls' },
    'Balled 24 × 250 g, Quay balls',
    'ball 24 × 250 g, Quay balls',
  ],
  [
    'split',
    { massG: 100.4, lotId: 'g', name: 'Grusa, kept' },
    'Took 100 g of Grusa as Grusa, kept',
    'take 100 g of Grusa as Grusa, kept',
  ],
  ['use', { count: 24, lotId: 'b1' }, 'Baked 24, Quay balls', 'bake 24, Quay balls'],
  ['move', { lotId: 'b1' }, 'Moved Quay balls', 'move Quay balls'],
  ['add', { lotId: 'g' }, 'Added to Grusa', 'add to Grusa'],
  ['discard', { massG: 80, lotId: 'g' }, 'Discarded 80 g of Grusa', 'discard 80 g of Grusa'],
  ['light', { oven: 'the oven' }, 'Lit the oven', 'light the oven'],
  ['do', { what: 'Heat the oven' }, 'Did: Heat the oven', 'Heat the oven'],
  ['soak', { name: 'Quay' }, 'Soaked flour and water of Quay', 'soak flour and water of Quay'],
] as const;

test.each(DONE_AND_TO_COME)(
  '%s: what was done, and what is planned',
  (kind, rest, done, toCome) => {
    expect(bodySays(body(kind, rest), name)).toBe(done);
    expect(plannedSays(body(kind, rest), name)).toBe(`Planned: ${toCome}`);
  },
);

test('words about plans themselves stay as they are', () => {
  for (const [kind, says] of [
    ['replace', 'Moved planned steps'],
    ['withdraw', 'Withdrew planned steps'],
    ['strike', 'Took back an entry'],
  ] as const) {
    expect(plannedSays(body(kind, {}), name)).toBe(says);
  }
});

test('a reason that was chosen is said in the language of the shop, one that was typed as it was', () => {
  const skipped = (reason: string) => bodySays(body('withdraw', { reason }), name);
  expect(skipped('no time')).toBe('Skipped a step: no time');
  speak('it');
  try {
    expect(skipped('no time')).toBe('Saltato un passo: manca il tempo');
    expect(skipped('forno rotto')).toBe('Saltato un passo: forno rotto');
    expect(plannedSays(body('move', { lotId: 'b1' }), name)).toBe(
      'Pianificato: spostare Quay balls',
    );
    expect(
      bodySays(
        body('look', { lotId: 'g', signs: { rise: 2.4, dome: 'domed', float: 'floats' } }),
        name,
      ),
    ).toBe('Guardato Grusa: ×2,4, bombata, galleggia');
  } finally {
    speak('en');
  }
});

import { tr, trOf, word } from '@/words/tr';
import { z } from '../parse';

/** One way of doing a thing, and when it is used. */
export interface School {
  readonly id: string;
  readonly name: string;
  readonly when: string;
}

const way = <Id extends string>(id: Id, name: string, when: string) => ({
  id,
  get name() {
    return trOf(name);
  },
  get when() {
    return trOf(when);
  },
});

/** The questions on which bakers differ, with their answers. Source: the trade’s main schools; none is an error. */
export const SCHOOLS = {
  salt: [
    way(
      'with the flour',
      word('with the flour'),
      word('one thing less to forget; tightens the dough early'),
    ),
    way(
      'after a rest',
      word('after a rest'),
      word('the flour drinks first: easier mixing, the usual way'),
    ),
    way(
      'in the last water',
      word('dissolved in the last water'),
      word('wet doughs, where the water goes in by portions'),
    ),
  ],
  yeast: [
    way(
      'dissolved',
      word('dissolved in the water'),
      word('fresh yeast and tiny doses: evenly spread'),
    ),
    way('dry in the flour', word('dry in the flour'), word('instant yeast; wakes a little later')),
    way(
      'bloomed',
      word('bloomed with a little sugar or honey'),
      word('active dry yeast, or one whose age is not known'),
    ),
  ],
  water: [
    way('all at once', word('all at once'), word('up to about 65 % water, by machine or by hand')),
    way(
      'part held back',
      word('part held back'),
      word('wet doughs and flours one does not know yet'),
    ),
    way('ice cold', word('ice cold for the mixer'), word('hot rooms and long mixing')),
    way('warm', word('warm, by hand'), word('cold rooms and short hand mixing')),
  ],
  cold: [
    way('none', word('no cold'), word('same day: all of it at room')),
    way('at once', word('cold at once'), word('two days and more: slow and safe')),
    way(
      'after a start',
      word('cold after 30–60 min at room'),
      word('overnight: it starts, then sleeps'),
    ),
    way(
      'when nearly ripe',
      word('room until nearly ripe, then cold'),
      word('to hold a ripe dough for the service'),
    ),
    way(
      'then warm',
      word('cold first, then hours at room'),
      word('flavour from the cold, life from the room'),
    ),
  ],
  coldWhere: [
    way('nowhere', word('nowhere'), word('no cold time')),
    way('leaven', word('in the pre-ferment'), word('the dough itself is quick')),
    way('bulk', word('in bulk'), word('little room in the fridge; evenest')),
    way('balls', word('in balls'), word('ready to temper box by box through a service')),
  ],
  readiness: [
    way(
      'rise and smell',
      word('rise, dome and smell together'),
      word('the usual way; the clock is a forecast only'),
    ),
    way('clock', word('by the clock'), word('a room that never changes')),
    way('rise', word('by rise'), word('clear vessels with a mark')),
    way('float', word('by float'), word('liquid levains')),
    way('poke', word('by poke'), word('balls in a box')),
  ],
  dividing: [
    way('to the gram', word('to the gram'), word('every pizza the same')),
    way('by eye', word('by eye'), word('practised hands in a hurry')),
  ],
  box: [
    way('floured', word('floured'), word('dry handling, quick opening')),
    way('oiled', word('oiled'), word('wet doughs and trays')),
  ],
  waste: [
    way('build what is needed', word('build only what is needed'), word('next to no discard')),
    way('collected', word('discard collected and baked'), word('a jar that is used up')),
    way('thrown away', word('discard thrown away'), word('rarely baked cultures')),
  ],
} as const satisfies Readonly<Record<string, readonly School[]>>;

/** The questions in the order the hands meet them, as they are asked. */
export const SCHOOL_QUESTIONS: Readonly<Record<keyof typeof SCHOOLS, string>> = {
  get salt() {
    return tr`Salt`;
  },
  get yeast() {
    return tr`Yeast`;
  },
  get water() {
    return tr`Water`;
  },
  get cold() {
    return tr`Cold`;
  },
  get coldWhere() {
    return tr`The cold time is`;
  },
  get readiness() {
    return tr`Ready by`;
  },
  get dividing() {
    return tr`Divided`;
  },
  get box() {
    return tr`Box`;
  },
  get waste() {
    return tr`What is left of a culture`;
  },
};

const oneOf = <K extends keyof typeof SCHOOLS>(question: K) =>
  z.enum(
    SCHOOLS[question].map((one) => one.id) as unknown as readonly [
      (typeof SCHOOLS)[K][number]['id'],
      ...(typeof SCHOOLS)[K][number]['id'][],
    ],
  );

/** The schools a method follows. */
export const schoolsSchema = z.object({
  salt: oneOf('salt'),
  yeast: oneOf('yeast'),
  water: oneOf('water'),
  cold: oneOf('cold'),
  coldWhere: oneOf('coldWhere'),
  readiness: oneOf('readiness'),
  dividing: oneOf('dividing'),
  box: oneOf('box'),
  waste: oneOf('waste'),
});
export type Schools = z.infer<typeof schoolsSchema>;

/** What is taken where nothing was chosen: salt after a short rest, water at once, readiness by rise and smell. */
export const USUAL_SCHOOLS: Schools = {
  salt: 'after a rest',
  yeast: 'dissolved',
  water: 'all at once',
  cold: 'none',
  coldWhere: 'nowhere',
  readiness: 'rise and smell',
  dividing: 'to the gram',
  box: 'floured',
  waste: 'build what is needed',
};

/** When a chosen school is used, in one line. */
export function schoolSays<K extends keyof typeof SCHOOLS>(question: K, id: string): string {
  return SCHOOLS[question].find((one) => one.id === id)?.when ?? '';
}

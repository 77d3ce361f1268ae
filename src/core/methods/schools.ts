import { z } from '../parse';

/** One way of doing a thing, and when it is used. */
export interface School {
  readonly id: string;
  readonly name: string;
  readonly when: string;
}

/** The questions on which bakers differ, with their answers. Source: the trade’s main schools; none is an error. */
export const SCHOOLS = {
  salt: [
    {
      id: 'with the flour',
      name: 'with the flour',
      when: 'one thing less to forget; tightens the dough early',
    },
    {
      id: 'after a rest',
      name: 'after a rest',
      when: 'the flour drinks first: easier mixing, the usual way',
    },
    {
      id: 'in the last water',
      name: 'dissolved in the last water',
      when: 'wet doughs, where the water goes in by portions',
    },
  ],
  yeast: [
    {
      id: 'dissolved',
      name: 'dissolved in the water',
      when: 'fresh yeast and tiny doses: evenly spread',
    },
    {
      id: 'dry in the flour',
      name: 'dry in the flour',
      when: 'instant yeast; wakes a little later',
    },
    {
      id: 'bloomed',
      name: 'bloomed with a little sugar or honey',
      when: 'active dry yeast, or one whose age is not known',
    },
  ],
  water: [
    {
      id: 'all at once',
      name: 'all at once',
      when: 'up to about 65 % water, by machine or by hand',
    },
    {
      id: 'part held back',
      name: 'part held back',
      when: 'wet doughs and flours one does not know yet',
    },
    { id: 'ice cold', name: 'ice cold for the mixer', when: 'hot rooms and long mixing' },
    { id: 'warm', name: 'warm, by hand', when: 'cold rooms and short hand mixing' },
  ],
  cold: [
    { id: 'none', name: 'no cold', when: 'same day: all of it at room' },
    { id: 'at once', name: 'cold at once', when: 'two days and more: slow and safe' },
    {
      id: 'after a start',
      name: 'cold after 30–60 min at room',
      when: 'overnight: it starts, then sleeps',
    },
    {
      id: 'when nearly ripe',
      name: 'room until nearly ripe, then cold',
      when: 'to hold a ripe dough for the service',
    },
    {
      id: 'then warm',
      name: 'cold first, then hours at room',
      when: 'flavour from the cold, life from the room',
    },
  ],
  coldWhere: [
    { id: 'nowhere', name: 'nowhere', when: 'no cold time' },
    { id: 'leaven', name: 'in the pre-ferment', when: 'the dough itself is quick' },
    { id: 'bulk', name: 'in bulk', when: 'little room in the fridge; evenest' },
    { id: 'balls', name: 'in balls', when: 'ready to temper box by box through a service' },
  ],
  readiness: [
    {
      id: 'rise and smell',
      name: 'rise, dome and smell together',
      when: 'the usual way; the clock is a forecast only',
    },
    { id: 'clock', name: 'by the clock', when: 'a room that never changes' },
    { id: 'rise', name: 'by rise', when: 'clear vessels with a mark' },
    { id: 'float', name: 'by float', when: 'liquid levains' },
    { id: 'poke', name: 'by poke', when: 'balls in a box' },
  ],
  dividing: [
    { id: 'to the gram', name: 'to the gram', when: 'every pizza the same' },
    { id: 'by eye', name: 'by eye', when: 'practised hands in a hurry' },
  ],
  box: [
    { id: 'floured', name: 'floured', when: 'dry handling, quick opening' },
    { id: 'oiled', name: 'oiled', when: 'wet doughs and trays' },
  ],
  waste: [
    { id: 'build what is needed', name: 'build only what is needed', when: 'next to no discard' },
    { id: 'collected', name: 'discard collected and baked', when: 'a jar that is used up' },
    { id: 'thrown away', name: 'discard thrown away', when: 'rarely baked cultures' },
  ],
} as const satisfies Readonly<Record<string, readonly School[]>>;

/** The questions in the order the hands meet them, as they are asked. */
export const SCHOOL_QUESTIONS: Readonly<Record<keyof typeof SCHOOLS, string>> = {
  salt: 'Salt',
  yeast: 'Yeast',
  water: 'Water',
  cold: 'Cold',
  coldWhere: 'The cold time is',
  readiness: 'Ready by',
  dividing: 'Divided',
  box: 'Box',
  waste: 'What is left of a culture',
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

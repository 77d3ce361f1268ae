import { word } from '@/words/tr';
import { localTimeField, numberField, z } from '@/core/parse';

/** What can be different in a trial. */
export const TRIAL_THINGS = ['place', 'flour', 'yeast', 'water', 'start'] as const;
export type TrialThing = (typeof TRIAL_THINGS)[number];

/** A trial as the page asks for it. */
export const trialSchema = z.object({
  lotId: z.string().min(1).max(80),
  batch: z.string().min(8).max(80),
  thing: z.enum(TRIAL_THINGS),
  placeId: z.string().max(80).nullish(),
  /** What takes the place of all its flour. */
  flourId: z.string().max(80).nullish(),
  yeastPct: numberField({
    name: word('Yeast'),
    unit: word('% of the first'),
    min: 10,
    max: 400,
  }).nullish(),
  waterPoints: numberField({
    name: word('Water'),
    unit: word('points of flour more'),
    min: -25,
    max: 25,
  }).nullish(),
  startC: numberField({ name: word('Just mixed'), unit: '°C', min: 5, max: 35 }).nullish(),
  massG: numberField({ name: word('Trial lot'), unit: 'g', min: 20, max: 100_000 }),
  lookAt: localTimeField(word('Look at both')),
});
export type Trial = z.output<typeof trialSchema>;

import { z } from '../parse';
import { HAND_WORKS } from '../kinetics';
import { ASKED_RIPENESS, LOT_KINDS } from '../ripeness';
import { scoreSchema } from './score';

const id = z.string().min(1).max(80);
const grams = z.number().min(0).max(5_000_000);
const celsius = z.number().min(-40).max(100);

const ingredientLine = z.object({ ingredientId: id, massG: grams });

/** What can be wrong with a culture, as it is seen. */
export const HEALTH_SIGNS = ['slow', 'hooch', 'sharp', 'separated', 'pink', 'mould'] as const;
export type HealthSign = (typeof HEALTH_SIGNS)[number];
const portionLine = z.object({ lotId: id, massG: grams });

/** Signs a look can hold; what was not looked at is left out. */
const lookSigns = z.object({
  /** Rise seen, × the volume just mixed. */
  rise: z.number().min(0.5).max(8).optional(),
  dome: z.enum(['flat', 'domed', 'sinking']).optional(),
  smell: z.enum(['floury', 'mild', 'fruity', 'sharp', 'boozy']).optional(),
  float: z.enum(['floats', 'sinks']).optional(),
  /** How a dent made with a finger comes back. */
  poke: z.enum(['springs back', 'comes back slowly', 'stays']).optional(),
  ph: z.number().min(2.5).max(7.5).optional(),
  /** Core measured, °C. */
  tempC: celsius.optional(),
  /** How far a piece of dough can be drawn out: tears, holds, or so thin that light comes through. */
  windowpane: z.enum(['tears', 'holds', 'clear']).optional(),
  /** What was found wrong. */
  found: z.enum(HEALTH_SIGNS).optional(),
});

const make = z.object({
  kind: z.literal('make'),
  lotId: id,
  lotKind: z.enum(LOT_KINDS),
  name: z.string().min(1).max(60),
  /** A line of lots that goes on through feedings; absent for lots made once. */
  cultureId: id.optional(),
  ingredients: z.array(ingredientLine),
  portions: z.array(portionLine),
  placeId: id,
  /** Temperature of the mass just mixed, °C. */
  startC: celsius,
  /** Share of the leavens’ CO2 that survives this mixing. */
  gasKept: z.number().min(0).max(1),
  /** Temperature of the water weighed in, °C. */
  waterC: celsius.optional(),
  /** How much of the water was ice, g. */
  iceG: grams.optional(),
  /** Its flour soaked before, by itself, with so much of its water: that is in and can not be chosen any more. */
  soaked: z.object({ placeId: id, waterG: grams }).optional(),
  /** Its dry yeast was woken before, in warm water with a little sugar. */
  bloomed: z.boolean().optional(),
  /** By whom it was mixed: a machine warms it. */
  mixedBy: z.enum(['hand', 'mixer']).optional(),
  /** The baker's own target rise, × the volume just mixed. */
  targetRise: z.number().min(1.05).max(8).optional(),
  /** How ripe this leaven is wanted for what it is made for; its best where absent. */
  asks: z.enum(ASKED_RIPENESS).optional(),
  /** A culture in its first days from flour and water, or woken from dry: what lives in it is not known yet. */
  young: z.boolean().optional(),
});
const add = z.object({
  kind: z.literal('add'),
  lotId: id,
  ingredients: z.array(ingredientLine).min(1),
  startC: celsius,
});
const work = z.object({
  kind: z.literal('work'),
  lotId: id,
  act: z.enum(HAND_WORKS),
  /** Share of the bubbles that stays. */
  gasKept: z.number().min(0).max(1),
});
const move = z.object({ kind: z.literal('move'), lotId: id, placeId: id });
const look = z.object({ kind: z.literal('look'), lotId: id, signs: lookSigns });
const divide = z.object({
  kind: z.literal('divide'),
  lotId: id,
  ballsLotId: id,
  name: z.string().min(1).max(60),
  count: z.number().int().min(1).max(5000),
  ballG: grams,
  placeId: id,
  gasKept: z.number().min(0).max(1),
});
/**
 * A part of a lot goes its own way: into another place, a bag, the discard jar. What lives in it stays as it is.
 */
const split = z.object({
  kind: z.literal('split'),
  lotId: id,
  partLotId: id,
  name: z.string().min(1).max(60),
  /** What the part is from now on. */
  lotKind: z.enum(LOT_KINDS),
  /** The line of lots the part belongs to; absent for none. */
  cultureId: id.optional(),
  massG: grams,
  /** Balls taken, where it is balls that go and balls they stay. */
  count: z.number().int().min(1).max(5000).optional(),
  placeId: id,
  /** Thickness of a flat bag, mm; absent for a lump. */
  flatMm: z.number().min(2).max(300).optional(),
  /** Spread thin and dried: asleep until it is fed again. Its grams stay those of the wet part. */
  dried: z.boolean().optional(),
});
const use = z.object({
  kind: z.literal('use'),
  lotId: id,
  count: z.number().int().min(0).max(5000),
  untilMs: z.number().int(),
});
/** Thrown away, eaten, given away: leaves the shop. */
const discard = z.object({ kind: z.literal('discard'), lotId: id, massG: grams });
/** The baker's own target rise for a lot from now on; null: as the table has it. */
const aim = z.object({
  kind: z.literal('aim'),
  lotId: id,
  targetRise: z.number().min(1.05).max(8).nullable(),
});
/** An oven lit for a service. */
const light = z.object({ kind: z.literal('light'), oven: z.string().min(1).max(60) });
/** Flour and water brought together to soak by themselves, hours before their dough is mixed: nothing lives in them yet. */
const soak = z.object({
  kind: z.literal('soak'),
  /** The dough that they are for. */
  name: z.string().min(1).max(60),
  ingredients: z.array(ingredientLine).min(1),
  placeId: id,
  /** Minutes of hands. */
  minutes: z.number().min(0).max(480),
});
/** Something of the baker’s own done with a lot, which changes nothing that is forecast: stretched on a tray, a stone heated. */
const own = z.object({
  kind: z.literal('do'),
  /** The lot that it is done with; left out where there is none yet: yeast bloomed before its dough is mixed. */
  lotId: id.optional(),
  what: z.string().min(1).max(40),
  /** Minutes of hands. */
  minutes: z.number().min(0).max(480),
});
/** A temperature measured in a place. */
const reading = z.object({ kind: z.literal('reading'), placeId: id, tempC: celsius });
/** A word about a lot, or about the day where it names none. */
const note = z.object({
  kind: z.literal('note'),
  lotId: id.optional(),
  text: z.string().min(1).max(600),
});
const strike = z.object({ kind: z.literal('strike'), strikes: id });

/** Acts on masses, one schema for each. */
const ACTS = [
  make,
  add,
  work,
  move,
  look,
  divide,
  split,
  use,
  discard,
  aim,
  light,
  own,
  soak,
] as const;

/** What can be planned or done to the shop's masses. */
export const actSchema = z.discriminatedUnion('kind', ACTS);
const replace = z.object({
  kind: z.literal('replace'),
  supersedes: id,
  atMs: z.number().int(),
  act: actSchema,
});
const withdraw = z.object({
  kind: z.literal('withdraw'),
  supersedes: id,
  /** Why a step was skipped. */
  reason: z.string().max(200).optional(),
});

/** The body of an entry: an act, or a word about earlier entries. */
export const bodySchema = z.discriminatedUnion('kind', [
  ...ACTS,
  reading,
  scoreSchema,
  note,
  strike,
  replace,
  withdraw,
]);

/** One thing that happens, or is to happen, at an instant. The journal is a list of these, only ever added to. */
export const entrySchema = z.object({
  id,
  /** When it happens, UTC ms. */
  atMs: z.number().int(),
  /** When it was written down, UTC ms. */
  recordedMs: z.number().int(),
  tense: z.enum(['planned', 'done']),
  /** Entries written together are taken back together. */
  batch: id,
  by: z.string().max(60).nullable(),
  /** The other device that it was written from; left out: the machine that Olvik runs on. */
  device: z.string().min(1).max(60).optional(),
  bakeId: id.nullable(),
  /** The planned entry that this done one carries out. */
  fulfils: id.nullable(),
  body: bodySchema,
});

export type Act = z.infer<typeof actSchema>;
export type ActOf<K extends Act['kind']> = Extract<Act, { kind: K }>;
export type Entry = z.infer<typeof entrySchema>;
export type LookSigns = z.infer<typeof lookSigns>;

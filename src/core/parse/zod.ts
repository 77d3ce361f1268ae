// What the house reads forms and files with, by name: asked for as a whole, Zod brings its sentences in fifty languages along.
import { config } from 'zod';

// The strict Content-Security-Policy forbids compiled schemas.
config({ jitless: true });

export {
  array,
  boolean,
  coerce,
  discriminatedUnion,
  enum,
  iso,
  json,
  lazy,
  literal,
  looseObject,
  number,
  object,
  preprocess,
  record,
  strictObject,
  string,
  tuple,
  union,
  unknown,
  ZodError,
  ZodObject,
  ZodType,
} from 'zod';
export type { infer, output } from 'zod';

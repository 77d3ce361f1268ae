import { z } from '@/core/parse';
import type { Method } from '@/core/methods';

/** One line of a recipe as it is written down. */
export interface RecipeLineOut {
  readonly name: string;
  readonly massG: number;
}

/** A method as a recipe in JSON-LD (schema.org’s Recipe), with the whole method beside the words, so that it comes back whole. */
export function recipeJsonLd(
  method: Method,
  about: {
    readonly lines: readonly RecipeLineOut[];
    readonly steps: readonly string[];
    readonly yields: string;
    readonly hours: number;
  },
): string {
  const minutes = Math.round(about.hours * 60);
  return `${JSON.stringify(
    {
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: method.name,
      description: method.says,
      recipeYield: about.yields,
      totalTime: `PT${Math.floor(minutes / 60)}H${minutes % 60}M`,
      recipeIngredient: about.lines.map(({ name, massG }) => `${weightText(massG)} g ${name}`),
      recipeInstructions: about.steps.map((text) => ({ '@type': 'HowToStep', text })),
      additionalProperty: [{ '@type': 'PropertyValue', propertyID: METHOD_ID, value: method }],
    },
    null,
    2,
  )}\n`;
}

/** Under what the whole method stands in the file. */
const METHOD_ID = 'olvik-method-1';

const weightText = (massG: number) => String(Number(massG.toFixed(massG < 10 ? 2 : 0)));

const textOrList = z.union([z.string(), z.array(z.string())]);
const recipeSchema = z.looseObject({
  '@type': textOrList.refine((type) => [type].flat().includes('Recipe')),
  name: z.string().max(200).optional(),
  recipeIngredient: z.array(z.string().max(400)).max(200).optional(),
  ingredients: z.array(z.string().max(400)).max(200).optional(),
});

/** A recipe out of a file: its lines as they stand there, to be read one by one. */
export type ReadRecipe =
  | { readonly kind: 'recipe'; readonly name: string; readonly lines: readonly string[] }
  | { readonly kind: 'refused'; readonly sentence: string };

/** True for a text that means to be JSON, not a recipe line by line. */
export function looksLikeJson(text: string): boolean {
  return /^\s*[{[]/.test(text);
}

/** Reads a recipe in JSON-LD: alone, in a list, or in a graph. */
export function readRecipe(text: string): ReadRecipe {
  const value = parsed(text);
  if (value === undefined) {
    return refused('Recipe: the text begins like JSON but can not be read. Nothing was changed.');
  }
  const found = candidates(value)
    .map((one) => recipeSchema.safeParse(one))
    .find((one) => one.success);
  if (found?.success !== true) {
    return refused(
      'Recipe: there is no recipe in it. Allowed: JSON-LD with “@type”: “Recipe” and “recipeIngredient”. Nothing was changed.',
    );
  }
  const lines = found.data.recipeIngredient ?? found.data.ingredients ?? [];
  if (lines.length === 0) {
    return refused('Recipe: “recipeIngredient” is empty. Nothing was changed.');
  }
  return { kind: 'recipe', name: found.data.name ?? 'Recipe', lines };
}

const refused = (sentence: string): ReadRecipe => ({ kind: 'refused', sentence });

function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

function candidates(value: unknown): unknown[] {
  if (Array.isArray(value)) return value;
  if (typeof value !== 'object' || value === null) return [];
  const graph = (value as Record<string, unknown>)['@graph'];
  return Array.isArray(graph) ? [value, ...(graph as unknown[])] : [value];
}

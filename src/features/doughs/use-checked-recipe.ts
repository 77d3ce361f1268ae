import { useMemo } from 'react';
import {
  checkRecipe,
  doughOfRecipe,
  recipeStages,
  type RecipeAsDough,
  type RecipeCheck,
} from '@/core/formula/check';
import { nearestFlour } from '@/core/methods';
import { DomainError } from '@/core/units';
import { looksLikeJson, readRecipe } from '@/formats/recipe-jsonld';
import type { DoughFacts } from '@/shop/doughs/facts';
import { methodOfRecipe } from '@/shop/doughs/method-of-recipe';
import { ownNames } from '@/shop/doughs/own-names';
import { keptStages, notKept } from '@/shop/doughs/recipe-notes';

/** A recipe as it stands in the field, with what the baker answered to it. */
interface TypedRecipe {
  readonly text: string;
  readonly answers: Readonly<Record<number, number>>;
  readonly counts: Readonly<Record<number, boolean>>;
}

/** What a step gives, or null where it refuses. */
function orNull<T>(run: () => T): T | null {
  try {
    return run();
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return null;
  }
}

/** A recipe read and, once nothing is open in it, as a dough and as a method of the shop. */
export function useCheckedRecipe({ text, answers, counts }: TypedRecipe, facts: DoughFacts) {
  const own = useMemo(() => ownNames(facts), [facts]);
  const checked = useMemo(() => {
    try {
      const read = looksLikeJson(text) ? readRecipe(text) : null;
      if (read?.kind === 'refused') return { check: null, refused: read.sentence };
      const lines = read === null ? text : read.lines.join('\n');
      return { check: checkRecipe({ text: lines, answers, counts, own }), refused: null };
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      return { check: null, refused: error.message };
    }
  }, [text, answers, counts, own]);
  const made = useMemo(() => {
    const { check } = checked;
    const flours = facts.flours.filter((flour) => flour.retiredMs === null);
    return check === null
      ? null
      : orNull(() => doughOfRecipe(check, (id) => nearestFlour(id, flours)));
  }, [checked, facts.flours]);
  const told = useMemo(
    () => (checked.check === null || made === null ? null : asMethod(made, checked.check, facts)),
    [checked.check, made, facts],
  );
  return { checked, made, told };
}

/** The method of a recipe, with what of its stages is kept and what not. */
function asMethod(made: RecipeAsDough, check: RecipeCheck, facts: DoughFacts) {
  const stages = recipeStages(check.lines, check.parts);
  const method = methodOfRecipe(made, check, stages, facts);
  return {
    method,
    kept: keptStages(method, stages, facts),
    lost: notKept(method, made, stages, facts),
  };
}

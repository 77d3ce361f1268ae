import { tr, trOf } from '@/words/tr';
import * as z from './zod';
import { outOfRangeSentence, type NumberRule } from '../units';

export { localTimeField } from './local-time';
export { z };

/** What is wrong with a form, by its fields: the last sentence of each; nothing where all is right. */
export const wrongFields = (parsed: ReturnType<z.ZodType['safeParse']>): Record<string, string> =>
  Object.fromEntries(
    (parsed.error?.issues ?? []).map((issue) => [String(issue.path[0]), issue.message]),
  );

/** A number field that refuses letters, nothing and out-of-range values in one sentence. */
export function numberField(rule: NumberRule) {
  const refuse = (value: unknown) =>
    value === undefined || value === '' || value === null
      ? tr`${trOf(rule.name)}: a number is needed. Allowed: ${rule.min} to ${rule.max}${rule.unit === '' ? '' : ` ${trOf(rule.unit)}`}.`
      : outOfRangeSentence(rule, typeof value === 'number' && Number.isNaN(value) ? '“?”' : value);
  return z.preprocess(
    (value) => (typeof value === 'string' ? readNumber(value) : value),
    z
      .number({ error: (issue) => refuse(issue.input) })
      .min(rule.min, { error: (issue) => refuse(issue.input) })
      .max(rule.max, { error: (issue) => refuse(issue.input) }),
  );
}

/** A whole-number field with the same sentence. */
export function wholeNumberField(rule: NumberRule) {
  return numberField(rule).refine((value) => Number.isInteger(value), {
    error: (issue) =>
      tr`${trOf(rule.name)}: ${String(issue.input)} is not possible. Allowed: whole numbers, ${rule.min} to ${rule.max}.`,
  });
}

/** Reads "12", "12.5" and "12,5"; anything else is handed back to be refused by name. */
function readNumber(text: string): number | string {
  const trimmed = text.trim().replace(',', '.').replace('−', '-');
  if (trimmed === '') return '';
  const value = Number(trimmed);
  return Number.isFinite(value) ? value : text;
}

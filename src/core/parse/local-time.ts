import { tr, trOf } from '@/words/tr';
import * as z from './zod';
import { DomainError, fromLocalText } from '../units';

/** Years that a date may lie in: anything else was typed halfway. */
const FIRST_YEAR = 2000;
const LAST_YEAR = 2099;
const SHAPE = /^(\d{4})-\d{2}-\d{2}T\d{2}:\d{2}/;

/**
 * A date and time by the shop's clock, "2026-11-27T18:00"; half-typed years (0002) and days that no month has are refused in one
 * sentence.
 * @param name what the screen calls it
 */
export function localTimeField(name: string) {
  return z.string().refine(isLocalTime, {
    error: (issue) =>
      tr`${trOf(name)}: “${String(issue.input)}” is not a date and time. Allowed: for example 2026-11-27T18:00.`,
  });
}

function isLocalTime(text: string): boolean {
  const year = Number(SHAPE.exec(text)?.[1]);
  if (!(year >= FIRST_YEAR && year <= LAST_YEAR)) return false;
  try {
    return Number.isFinite(fromLocalText(text, 'UTC'));
  } catch (error) {
    if (error instanceof DomainError) return false;
    throw error;
  }
}

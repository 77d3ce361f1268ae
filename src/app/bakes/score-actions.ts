'use server';

import { shopContext } from '@/services/context';
import { logNote, logScore } from '@/services/scores/score';
import { takeChange } from '@/services/scores/take-change';

/** Writes how a bake turned out. */
export async function scoreAction(form: unknown) {
  return logScore(shopContext(), form);
}

/** Writes a note about a lot, or the day. */
export async function noteAction(form: unknown) {
  return logNote(shopContext(), form);
}

/** Puts a change into a new version and plans it. */
export async function takeChangeAction(form: unknown) {
  return takeChange(shopContext(), form);
}

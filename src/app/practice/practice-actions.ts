'use server';

import { shopContext } from '@/services/context';
import { logPractice } from '@/services/practice/practice';

/** Writes a judged jar of practice. */
export async function logPracticeAction(form: unknown) {
  return logPractice(shopContext(), form);
}

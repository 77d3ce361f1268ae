import { tr } from '@/words/tr';
import { done, sentencesOf, type Outcome } from '@/shop/outcome';
import type { DemandForm } from './demand-form';
import type { PlanActions } from './plan-actions';

/** What came of asking for several services: those asked for, and why not the next of them; empty where all were. */
interface AskedForAll {
  readonly ids: readonly string[];
  readonly why: string;
}

/** Asks for services one after the other, the first to be refused being the last; refused where none could be asked for. */
export async function askForAll(
  forms: readonly DemandForm[],
  perHour: readonly string[],
  actions: Pick<PlanActions, 'stateDemand'>,
): Promise<Outcome<AskedForAll>> {
  const ids: string[] = [];
  for (const form of forms) {
    const outcome = await actions.stateDemand({ ...form, perHour });
    if (!outcome.ok) {
      return ids.length === 0 ? outcome : done({ ids, why: sentencesOf(outcome) });
    }
    ids.push(outcome.value.id);
  }
  return done({ ids, why: '' });
}

/** "3 services asked for. Not the next: …" */
export function askedText({ ids: { length }, why }: AskedForAll): string {
  return tr`${length === 1 ? tr`1 service` : tr`${length} services`} asked for.${why === '' ? '' : tr` Not the next: ${why}`}`;
}

/** Takes services back, one after the other. */
export const withdrawAll =
  (ids: readonly string[], actions: Pick<PlanActions, 'withdrawDemand'>) =>
  async (): Promise<Outcome<unknown>> => {
    for (const id of ids) {
      const outcome = await actions.withdrawDemand(id, true);
      if (!outcome.ok) return outcome;
    }
    return done(null);
  };

import type { DemandForm } from './demand-form';
import type { PlanActions } from './plan-actions';

/** What came of asking for several services. */
interface AskedForAll {
  readonly ids: readonly string[];
  /** Why one could not be, by its fields; null where all were. */
  readonly refused: Readonly<Record<string, string>> | null;
}

/** Asks for services one after the other, the first to be refused being the last. */
export async function askForAll(
  forms: readonly DemandForm[],
  perHour: readonly string[],
  actions: Pick<PlanActions, 'stateDemand'>,
): Promise<AskedForAll> {
  const ids: string[] = [];
  for (const form of forms) {
    const outcome = await actions.stateDemand({ ...form, perHour });
    if (!outcome.ok) {
      const refused = Object.fromEntries(
        outcome.refusals.map((one) => [one.field?.split('.')[0] ?? '', one.sentence]),
      );
      return { ids, refused };
    }
    ids.push(outcome.value.id);
  }
  return { ids, refused: null };
}

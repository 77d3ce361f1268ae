'use client';

import { useMemo } from 'react';
import { hourReasons, type HourReason, type Mend, type MethodPlan } from '@/core/planner';
import { DomainError } from '@/core/units';
import { bakeFormSchema, type BakeForm } from '@/shop/doughs/bake-form';
import { noMethodPlanSentence } from '@/shop/doughs/method-request';
import { planRequestOf } from '@/shop/doughs/poolish-form';
import type { ShopFacts } from '@/shop/facts';
import { useTypedCompute } from '@/ui/compute/use-typed-compute';
import type { BakeFields } from './fields';

/** What a form leads to: a plan, or sentences by field. */
export interface LivePlan {
  readonly plan: MethodPlan | null;
  /** Why its hours are where they are. */
  readonly whys: readonly HourReason[];
  readonly errors: Readonly<Record<string, string>>;
  /** What would mend it; null where nothing is in its way, or nothing is known that would. */
  readonly mend: Mend | null;
  /** True while a newer plan is being worked out. */
  readonly planning: boolean;
}

type Checked =
  | { readonly form: BakeForm; readonly errors: null }
  | { readonly form: null; readonly errors: Readonly<Record<string, string>> };

/** A pause in typing after which the form is planned: not every figure on the way is one that is meant. */
const TYPING_MS = 150;

/** Plans a form as it is typed, in a worker, by the same core that the server stores with. */
export function useBakePlan(fields: BakeFields, facts: ShopFacts): LivePlan {
  const checked = useMemo(() => check(fields, facts), [fields, facts]);
  const asks = useMemo(
    () => (checked.form === null ? null : { form: checked.form, facts }),
    [checked.form, facts],
  );
  const { answer, refused, busy } = useTypedCompute('plan', asks, TYPING_MS);
  const { form } = checked;
  const whys = useMemo(
    () =>
      form === null || answer?.kind !== 'plan'
        ? []
        : hourReasons(answer, planRequestOf(form, facts, false)),
    [form, answer, facts],
  );
  const none = { plan: null, whys: [], mend: null };
  if (checked.errors !== null) return { ...none, errors: checked.errors, planning: false };
  if (refused !== null) return { ...none, errors: { '': refused }, planning: false };
  if (answer === null) return { ...none, errors: {}, planning: true };
  if (answer.kind === 'plan') return { plan: answer, whys, errors: {}, mend: null, planning: busy };
  const sentence = noMethodPlanSentence(answer, facts.timeZone, facts.nowMs);
  return {
    ...none,
    errors: busy ? {} : { '': sentence },
    mend: busy ? null : answer.mend,
    planning: busy,
  };
}

/** A form checked field by field; what its hours can not mean is refused before it goes to the worker. */
function check(fields: BakeFields, facts: ShopFacts): Checked {
  const parsed = bakeFormSchema.safeParse(fields);
  if (!parsed.success) {
    const errors = parsed.error.issues.map((issue) => [issue.path.join('.'), issue.message]);
    return { form: null, errors: Object.fromEntries(errors) as Record<string, string> };
  }
  try {
    planRequestOf(parsed.data, facts, false);
    return { form: parsed.data, errors: null };
  } catch (error) {
    if (error instanceof DomainError) return { form: null, errors: { '': error.message } };
    throw error;
  }
}

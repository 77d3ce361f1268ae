import { tr, word } from '@/words/tr';
import { type ShopState } from '@/shop/state';
import { HEALTH_SIGNS, isAct } from '@/core/journal';
import { numberField, z } from '@/core/parse';
import { MS_PER_HOUR, MS_PER_MINUTE } from '@/core/units';

import type { ShopContext } from '../context';
import { batchOf, writeEntries } from '../journal/entries';
import { doneAt } from '../journal/done-at';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';

const lookFormSchema = z
  .object({
    lotId: z.string().min(1),
    batch: z.string().min(8).max(80),
    at: z.string().nullish(),
    by: z.string().max(60).nullish(),
    rise: numberField({ name: word('Rise'), unit: '×', min: 0.5, max: 8 }).nullish(),
    dome: z.enum(['flat', 'domed', 'sinking']).nullish(),
    smell: z.enum(['floury', 'mild', 'fruity', 'sharp', 'boozy']).nullish(),
    float: z.enum(['floats', 'sinks']).nullish(),
    poke: z.enum(['springs back', 'comes back slowly', 'stays']).nullish(),
    ph: numberField({ name: 'pH', unit: '', min: 2.5, max: 7.5 }).nullish(),
    found: z.enum(HEALTH_SIGNS).nullish(),
  })
  .refine(
    (look) =>
      [look.rise, look.dome, look.smell, look.float, look.poke, look.ph, look.found].some(
        (sign) => sign != null,
      ),
    {
      error: () => tr`Look: say at least one sign: rise, dome, smell, float, dent or pH.`,
    },
  );

/** What a look moved. */
export interface LookResult {
  readonly batch: string;
  /** Minutes by which the lot is ahead of the forecast before the look; negative when behind, null when it has no moment to move. */
  readonly aheadMinutes: number | null;
  readonly bestMs: number | null;
}

/** Writes a look at a lot and says by how much its forecast moved. */
export function logLook(context: ShopContext, form: unknown): Outcome<LookResult> {
  const parsed = parseForm(lookFormSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const { lotId, batch, at: atText, by, ...signs } = parsed.value;
    const at = doneAt(atText, state);
    if (!at.ok) return at;
    const before = forecastState(context, state).lots.get(lotId);
    if (before === undefined || before.story.tense !== 'done') {
      return refused(
        'lotId',
        tr`Lot: ${lotId} has not been made yet; there is nothing to look at.`,
      );
    }
    if (before.story.startMs >= at.value) {
      return refused('at', tr`Looked at: ${before.story.lot.name} was made later than that.`);
    }
    const body = {
      kind: 'look' as const,
      lotId,
      signs: Object.fromEntries(Object.entries(signs).filter(([, sign]) => sign != null)),
    };
    writeEntries(
      context,
      batchOf(context, batch, [
        {
          atMs: at.value,
          tense: 'done',
          body,
          by: by ?? null,
          fulfils: plannedLook(state, lotId, at.value),
        },
      ]),
    );
    const after = forecastState(context, loadShop(context)).lots.get(lotId);
    const [beforeMs, afterMs] = [keyMoment(before), keyMoment(after)];
    return done({
      batch,
      bestMs: afterMs,
      aheadMinutes:
        beforeMs === null || afterMs === null
          ? null
          : Math.round((beforeMs - afterMs) / MS_PER_MINUTE),
    });
  });
}

/** A look counts for one that was planned up to so much later. */
const SOON_MS = 2 * MS_PER_HOUR;

/** The planned look that a look carries out: the first of that lot that is due; null for none. */
function plannedLook({ folded }: ShopState, lotId: string, atMs: number): string | null {
  const due = folded.plan.find(
    ({ act, atMs: dueMs }) => isAct(act, 'look') && act.lotId === lotId && dueMs <= atMs + SOON_MS,
  );
  return due?.stepId ?? null;
}

function keyMoment(
  lot: { window: { bestMs: number | null; opensMs: number | null } } | undefined,
): number | null {
  return lot?.window.bestMs ?? lot?.window.opensMs ?? null;
}

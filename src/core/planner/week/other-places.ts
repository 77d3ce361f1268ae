import type { MethodPlan, MethodRequest } from '../method-request';
import { planMethod } from '../plan-method';
import type { BrokenKind } from './broken';
import { elsewhere } from './elsewhere';
import { byBrokenThenPoints, type Proposal } from './proposal';

/** Other places that are run for a method whose own can not be had, at most. */
const MOST_TRIED = 4;
/** Stages that are moved, one after the other. */
const STAGES_MOVED = 3;

/** Conditions that another place can mend; no place mends hands, mixer, boxes, oven, culture or a closing day. */
const MENDED: ReadonlySet<BrokenKind> = new Set([
  'place full',
  'balls not ready',
  'leaven not ripe',
  'flour too weak',
  'dose too small',
]);

/**
 * Proposals, the best first, with more of them where the best breaks a condition at all its hours: its stages one after
 * the other in other places of about the same warmth, whichever leaves least in the way.
 */
export function withOtherPlaces(
  proposals: readonly Proposal[],
  judge: (plan: MethodPlan, request: MethodRequest) => Proposal,
): Proposal[] {
  const found: Proposal[] = [];
  let [from] = proposals;
  for (let moved = 0; moved < STAGES_MOVED; moved += 1) {
    if (from === undefined || from.broken.length === 0) break;
    if (!from.broken.every((one) => MENDED.has(one.kind))) break;
    const tried = movedOnce(from, judge);
    found.push(...tried);
    const [better] = tried.filter((one) => excess(one) < excess(from as Proposal)).sort(byExcess);
    if (better === undefined) break;
    from = better;
  }
  return [...proposals, ...found].sort(byBrokenThenPoints);
}

function movedOnce(
  from: Proposal,
  judge: (plan: MethodPlan, request: MethodRequest) => Proposal,
): Proposal[] {
  const asked = { ...from.request, held: from.demand.held ?? {} };
  // Waves are found anew: theirs are stays in the places that are left.
  delete asked.waves;
  const tried: Proposal[] = [];
  for (const method of elsewhere(asked, from.broken).slice(0, MOST_TRIED)) {
    const request = { ...asked, method };
    const plan = planMethod(request);
    if (plan.kind === 'plan') tried.push(judge(plan, request));
    if (tried.at(-1)?.broken.length === 0) break;
  }
  return tried;
}

const byExcess = (a: Proposal, b: Proposal) => excess(a) - excess(b) || byBrokenThenPoints(a, b);

/** How much stands in the way: each condition counts one, and by how much more is wanted than there is. */
function excess({ broken }: Proposal): number {
  return broken.reduce((sum, { wanted, there }) => {
    const over = wanted === null || there === null || there <= 0 ? 0 : (wanted - there) / there;
    return sum + 1 + Math.max(0, over);
  }, 0);
}

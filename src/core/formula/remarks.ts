import { tr } from '@/words/tr';
import type { TrueFormula } from './recover';

/** Something unusual about a formula that the baker should know. */
export interface FormulaRemark {
  readonly id:
    | 'salt-missing'
    | 'salt-low'
    | 'salt-high'
    | 'yeast-high'
    | 'sugar-slows'
    | 'water-low'
    | 'water-high'
    | 'nothing-raises';
  readonly says: string;
}

/** Where the usual ends. Source: the trade's usual ranges; set. */
const USUAL = {
  salt: { low: 0.015, high: 0.035 },
  water: { low: 0.5, high: 0.85 },
  yeastMost: 0.025,
  sugarFrom: 0.06,
} as const;

const pct = (share: number) => `${Math.round(share * 1000) / 10} %`;

/**
 * Remarks on a true formula.
 * @param raised true when something alive is in it beside the yeast that was counted
 */
export function formulaRemarks(formula: TrueFormula, raised: boolean): FormulaRemark[] {
  const remarks: FormulaRemark[] = [];
  const say = (id: FormulaRemark['id'], says: string) => remarks.push({ id, says });
  const { saltShare, hydration, freshShare, sugarShare } = formula;
  if (saltShare === 0) say('salt-missing', tr`No salt: is it forgotten?`);
  else if (saltShare < USUAL.salt.low)
    say('salt-low', tr`Salt ${pct(saltShare)} is little: the dough ferments fast and tastes flat.`);
  else if (saltShare > USUAL.salt.high)
    say('salt-high', tr`Salt ${pct(saltShare)} is much: usual is 2 to 3.2 %.`);
  if (hydration < USUAL.water.low)
    say('water-low', tr`Water ${pct(hydration)} is little: a stiff dough.`);
  if (hydration > USUAL.water.high)
    say(
      'water-high',
      tr`Water ${pct(hydration)} is much: it wants strong flour, folds and wet hands.`,
    );
  if (freshShare > USUAL.yeastMost)
    say('yeast-high', tr`Yeast ${pct(freshShare)} as fresh is much: ripe within an hour or two.`);
  if (sugarShare > USUAL.sugarFrom)
    say('sugar-slows', tr`Sugar ${pct(sugarShare)} slows the yeast and browns fast.`);
  if (freshShare === 0 && !raised) say('nothing-raises', tr`Nothing in it raises it.`);
  return remarks;
}

'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import { formulaRemarks, trueFormula, type DoughColumns } from '@/core/formula';
import type { MethodPlan, MethodRemark, PlannedLeaven } from '@/core/planner';
import type { ShopFacts } from '@/shop/facts';
import { sentenceInUnits } from '@/shop/sentence-in-units';
import { useShopUnits } from '../fields/shop-units';
import { decimals, massText, momentText, percentText, spanText } from '../format';
import { rem } from '../rem';

/** An instant in words; a dash for one that is not known. */
type At = (ms: number | null) => string;

/** What the formula and its plan say for themselves, bold where the baker should know. */
export function MethodRemarks(props: {
  plan: MethodPlan | null;
  columns: DoughColumns;
  planning: Pick<ShopFacts, 'nowMs' | 'timeZone' | 'pantry'>;
}) {
  const { plan, columns, planning } = props;
  const { nowMs, timeZone, pantry } = planning;
  const units = useShopUnits();
  const mass = (massG: number) => massText(massG, units);
  const at: At = (ms) => (ms === null ? '–' : momentText(ms, nowMs, timeZone));
  const whole = Object.fromEntries(columns.rows.map((row) => [row.ingredientId, row.wholeG]));
  const unusual = formulaRemarks(trueFormula(whole, pantry), columns.leavens.length > 0);
  return (
    <Box component="ul" sx={{ m: 0, pl: 2.5, display: 'grid', gap: 0.25, fontSize: rem(15) }}>
      {unusual.map((one) => (
        <li key={one.id}>
          <strong>{one.says}</strong>
        </li>
      ))}
      {dosesOf(columns).map(({ name, yeast }) =>
        yeast.stock === null ? null : (
          <li key={name} data-testid="stock">
            {tr`${name}: ${mass(yeast.wantedG)} of yeast is too little for the scale. Dissolve ${mass(yeast.stock.yeastG)} in ${mass(yeast.stock.waterG)} water, take `}
            <strong>{mass(yeast.stock.takeG)}</strong>
            {tr` of it and ${mass(yeast.stock.waterBroughtG)} less water; right to ±${decimals(yeast.error * 100, 1)} %.`}
          </li>
        ),
      )}
      {(plan?.leavens ?? []).map((one) =>
        one.atMs === null ? null : <li key={one.leavenId}>{leavenText(one, at)}</li>,
      )}
      {plan === null ? null : (
        <li>
          {tr`Balls open from ${at(plan.balls.window.opensMs)}, best ${at(plan.balls.window.bestMs)}, slack from ${at(plan.balls.window.closesMs)}.`}
        </li>
      )}
      {(plan?.remarks ?? []).map((remark) => (
        <li key={JSON.stringify(remark)}>
          <strong>{sentenceInUnits(sentence(remark, at), units)}</strong>
        </li>
      ))}
    </Box>
  );
}

/** When a leaven is ripe and best, with its doubt, and by how much yeast. */
function leavenText({ name, forecast, raisedBy, byYeast }: PlannedLeaven, at: At): string {
  const { opensMs, bestMs, closesMs, bestBand } = forecast.window;
  const ripe = tr`${name} ripe ${at(opensMs)}–${at(closesMs)}`;
  const best = bestMs === null ? tr`, a wide stretch: look at it` : tr`, best ${at(bestMs)}`;
  const doubt =
    bestBand === null ? '' : tr`; 8 in 10 between ${at(bestBand[0])} and ${at(bestBand[1])}`;
  const dose =
    raisedBy === null || !byYeast
      ? ''
      : tr` Dose ${percentText(raisedBy, 2)} of its flour as fresh yeast.`;
  return `${ripe}${best}${doubt}.${dose}`;
}

/** Every dose of yeast in a dough, by where it goes. */
function dosesOf({ leavens, finalYeast }: DoughColumns) {
  const inLeavens = leavens.flatMap(({ leaven, yeast }) =>
    yeast === null ? [] : [{ name: leaven.name, yeast }],
  );
  return finalYeast === null
    ? inLeavens
    : [...inLeavens, { name: tr`Final mix`, yeast: finalYeast }];
}

function sentence(remark: MethodRemark, at: (ms: number) => string): string {
  const minutes = (value: number) => spanText(value * 60_000);
  switch (remark.kind) {
    case 'balls late':
      return remark.minutes === null
        ? tr`The balls do not open there: a warmer place, more leaven or a little yeast.`
        : tr`The balls open ${minutes(remark.minutes)} after the service starts.`;
    case 'balls slack':
      return tr`The last ${minutes(remark.minutes)} of the service will find the balls slack.`;
    case 'mix off peak':
      return tr`${remark.leavenName}: the mix is ${minutes(remark.minutes)} ${remark.minutes > 0 ? tr`after` : tr`before`} its best.`;
    case 'leaven not ripe':
      return tr`${remark.leavenName} is not ripe at the mix: more hours, a warmer place or another dose.`;
    case 'at night':
      return tr`${remark.what} at ${at(remark.atMs)}, outside the working hours.`;
    case 'pieces lighter':
      return tr`${remark.product} at ${remark.weightG} g instead of ${remark.askedG} g, so that the dough gives as many.`;
    case 'keeps too short':
      return tr`${remark.product} keep ${remark.keepsH} h: the service ends later than that.`;
  }
}

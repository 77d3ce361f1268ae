import Box from '@mui/material/Box';
import type { BakePlan, Remark } from '@/core/planner';
import { momentText, percentText, spanText } from '@/ui/format';
import { rem } from '@/ui/rem';

/** What the plan says for itself: windows with their doubt, and what the baker should know. */
export function Remarks(props: { plan: BakePlan; nowMs: number; timeZone: string }) {
  const { plan, nowMs, timeZone } = props;
  const at = (atMs: number | null) => (atMs === null ? '–' : momentText(atMs, nowMs, timeZone));
  const { poolish, balls } = plan.forecast;
  const band = poolish.window.bestBand;
  return (
    <Box component="ul" sx={{ m: 0, pl: 2.5, fontSize: rem(16), display: 'grid', gap: 0.5 }}>
      <li>
        Poolish ripe {at(poolish.window.opensMs)}–{at(poolish.window.closesMs)}, best{' '}
        <strong>{at(poolish.window.bestMs)}</strong>
        {band === null ? '' : `; 8 in 10 between ${at(band[0])} and ${at(band[1])}`}. Dose{' '}
        {percentText(plan.freshShare, 2)} of its flour as fresh yeast.
      </li>
      <li>
        Balls open from {at(balls.window.opensMs)}, best <strong>{at(balls.window.bestMs)}</strong>,
        slack from {at(balls.window.closesMs)}.
      </li>
      {plan.remarks.map((remark) => (
        <li key={remark.kind}>
          <strong>{sentence(remark, at)}</strong>
        </li>
      ))}
    </Box>
  );
}

function sentence(remark: Remark, at: (atMs: number | null) => string): string {
  const span = spanText(remark.minutes * 60_000);
  if (remark.kind === 'mix off peak') {
    const side = remark.minutes > 0 ? 'after' : 'before';
    return `The mix is ${span} ${side} the poolish is best. The nearest dose there is does not reach it; the nearest mix is ${at(remark.bestMs)}.`;
  }
  if (remark.kind === 'balls late') {
    return remark.opensMs === null
      ? 'The balls do not get there in this place. Give them a warmer one.'
      : `The balls open ${span} after the service starts. Mix that much earlier, or give them a warmer place.`;
  }
  return `The last ${span} of the service will find the balls slack. A cooler place for the dough keeps them longer.`;
}

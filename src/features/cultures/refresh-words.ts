import { tr } from '@/words/tr';
import type { RefreshRemark, RefreshSheet, ShareBound } from '@/core/cultures';
import type { ChainFacts } from '@/server/cultures/chain-facts';
import { decimals, massText, momentText, percentText, spanText } from '@/ui/format';

const MORE: Readonly<Record<ShareBound, string>> = {
  get flour() {
    return tr`the leftover alone is as much dough as that`;
  },
  get water() {
    return tr`beyond it the leftover alone brings more water than the dough may hold`;
  },
  get salt() {
    return tr`beyond it the leftover alone brings more salt than the dough may hold`;
  },
  get oil() {
    return tr`beyond it the leftover alone brings more oil than the dough may hold`;
  },
};

/** What comes of a refresh, in words. */
export function refreshVerdict(sheet: RefreshSheet, facts: ChainFacts): string {
  const { nowMs, units } = facts;
  const ms = sheet.window.bestMs ?? sheet.window.opensMs;
  const ready =
    ms === null ? tr`never risen there` : tr`risen at ${momentText(ms, nowMs, units.timeZone)}`;
  const missed =
    sheet.missedH === null || Math.abs(sheet.missedH) < 0.03
      ? ''
      : tr`, ${spanText(sheet.missedH * 3_600_000)} ${sheet.missedH < 0 ? tr`before` : tr`after`} the hour`;
  return tr`of the dough is leftover: ${ready}${missed}. ${boundText(sheet, units)}`.trim();
}

function boundText({ bound, largest }: RefreshSheet, units: ChainFacts['units']): string {
  if (bound === null) {
    return largest.share < 0.8
      ? tr`Up to ${percentText(largest.share, 0)} can be: ${MORE[largest.by]}.`
      : '';
  }
  switch (bound.kind) {
    case 'leftover too short':
      return tr`${massText(Math.round(bound.wantedG), units)} of leftover wanted, ${massText(Math.round(bound.thereG), units)} there: all of it makes a smaller dough.`;
    case 'share':
      return tr`${percentText(bound.share, 0)} is the most: ${MORE[bound.by]}.`;
    case 'too early':
      return tr`Even the least share is risen sooner: a cooler place, or later mixed.`;
    case 'too late':
      return tr`Even the largest share is risen later: a warmer place, or sooner mixed.`;
    case 'never ripe':
      return tr`It does not double there: a warmer place, or fresh yeast with it.`;
  }
}

/** What speaks against a leftover, with its figure. */
export function remarkText(remark: RefreshRemark): string {
  switch (remark.kind) {
    case 'too old':
      return tr`The leftover is ${decimals(remark.days, 1)} days old; it keeps ${decimals(remark.keepsDays, 0)}. Its gluten and its flavour are past: start the chain from a younger one.`;
    case 'too sour':
      return tr`The leftover has about pH ${decimals(remark.ph, 1)}, under ${decimals(remark.least, 1)}: it tastes and slackens the dough. A smaller share, or a fresh start.`;
    case 'too weak': {
      const share =
        remark.share === null
          ? tr`No share of it holds: start anew.`
          : tr`Up to ${percentText(remark.share, 0)} of it holds.`;
      return tr`At its best only ${percentText(remark.gluten, 0)} of the gluten is left, under ${percentText(remark.least, 0)}: it tears. ${share}`;
    }
  }
}

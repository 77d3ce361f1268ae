'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { HoldView } from '@/server/hold/question';
import type { HoldSearch } from '@/shop/hold/search';
import { clockText, percentText, spanText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { standsSays, standsText } from './hold-words';

export function HoldHead({ view, search }: { view: HoldView; search: HoldSearch | null }) {
  const name = view.strand?.name ?? view.bake.name;
  const { units } = view;
  const says = standsSays(name, search);
  return (
    <Box sx={{ flex: { xs: '1 0 100%', md: 1 }, minWidth: 0, px: 1 }} data-testid="hold-head">
      <Typography
        component="p"
        className="name"
        sx={{ fontSize: rem(24), fontWeight: 700, lineHeight: 1.2 }}
      >
        {says}{' '}
        {search === null ? null : (
          <Box
            component="span"
            sx={{
              background: 'var(--ink)',
              color: 'var(--paper)',
              px: 0.75,
              borderRadius: '4px 8px 8px 4px',
              whiteSpace: 'nowrap',
            }}
          >
            {standsText(search.stands.odds)}
          </Box>
        )}
      </Typography>
      <Typography variant="body2">
        {search === null
          ? tr`Running what can still be done.`
          : tr`${search.moves.length} moves, run through to ${clockText(view.bake.readyToMs, units.timeZone)}, best first.`}
        {search?.past == null ? '' : ` ${pastSays(search.past)}`}
      </Typography>
    </Box>
  );
}

function pastSays({ pastH, ph, gluten, shareUpTo }: NonNullable<HoldSearch['past']>): string {
  const state = tr`Past for ${spanText(pastH * 3_600_000)}: pH ${ph.toFixed(1)}, ${percentText(gluten, 0)} of its strength left.`;
  return shareUpTo <= 0
    ? tr`${state} Too sour for any share: throw it away.`
    : tr`${state} Good for up to ${percentText(shareUpTo, 0)} of the flour; the dough will be ${ph < 4 ? tr`sour` : tr`mild`} and ${gluten < 0.7 ? tr`weak` : tr`strong enough`}.`;
}

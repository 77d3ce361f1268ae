'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { dayHour } from '@/shop/plan/broken-words';
import type { ChangedService, PlanSearch } from '@/shop/plan/search';

/** Why no method can be planned, each with its reason; the service is changed above. */
function WhyNone(props: {
  refused: PlanSearch['refused'];
  timeZone: string;
  onInstead: (one: ChangedService) => void;
}) {
  const { refused, timeZone, onInstead } = props;
  return (
    <Box sx={{ p: 2 }} data-testid="why-none">
      <Typography>
        {refused.length === 0
          ? tr`None of the shop’s methods makes what this service asks for. Allow others under “Change this service”, or make one under Doughs.`
          : tr`No method can be ready for this service:`}
      </Typography>
      <Box component="ul" sx={{ m: 0, pl: 3 }}>
        {refused.map(({ name, because, mend }) => (
          <li key={name}>
            <strong>{name}</strong>: {because}
            {mend === null ? null : (
              <Button size="small" variant="text" onClick={() => onInstead(mend)}>
                {mend.laterMs > 0
                  ? tr`Serve from ${dayHour(mend.readyFromMs, timeZone)}`
                  : tr`Ask for ${mend.balls} pizzas`}
                <span className="visually-hidden">{tr` with ${name}`}</span>
              </Button>
            )}
          </li>
        ))}
      </Box>
    </Box>
  );
}

/** A search as it runs. */
export interface Search {
  readonly answer: PlanSearch | null;
  readonly busy: boolean;
  readonly share: number | null;
  readonly stop: () => void;
}

/** Before the first plan: how far the search is, and where it found nothing, why. */
export function Searching(props: {
  search: Search;
  timeZone: string;
  onInstead: (one: ChangedService) => void;
}) {
  const { search, timeZone, onInstead } = props;
  if (!search.busy) {
    return (
      <WhyNone refused={search.answer?.refused ?? []} timeZone={timeZone} onInstead={onInstead} />
    );
  }
  return (
    <Box
      sx={{ display: 'flex', gap: 2, alignItems: 'center', px: 2, minHeight: 48 }}
      data-testid="searching"
    >
      <Typography variant="body2">{tr`Looking for plans`}</Typography>
      <Share share={search.share} />
      <Button size="small" onClick={search.stop}>
        {tr`Stop`}
      </Button>
    </Box>
  );
}

/** Beside the plans that were found: that others are still sought. It takes no room from them. */
export function SearchShare({ search, found }: { search: Search; found: number }) {
  if (!search.busy) return null;
  return (
    <Box sx={{ display: 'grid', gap: 1, mt: 1 }} data-testid="searching">
      <Typography variant="body2">{tr`${found} found, others to come`}</Typography>
      <Share share={search.share} />
      <Button size="small" onClick={search.stop}>
        {tr`Stop`}
      </Button>
    </Box>
  );
}

function Share({ share }: { share: number | null }) {
  return (
    <LinearProgress
      variant="determinate"
      value={100 * (share ?? 0)}
      aria-label={tr`Methods looked through`}
      sx={{ flex: 1 }}
    />
  );
}

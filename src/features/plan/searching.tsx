'use client';

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
          ? 'None of the shop’s methods makes what this service asks for. Allow others under “Change this service”, or make one under Doughs.'
          : 'No method can be ready for this service:'}
      </Typography>
      <Box component="ul" sx={{ m: 0, pl: 3 }}>
        {refused.map(({ name, because, mend }) => (
          <li key={name}>
            <strong>{name}</strong>: {because}
            {mend === null ? null : (
              <Button size="small" variant="text" onClick={() => onInstead(mend)}>
                {mend.laterMs > 0
                  ? `Serve from ${dayHour(mend.readyFromMs, timeZone)}`
                  : `Ask for ${mend.balls} pizzas`}
                <span className="visually-hidden"> with {name}</span>
              </Button>
            )}
          </li>
        ))}
      </Box>
    </Box>
  );
}

/** How far the search is; and where it found nothing, why. */
export function Searching(props: {
  search: {
    readonly answer: PlanSearch | null;
    readonly busy: boolean;
    readonly share: number | null;
    readonly stop: () => void;
  };
  found: number;
  timeZone: string;
  onInstead: (one: ChangedService) => void;
}) {
  const { search, found, timeZone, onInstead } = props;
  if (!search.busy) {
    return found > 0 ? null : (
      <WhyNone refused={search.answer?.refused ?? []} timeZone={timeZone} onInstead={onInstead} />
    );
  }
  return (
    <Box
      sx={{ display: 'flex', gap: 2, alignItems: 'center', px: 2, minHeight: 48 }}
      data-testid="searching"
    >
      <Typography variant="body2">
        {found === 0 ? 'Looking for plans' : `${found} found, others to come`}
      </Typography>
      <LinearProgress
        variant="determinate"
        value={100 * (search.share ?? 0)}
        aria-label="Methods looked through"
        sx={{ flex: 1 }}
      />
      <Button size="small" onClick={search.stop}>
        Stop
      </Button>
    </Box>
  );
}

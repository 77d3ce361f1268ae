'use client';

import { tr } from '@/words/tr';
import { sentenceInUnits } from '@/shop/sentence-in-units';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { brokenLines, dayHour } from '@/shop/plan/broken-words';
import type { PlanSearch } from '@/shop/plan/search';
import type { PlanView } from '@/server/plan/view';
import { spanText } from '@/ui/format';
import { Rope } from './rope';

/** Beside the ladders: what changed since yesterday, and what stands in the way. */
export function PlanSide(props: {
  view: PlanView;
  search: PlanSearch | null;
  onNearest: () => void;
  /** Plans the feeds that keep the starters alive. */
  onFeeds: () => void;
}) {
  const { view, search, onNearest, onFeeds } = props;
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', minWidth: 0 }}>
      <Box sx={{ px: 2, py: 1, borderBottom: '2px solid var(--line)' }}>
        <Typography variant="h2">{tr`Since yesterday`}</Typography>
        {view.changes.length === 0 ? (
          <Typography variant="body2">{tr`nothing changed`}</Typography>
        ) : null}
        {view.changes.slice(0, MOST_CHANGES).map((change) => (
          <Typography key={change.says} variant="body2">
            ▼ {change.says}
          </Typography>
        ))}
        {view.changes.length > MOST_CHANGES ? (
          <Typography variant="body2">{tr`and ${view.changes.length - MOST_CHANGES} more`}</Typography>
        ) : null}
      </Box>
      <InTheWay view={view} search={search} onNearest={onNearest} />
      {view.feeds.length === 0 ? null : <KeepAlive view={view} onFeeds={onFeeds} />}
    </Box>
  );
}

/** Starters that nobody feeds within the week as planned; one tap plans every feed at its usual amounts. */
function KeepAlive({ view, onFeeds }: { view: PlanView; onFeeds: () => void }) {
  return (
    <Box sx={{ px: 2, pb: 1 }} data-testid="keep-alive">
      <Typography variant="h2">{tr`To keep alive`}</Typography>
      {view.feeds.slice(0, MOST_LINES).map((feed) => (
        <Typography key={feed.cultureId} variant="body2">
          <Link
            component={NextLink}
            href={`/cultures/${encodeURIComponent(feed.cultureId)}/series`}
            color="inherit"
            sx={{ fontWeight: 700 }}
          >
            {feed.name}
          </Link>
          {tr` wants a feed by ${dayHour(feed.atMs, view.units.timeZone)}`}
        </Typography>
      ))}
      <Button sx={{ mt: 1 }} fullWidth onClick={onFeeds} data-testid="plan-feeds">
        {tr`Plan their feeds`}
      </Button>
    </Box>
  );
}

const MOST_CHANGES = 3;

function InTheWay(props: { view: PlanView; search: PlanSearch | null; onNearest: () => void }) {
  const { view, search, onNearest } = props;
  const { timeZone } = view.units;
  const said = (line: string) => sentenceInUnits(line, view.units);
  const knot = search?.knot ?? null;
  // Every method is refused: nothing is tied, and yet there is no plan.
  const none = search !== null && search.shown.length === 0 && search.refused.length > 0;
  if (knot === null && none) {
    return (
      <Box sx={{ p: 2 }} data-testid="no-method">
        <Typography variant="h2">{tr`In the way`}</Typography>
        <Typography variant="body2">{tr`every method, for the reason beside it`}</Typography>
        <Nearest search={search} timeZone={timeZone} onNearest={onNearest} />
      </Box>
    );
  }
  if (knot === null) {
    return (
      <Box sx={{ px: 2, py: 1 }} data-testid="no-knot">
        <Typography variant="h2">{tr`In the way`}</Typography>
        <Typography variant="body2">
          {view.broken.length === 0
            ? tr`nothing`
            : tr`of the plans as they stand: ${view.broken.length}`}
        </Typography>
        {view.broken.slice(0, 3).map((broken) => (
          <Typography key={`${broken.key} ${broken.atMs}`} variant="body2">
            {brokenLines(broken, timeZone).map(said).join(', ')}
          </Typography>
        ))}
        <Rope tied={false} lines={0} />
      </Box>
    );
  }
  const lines = knot.conditions
    .flatMap((one) => brokenLines(one, timeZone))
    .map(said)
    .slice(0, MOST_LINES);
  const [out] = knot.waysOut;
  return (
    <Box sx={{ p: 2 }} data-testid="knot">
      <Typography variant="h2">{tr`In the way`}</Typography>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', my: 1 }}>
        <Rope tied lines={lines.length} />
        <Box>
          {lines.map((line) => (
            <Typography key={line} variant="body2" sx={{ minHeight: LINE_PX, fontWeight: 600 }}>
              {line}
            </Typography>
          ))}
        </Box>
      </Box>
      {out === undefined ? null : (
        <Typography variant="body2">
          {tr`The smallest way out: `}
          {brokenLines(out.condition, timeZone)[0]}
          {tr`, and ${out.name} can be taken.`}
        </Typography>
      )}
      <Nearest search={search} timeZone={timeZone} onNearest={onNearest} />
    </Box>
  );
}
const MOST_LINES = 6;
const LINE_PX = 26;

function Nearest(props: { search: PlanSearch | null; timeZone: string; onNearest: () => void }) {
  const { search, timeZone, onNearest } = props;
  const nearest = search?.nearest ?? null;
  if (nearest === null) {
    return (
      <Typography variant="body2">
        {(search?.share ?? 0) < 1
          ? tr`Looking for the nearest that fits.`
          : tr`Nothing near it fits.`}
      </Typography>
    );
  }
  const when =
    nearest.doughs > 1
      ? tr`${nearest.doughs} doughs, each for its own stretch`
      : nearest.laterMs === 0
        ? tr`${nearest.balls} pizzas`
        : tr`${dayHour(nearest.readyFromMs, timeZone)}, ${spanText(nearest.laterMs)} later`;
  return (
    <>
      <Typography variant="body2" data-testid="nearest">
        {tr`Left tied, the nearest that fits: `}
        <b>{when}</b>, {nearest.name}.
      </Typography>
      <Button sx={{ mt: 1 }} fullWidth onClick={onNearest}>
        {tr`Ask for that instead`}
      </Button>
    </>
  );
}

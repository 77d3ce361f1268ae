'use client';

import { tr, trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import type { Ladder } from '@/shop/plan/ladder';
import type { ChangedService } from '@/shop/plan/search';
import type { PlanView } from '@/server/plan/view';
import type { WeekService } from '@/server/plan/week-services';
import { Textures } from '@/ui/marks/textures';
import { useExtraHeight } from '@/ui/use-extra-height';
import { ladderClock } from './ladder-clock';
import { LadderFoot } from './ladder-foot';
import { LadderRow } from './ladder-row';
import { Searching, SearchShare, type Search } from './searching';
import type { Holding } from './use-held-hours';

/** Height of the ladders in the lowest window, px, and by how much a higher one makes them longer at most. */
const LEAST_HEIGHT = 268;
const MOST_MORE_PX = 320;
const COLUMN = 104;
const NARROWEST = 290;

/** How many ladders stand beside each other in a width. */
export function laddersAcross(width: number): number {
  return Math.max(1, Math.min(3, Math.floor((width - COLUMN) / NARROWEST)));
}

/** Plans of a service side by side on one clock. */
export function SideBySide(props: {
  view: PlanView;
  service: WeekService;
  search: Search & { readonly methods: number };
  width: number;
  page: number;
  onPage: (page: number) => void;
  chosen: number;
  rung: number;
  busy: boolean;
  onTake: (ladder: Ladder) => void;
  holding: Holding;
  /** The service is asked for otherwise instead. */
  onInstead: (one: ChangedService) => void;
}) {
  const { view, service, search, width, page, onPage, chosen, rung, onTake, holding, onInstead } =
    props;
  const busy = props.busy || holding.busy;
  const { units } = view;
  const across = laddersAcross(width);
  const all = search.answer?.shown ?? [];
  const shown = all.slice(page * across, (page + 1) * across);
  // While others are sought, they have their room already: what was found does not grow narrow as they come.
  const columns = Math.max(1, search.busy ? Math.min(across, search.methods) : shown.length);
  const each = Math.floor((width - COLUMN) / columns);
  const clock = ladderClock(
    shown.map((ladder) => ladder.rungs.map((one) => one.atMs)),
    service.fromMs,
    LEAST_HEIGHT + Math.min(MOST_MORE_PX, useExtraHeight()),
  );
  return (
    <Box sx={{ minWidth: 0 }} data-testid="side-by-side">
      <svg width={0} height={0} style={{ position: 'absolute' }} aria-hidden="true">
        <Textures />
      </svg>
      {all.length > 0 ? null : (
        <Searching search={search} timeZone={units.timeZone} onInstead={onInstead} />
      )}
      <Box
        sx={{
          display: all.length > 0 ? 'grid' : 'none',
          gridTemplateColumns: `${COLUMN}px repeat(${columns}, minmax(0, 1fr))`,
          background: 'var(--paper)',
        }}
      >
        <Box
          sx={{ px: 1.25, py: 1, background: 'var(--flour)', borderBottom: '2px solid var(--ink)' }}
        >
          <Typography variant="h3" component="h2">
            {tr`Backwards`}
          </Typography>
        </Box>
        {shown.map((ladder, index) => (
          <Head
            key={ladder.key}
            ladder={ladder}
            best={ladder.key === search.answer?.bestKey}
            number={page * across + index + 1}
            held={
              holding.heldIn.has(ladder.key)
                ? (holding.refused.get(ladder.key) ?? tr`Hours held by you.`)
                : null
            }
            onFree={() => holding.free(ladder.key)}
          />
        ))}
        <LadderRow
          view={view}
          service={service}
          shown={shown}
          clock={clock}
          width={each - 2}
          lit={{ index: chosen - page * across, rung }}
          onHold={holding.hold}
        />
        <Box sx={{ background: 'var(--flour)', p: 1 }}>
          {all.length > across ? (
            <Pages page={page} pages={Math.ceil(all.length / across)} onPage={onPage} />
          ) : null}
          <SearchShare search={search} found={all.length} />
        </Box>
        {shown.map((ladder) => (
          <Box
            key={ladder.key}
            sx={{ borderLeft: '2px solid var(--line)', background: 'var(--flour)', minWidth: 0 }}
          >
            <LadderFoot
              ladder={ladder}
              units={units}
              best={ladder.key === search.answer?.bestKey}
              busy={busy}
              onTake={() => onTake(ladder)}
            />
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function Head(props: {
  ladder: Ladder;
  best: boolean;
  number: number;
  /** What is said of hours that are held in it; null for none. */
  held: string | null;
  onFree: () => void;
}) {
  const { ladder, best, number, held, onFree } = props;
  return (
    <Box
      sx={{
        px: 1.5,
        py: 1,
        minWidth: 0,
        borderBottom: '2px solid var(--ink)',
        borderLeft: '2px solid var(--line)',
      }}
    >
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
        <Typography variant="h2" noWrap>
          {ladder.name}
        </Typography>
        <Tag broken={ladder.broken.length} best={best} />
      </Box>
      {held === null ? (
        <Typography variant="body2" noWrap title={ladder.says}>
          {`${number}. ${Math.round(ladder.lengthH)} h, ${trOf(ladder.length)}. ${reasonOf(ladder)}`}
        </Typography>
      ) : (
        <Typography variant="body2" role="status" sx={{ minWidth: 0 }}>
          {held}{' '}
          <Link component="button" variant="body2" onClick={onFree} sx={{ fontWeight: 700 }}>
            {tr`As found`}
          </Link>
        </Typography>
      )}
    </Box>
  );
}

function Tag({ broken, best }: { broken: number; best: boolean }) {
  if (broken > 0) {
    return <Ink filled>{broken === 1 ? tr`one knot` : tr`${broken} knots`}</Ink>;
  }
  return best ? <Ink filled={false}>{tr`best that fits`}</Ink> : null;
}

function Ink({ filled, children }: { filled: boolean; children: React.ReactNode }) {
  return (
    <Box
      component="span"
      className="name"
      sx={{
        px: 0.75,
        lineHeight: 1.35,
        whiteSpace: 'nowrap',
        fontWeight: 700,
        borderRadius: '4px 8px 8px 4px',
        border: '2px solid var(--ink)',
        background: filled ? 'var(--ink)' : 'var(--paper)',
        color: filled ? 'var(--paper)' : 'var(--ink)',
      }}
    >
      {children}
    </Box>
  );
}

/** The reason for a plan in one line: what it spares, and where it is weak. */
function reasonOf({ costs, odds, waves }: Ladder): string {
  const night = costs.nightMoments === 0 ? '' : tr`${costs.nightMoments} at night. `;
  const halves = odds.halfHours;
  const worst = [...halves].sort((a, b) => a.ready - b.ready)[0];
  const weak =
    worst === undefined || worst.ready > 0.8
      ? tr`Even to the end.`
      : worst.slack > worst.young
        ? tr`May go slack.`
        : tr`May be tight.`;
  return `${night}${waves > 1 ? tr`${waves} waves. ` : ''}${weak}`;
}

function Pages({
  page,
  pages,
  onPage,
}: {
  page: number;
  pages: number;
  onPage: (page: number) => void;
}) {
  return (
    <Button size="small" onClick={() => onPage((page + 1) % pages)} sx={{ mt: 0.5, px: 1 }}>
      {tr`${page + 1} of ${pages}`}
    </Button>
  );
}

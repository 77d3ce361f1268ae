'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import type { ReactNode } from 'react';
import type { Moment, TideView } from '@/server/tide';
import { momentText } from '@/ui/format';
import { PlanBy } from './plan-by';
import { Key } from './key';
import { isForHands } from '@/shop/hands/for-hands';
import { useWho } from '@/ui/who/who';
import { HandsCard } from './hands-card';

/** The strip under the picture: what was just done, and the next moments with their grams. */
export function HandsStrip(props: {
  view: TideView;
  nowMs: number;
  count: number;
  leftWidth: number;
  /** True where everything stands one under the other: the cards lie in a row that is pushed along. */
  tall: boolean;
  /** What is up, in place of what was just done. */
  notice?: ReactNode;
  onLook: () => void;
  onDone: (ref: string) => void;
  onOpen: (ref: string) => void;
}) {
  const { view, nowMs, count, leftWidth, tall, notice, onLook, onDone, onOpen } = props;
  return (
    <Box
      component="section"
      aria-label={tr`Hands`}
      sx={{
        display: 'flex',
        flexDirection: tall ? 'column' : { xs: 'column', md: 'row' },
        borderTop: '2px solid var(--ink)',
        background: 'var(--flour)',
        minHeight: 172,
      }}
    >
      <JustDone
        tall={tall}
        leftWidth={leftWidth}
        notice={notice}
        view={view}
        nowMs={nowMs}
        onLook={onLook}
      />
      <NextMoments
        tall={tall}
        count={count}
        view={view}
        nowMs={nowMs}
        onDone={onDone}
        onOpen={onOpen}
      />
    </Box>
  );
}

/** What was just done or is told, and what can be told at once. */
function JustDone(props: {
  tall: boolean;
  leftWidth: number;
  notice: ReactNode;
  view: TideView;
  nowMs: number;
  onLook: () => void;
}) {
  const { tall, leftWidth, notice, view, nowMs, onLook } = props;
  const last = view.moments.filter((moment) => moment.tense === 'done').at(-1);
  return (
    <Box
      sx={{
        width: tall ? 'auto' : { md: leftWidth },
        flex: 'none',
        p: 1.5,
        pr: 1,
        order: tall ? 2 : { xs: 2, md: 0 },
      }}
    >
      {notice ?? (
        <>
          <Typography variant="caption" sx={{ fontWeight: 700, display: 'block' }}>
            {tr`Just done`}
          </Typography>
          <Typography variant="body2" noWrap>
            {last === undefined ? tr`Nothing logged yet` : lastText(last, view, nowMs)}
          </Typography>
        </>
      )}
      <Box
        sx={{
          display: 'flex',
          flexWrap: tall ? 'wrap' : 'nowrap',
          gap: 2,
          mt: 1.5,
          alignItems: 'center',
        }}
      >
        <Button size="large" onClick={onLook} aria-keyshortcuts="l" sx={{ flex: 'none' }}>
          {tr`Log a look`}
        </Button>
        <Key />
      </Box>
      <PlanBy view={view} nowMs={nowMs} />
      {view.toScore === null ? null : (
        <Button
          component={Link}
          href={`/bakes/${encodeURIComponent(view.toScore.bakeId)}`}
          variant="text"
          sx={{ mt: 0.5, px: 1, textAlign: 'left' }}
          data-testid="score-bake"
        >
          {tr`How did ${view.toScore.name} turn out?`}
        </Button>
      )}
    </Box>
  );
}

/** The next moments, the first the largest. */
function NextMoments(props: {
  tall: boolean;
  count: number;
  view: TideView;
  nowMs: number;
  onDone: (ref: string) => void;
  onOpen: (ref: string) => void;
}) {
  const { tall, count, view, nowMs, onDone, onOpen } = props;
  const person = useWho();
  const next = view.moments
    .filter(({ tense, by }) => tense === 'planned' && isForHands(person, by))
    .slice(0, count);
  return (
    <Box
      component="ol"
      sx={{
        listStyle: 'none',
        m: 0,
        p: 1.25,
        flex: 1,
        minWidth: 0,
        display: 'grid',
        gap: 1,
        ...(tall
          ? {
              gridAutoFlow: 'column',
              gridAutoColumns: 'minmax(min(17rem, 82vw), 1fr)',
              overflowX: 'auto',
              scrollSnapType: 'x proximity',
            }
          : {
              gridTemplateColumns: {
                xs: '1fr 1fr',
                md: `1.35fr repeat(${count - 1}, 1fr)`,
              },
            }),
      }}
    >
      {next.map((moment, index) => (
        <HandsCard
          key={moment.ref}
          moment={moment}
          view={view}
          nowMs={nowMs}
          first={index === 0}
          onDone={() => onDone(moment.ref)}
          onOpen={() => onOpen(moment.ref)}
        />
      ))}
      {next.length === 0 && view.strands.length > 0 ? <NothingPlanned /> : null}
    </Box>
  );
}

/** Lots, but nothing to do with them yet. */
function NothingPlanned() {
  return (
    <Box
      component="li"
      sx={{ gridColumn: '1 / -1', display: 'flex', gap: 3, alignItems: 'center', pl: 2 }}
    >
      <Button component={Link} href="/bakes/new" variant="contained" size="large">
        {tr`Plan a bake`}
      </Button>
      <Typography>{tr`Nothing is planned: say how many balls and when.`}</Typography>
    </Box>
  );
}

function lastText(last: Moment, view: TideView, nowMs: number): string {
  const what = last.glyph === 'look' ? `${last.title}: ${last.lines[0]?.label ?? ''}` : last.title;
  return `${momentText(last.atMs, nowMs, view.units.timeZone)} ${what}`;
}

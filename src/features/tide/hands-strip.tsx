'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import type { ReactNode } from 'react';
import type { Moment, TideView } from '@/server/tide';
import { clockText, momentText } from '@/ui/format';
import { GlyphDisc } from '@/ui/marks/glyphs';
import { CardLines } from './card-lines';
import { PlanBy } from './plan-by';
import { Key } from './key';
import { isAtPeak, offPeakText } from './layout/tells';
import { FirstActs } from './first-acts';
import { rem } from '@/ui/rem';
import { isForHands } from '@/shop/hands/for-hands';
import { useWho } from '@/ui/who/who';

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
  const person = useWho();
  const next = view.moments
    .filter(({ tense, by }) => tense === 'planned' && isForHands(person, by))
    .slice(0, count);
  const last = view.moments.filter((moment) => moment.tense === 'done').at(-1);
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

function HandsCard(props: {
  moment: Moment;
  view: TideView;
  nowMs: number;
  first: boolean;
  onDone: () => void;
  onOpen: () => void;
}) {
  const { moment, view, nowMs, first, onDone, onOpen } = props;
  const late = nowMs - moment.plannedMs > 60_000;
  return (
    <Box
      component="li"
      sx={{
        position: 'relative',
        display: 'flex',
        flexDirection: 'column',
        borderTop: first ? 'none' : '4px solid var(--line)',
        borderRadius: '4px 4px 26px 10px',
        background: first ? 'var(--ink)' : 'var(--paper)',
        color: first ? 'var(--paper)' : 'var(--ink)',
        '--disc': first ? 'var(--paper)' : 'var(--ink)',
        '--disc-mark': first ? 'var(--ink)' : 'var(--paper)',
        p: 1.25,
        pb: 1,
        minWidth: 0,
        overflow: 'hidden',
      }}
    >
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, minWidth: 0 }}>
        <GlyphDisc name={moment.glyph} size={30} />
        <Typography component="span" sx={{ fontSize: rem(25), fontWeight: 700, lineHeight: 1.1 }}>
          {clockText(moment.plannedMs, view.units.timeZone)}
        </Typography>
        <Typography component="span" variant="caption" noWrap sx={{ ml: 'auto', opacity: 0.85 }}>
          {late ? tr`due` : (moment.by ?? dayOf(moment, nowMs, view))}
        </Typography>
      </Box>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1, mt: 0.5, minWidth: 0 }}>
        <Typography variant="h3" component="p" noWrap sx={{ flex: 'none', maxWidth: '100%' }}>
          {moment.title}
        </Typography>
        {first ? (
          <Typography variant="caption" noWrap sx={{ minWidth: 0, opacity: 0.85 }}>
            {whereText(moment)}
          </Typography>
        ) : null}
      </Box>
      <Box sx={{ flex: 1, mt: 0.25, minHeight: 0 }}>
        <CardLines moment={moment} units={view.units} />
      </Box>
      {first ? (
        <FirstActs moment={moment} onDone={onDone} onOpen={onOpen} />
      ) : (
        <Typography variant="caption" sx={{ color: 'var(--ink2)', lineHeight: 1.25 }}>
          {[peakText(moment), whereText(moment)]
            .filter((text) => text !== '')
            .map((text) => (
              <Box component="span" key={text} sx={CLIPPED}>
                {text}
              </Box>
            ))}
        </Typography>
      )}
      {first ? null : (
        <Button
          aria-label={tr`Open ${moment.title}`}
          onClick={onOpen}
          sx={{
            position: 'absolute',
            inset: 0,
            opacity: 0,
            minHeight: 0,
            '&:focus-visible': { opacity: 0.35 },
          }}
        />
      )}
    </Box>
  );
}

function dayOf(moment: Moment, nowMs: number, view: TideView): string {
  const text = momentText(moment.plannedMs, nowMs, view.units.timeZone);
  return text.includes(' ') ? (text.split(' ')[0] ?? '') : '';
}

/** Two lines at most, cut where its card ends. */
const CLIPPED = {
  display: '-webkit-box',
  WebkitBoxOrient: 'vertical',
  WebkitLineClamp: '2',
  overflow: 'hidden',
} as const;

/** In what, how warm, and where to: "Spiral, dough 24°, then Bench". */
function whereText({ vessel, foot }: Moment): string {
  return [vessel, foot].filter((text) => text !== null && text !== '').join(', ');
}

function peakText(moment: Moment): string {
  if (moment.offPeakMinutes === null) return '';
  return `${isAtPeak(moment) ? tr`ripe ✓ ` : tr`not at peak: `}${offPeakText(moment.offPeakMinutes)}`;
}

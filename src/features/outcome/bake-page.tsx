'use client';

import { tr, trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import type { BakePageView } from '@/server/scores/bake-page';
import { clockText, dateText } from '@/ui/format';
import { LinkButton } from '@/ui/link-button';
import { ViewFrame } from '@/ui/view-frame';
import { Panes } from '@/ui/panes';
import type { ScoreActions } from './score-actions';
import { ScoreForm } from './score-form';

/** A bake: how it turned out, what was done for it, and others to lay beside it. */
export function BakePage({ view, actions }: { view: BakePageView; actions: ScoreActions }) {
  const { units } = view;
  return (
    <ViewFrame
      title={view.name}
      subtitle={`${dateText(view.fromMs, units.timeZone)}, ${clockText(view.fromMs, units.timeZone)}–${clockText(view.toMs, units.timeZone)}`}
      clock={clockText(view.nowMs, units.timeZone)}
      aside={
        <Typography sx={{ px: 2 }}>
          {view.state === 'baked' ? tr`${view.balls} baked` : STATE_SAYS[view.state]}
        </Typography>
      }
    >
      <Panes columns="minmax(0, 1fr) 380px">
        <Box sx={{ background: 'var(--paper)' }}>
          {view.state === 'baked' ? (
            <ScoreForm view={view} actions={actions} />
          ) : (
            <Typography sx={{ p: 3 }}>
              {tr`Nothing of it was baked yet. Once it is, how it turned out is written here.`}
            </Typography>
          )}
        </Box>
        <DoneForIt view={view} />
      </Panes>
    </ViewFrame>
  );
}

function DoneForIt({ view }: { view: BakePageView }) {
  const { units } = view;
  return (
    <Box component="aside" sx={{ p: 2, borderLeft: { md: '2px solid var(--line)' } }}>
      {view.state === 'baked' ? <Beside view={view} /> : null}
      <Typography variant="h2" sx={{ mt: 2 }}>
        {tr`What was done for it`}
      </Typography>
      {view.rows.map((row) => (
        <Typography key={row.batch} variant="body2" sx={{ py: 0.25 }}>
          <strong>{clockText(row.atMs, units.timeZone)}</strong> {row.says}
          {row.by === null ? '' : `, ${row.by}`}
        </Typography>
      ))}
      <LinkButton href={`/log?q=${encodeURIComponent(view.name)}`} variant="text">
        {tr`All of it in the Log`}
      </LinkButton>
    </Box>
  );
}

const STATE_SAYS = {
  get planned() {
    return tr`still to come`;
  },
  get withdrawn() {
    return tr`withdrawn`;
  },
  baked: '',
} as const;

/** Other bakes to lay beside this one. */
function Beside({ view }: { view: BakePageView }) {
  const { timeZone } = view.units;
  return (
    <>
      <Typography variant="h2">{tr`Lay it beside`}</Typography>
      {view.others.length === 0 ? (
        <Typography variant="body2">{tr`another bake, once there is one.`}</Typography>
      ) : null}
      {view.others.slice(0, 8).map((one) => (
        <Typography key={one.bakeId} sx={{ py: 0.75 }}>
          <Link
            component={NextLink}
            href={`/compare?bake=${encodeURIComponent(one.bakeId)}&bake=${encodeURIComponent(view.bakeId)}`}
            color="inherit"
          >
            {one.name}, {dateText(one.fromMs, timeZone)}
          </Link>
          {one.score?.score.opening === undefined
            ? ''
            : tr`: ${trOf(one.score.score.opening.first)}, then ${trOf(one.score.score.opening.last)}`}
        </Typography>
      ))}
    </>
  );
}

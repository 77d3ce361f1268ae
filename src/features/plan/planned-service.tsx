'use client';

import { tr } from '@/words/tr';
import PushPin from '@mui/icons-material/PushPin';
import PushPinOutlined from '@mui/icons-material/PushPinOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { toLocalText } from '@/core/units';
import type { PlanView } from '@/server/plan/view';
import type { WeekService } from '@/server/plan/week-services';
import { momentText } from '@/ui/format';
import { LinkButton } from '@/ui/link-button';
import { GlyphDisc } from '@/ui/marks/glyphs';
import { rem } from '@/ui/rem';
import { useSend } from '@/ui/hands/use-send';
import type { PlanActions } from './plan-actions';
import { newId } from '@/ui/new-id';

const NUDGE_MS = 15 * 60_000;

type PlannedMoment = PlanView['moments'][number];

/** A service with a plan: its moments, each to be nudged or pinned, and the way back. */
export function PlannedService(props: {
  view: PlanView;
  service: WeekService;
  actions: PlanActions;
  /** It is another bake now. */
  onReplanned: (bakeId: string) => void;
}) {
  const { view, service, actions, onReplanned } = props;
  const moments = view.moments.filter((one) => one.bakeId === service.bakeId);
  const { send, busy } = useSend('notice');
  const undo =
    ({ batch }: { batch: string }) =>
    () =>
      actions.undo(batch);
  const withdraw = () =>
    send(() => actions.withdrawBake(service.bakeId ?? ''), {
      said: tr`${service.name}: plan withdrawn.`,
      undo,
    });
  const replan = () =>
    send(() => actions.replan({ bakeId: service.bakeId, batch: newId() }), {
      said: tr`${service.name}: planned anew.`,
      undo,
      then: ({ bakeId }) => onReplanned(bakeId),
    });
  const nudge = (stepId: string, toMs: number) => {
    const at = toLocalText(toMs, view.units.timeZone);
    send(() => actions.move({ stepId, at, batch: newId() }), {
      said: tr`Moved, with what follows.`,
      undo,
    });
  };
  const pin = (stepId: string, pinned: boolean) => send(() => actions.pin(stepId, pinned));
  return (
    <Box sx={{ p: 2 }} data-testid="planned-service">
      <Typography variant="h2">{tr`${service.name}: what is still to be done`}</Typography>
      {moments.length === 0 ? (
        <Typography>{tr`Everything of it is done. What was done is never moved.`}</Typography>
      ) : null}
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0, my: 1 }}>
        {moments.map((one) => (
          <Box
            component="li"
            key={one.ref}
            sx={{
              display: 'flex',
              alignItems: 'center',
              flexWrap: 'wrap',
              gap: 1,
              borderTop: '1px solid var(--line)',
              minHeight: 48,
            }}
          >
            <GlyphDisc name={one.glyph} size={26} />
            <Typography sx={{ fontWeight: 700, width: rem(92) }}>
              {momentText(one.atMs, view.nowMs, view.units.timeZone)}
            </Typography>
            <Typography sx={{ flex: '1 1 12rem' }}>
              {one.title}
              {one.by === null ? '' : `, ${one.by}`}
            </Typography>
            {one.glyph === 'bake' ? null : (
              <MomentActs busy={busy} one={one} onNudge={nudge} onPin={pin} />
            )}
          </Box>
        ))}
      </Box>
      <ServiceActs moments={moments} busy={busy} onReplan={replan} onWithdraw={withdraw} />
    </Box>
  );
}

/** A moment a little earlier or later, or pinned to its hour. */
function MomentActs(props: {
  busy: boolean;
  one: PlannedMoment;
  onNudge: (stepId: string, toMs: number) => void;
  onPin: (stepId: string, pinned: boolean) => void;
}) {
  const { busy, one, onNudge, onPin } = props;
  return (
    <>
      <Button
        size="small"
        disabled={busy}
        aria-label={tr`${one.title} 15 minutes earlier`}
        onClick={() => onNudge(one.ref, one.atMs - NUDGE_MS)}
      >
        −15
      </Button>
      <Button
        size="small"
        disabled={busy}
        aria-label={tr`${one.title} 15 minutes later`}
        onClick={() => onNudge(one.ref, one.atMs + NUDGE_MS)}
      >
        +15
      </Button>
      <IconButton
        aria-pressed={one.pinned}
        aria-label={`${one.title}: ${one.pinned ? tr`pinned` : tr`pin`}`}
        disabled={busy}
        onClick={() => onPin(one.ref, !one.pinned)}
      >
        {one.pinned ? <PushPin /> : <PushPinOutlined />}
      </IconButton>
    </>
  );
}

function ServiceActs(props: {
  moments: readonly PlannedMoment[];
  busy: boolean;
  onReplan: () => void;
  onWithdraw: () => void;
}) {
  const { moments, busy, onReplan, onWithdraw } = props;
  return (
    <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
      {moments.length === 0 ? null : (
        <>
          <Button disabled={busy} onClick={onReplan} data-testid="replan">
            {tr`Plan it anew around the pins`}
          </Button>
          <Button disabled={busy} onClick={onWithdraw}>
            {tr`Withdraw this plan`}
          </Button>
        </>
      )}
      <LinkButton href="/">{tr`See it on the Tide`}</LinkButton>
    </Box>
  );
}

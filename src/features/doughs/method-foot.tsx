'use client';

import { tr } from '@/words/tr';
import type { DoughFacts } from '@/shop/doughs/facts';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { piecesOf } from '@/core/planner';
import { fromLocalText, type ShopUnits } from '@/core/units';

import type { MethodRow } from '@/server/doughs/methods';
import { useWidth } from '@/ui/use-width';
import { BatchesPanel } from './batches-panel';
import type { DoughActions } from './dough-actions';
import { EndurancePanel } from './endurance-panel';
import { MethodAct } from './method-act';
import { HoursWhy } from '@/ui/panels/hours-why';
import { MethodRemarks } from '@/ui/panels/method-remarks';
import { MethodStages } from '@/ui/strand/method-stages';
import { ShareSlider } from './share-slider';
import type { Working } from './use-method';
import { WaysPanel } from './ways-panel';
import type { RefObject } from 'react';

/** What comes of a formula: its stages on one clock, share, endurance, batches, the act, and what to know. */
export function MethodFoot(props: {
  working: Working;
  opened: MethodRow;
  facts: DoughFacts;
  actions: DoughActions;
  wrong: string | null;
}) {
  const { working, opened, facts, actions, wrong } = props;
  // Measured in here: what stands outside of the view’s own part is not there yet when this comes to life.
  const { ref, width } = useWidth(1280);
  const { method, columns, answer } = working;
  const { units } = facts;
  const plan = answer?.kind === 'plan' ? answer : null;
  const service = {
    fromMs: fromLocalText(working.wish.readyFrom, units.timeZone),
    toMs: fromLocalText(working.wish.readyTo, units.timeZone),
  };
  const pieces = columns === null ? [] : piecesOf(method, columns, facts.pantry, facts.scaleStepG);
  const balls = pieces.reduce((sum, piece) => sum + piece.count, 0);
  return (
    <>
      <Stages ref={ref} plan={plan} wrong={wrong} service={service} units={units} width={width} />
      <Acts
        working={working}
        facts={facts}
        plan={plan}
        balls={balls}
        opened={opened}
        actions={actions}
      />
      {columns === null ? null : <ToKnow columns={columns} answer={plan} facts={facts} />}
      {columns === null ? null : <WaysPanel working={working} facts={facts} />}
    </>
  );
}

/** Its stages on one clock. */
function Stages(props: {
  ref: RefObject<HTMLDivElement | null>;
  plan: Extract<Working['answer'], { kind: 'plan' }> | null;
  wrong: string | null;
  service: { fromMs: number; toMs: number };
  units: ShopUnits;
  width: number;
}) {
  const { ref, plan, wrong, service, units, width } = props;
  return (
    <Box
      ref={ref}
      component="section"
      aria-label={tr`Stages`}
      sx={{
        borderTop: '2px solid var(--ink)',
        background: 'var(--paper)',
        minHeight: 138,
        overflow: 'hidden',
      }}
    >
      {plan === null ? (
        <Typography color="text.secondary" sx={{ p: 2 }}>
          {wrong === null ? tr`Working out the hours…` : tr`No hours yet.`}
        </Typography>
      ) : (
        <MethodStages
          plan={plan.plan}
          service={service}
          timeZone={units.timeZone}
          width={Math.max(320, width)}
        />
      )}
    </Box>
  );
}

/** Its share, its endurance, its batches and the act. */
function Acts(props: {
  working: Working;
  facts: DoughFacts;
  plan: Extract<Working['answer'], { kind: 'plan' }> | null;
  balls: number;
  opened: MethodRow;
  actions: DoughActions;
}) {
  const { working, facts, plan, balls, opened, actions } = props;
  const { method, columns } = working;
  return (
    <Box
      sx={{
        borderTop: '2px solid var(--ink)',
        display: 'grid',
        columnGap: 3,
        rowGap: 2,
        px: 2,
        py: 1,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '1.1fr 1.1fr 0.8fr auto' },
        alignItems: 'start',
      }}
    >
      <ShareSlider working={working} facts={facts} />
      {plan === null ? (
        <Box />
      ) : (
        <EndurancePanel
          endurance={plan.endurance}
          blend={plan.blend}
          saltShare={method.dough.saltShare}
          facts={facts}
        />
      )}
      {columns === null ? (
        <Box />
      ) : (
        <BatchesPanel columns={columns} method={method} balls={balls} facts={facts} />
      )}
      <MethodAct working={working} opened={opened} facts={facts} actions={actions} plan={plan} />
    </Box>
  );
}

/** What to know of it: its remarks, and why its hours are where they are. */
function ToKnow(props: {
  columns: NonNullable<Working['columns']>;
  answer: Extract<Working['answer'], { kind: 'plan' }> | null;
  facts: DoughFacts;
}) {
  const { columns, answer, facts } = props;
  return (
    <Box sx={{ px: 2, pb: 2, maxWidth: 1100 }}>
      <MethodRemarks plan={answer?.plan ?? null} columns={columns} planning={facts} />
      <HoursWhy reasons={answer?.whys ?? []} units={facts.units} />
    </Box>
  );
}

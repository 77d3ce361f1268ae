'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { noMethodPlanSentence } from '@/shop/doughs/method-request';
import type { DoughsView } from '@/server/doughs/view';
import { clockText } from '@/ui/format';
import { MendButton } from '@/ui/panels/mend-button';
import { ViewFrame } from '@/ui/view-frame';
import { targetTimes } from '@/core/planner';
import { toLocalText } from '@/core/units';
import type { DoughActions } from './dough-actions';
import { DoughsTells } from './doughs-tells';
import { FormulaPanel } from './formula-panel';
import { MethodFoot } from './method-foot';
import { MethodSides } from './method-sides';
import { useMethod, type Working } from './use-method';

/** One method on one screen: its formula with its flows, its stages, share, endurance, batches, and the act. */
export function MethodView({ view, actions }: { view: DoughsView; actions: DoughActions }) {
  const { facts, opened, defaults } = view;
  if (opened === null) throw new Error('a method is opened');
  const working = useMethod(opened.method, facts, {
    name: opened.method.name.slice(0, 30),
    readyFrom: defaults.readyFrom,
    readyTo: defaults.readyTo,
    mixAt: null,
    leavenAt: {},
  });
  const { method, columns, answer } = working;
  const { units } = facts;
  const wrong =
    working.refused ??
    (answer?.kind === 'infeasible'
      ? noMethodPlanSentence(answer, units.timeZone, facts.nowMs)
      : null);
  return (
    <ViewFrame
      title={method.name}
      subtitle={
        opened.number === null ? tr`a starting method` : tr`method, version ${opened.number}`
      }
      clock={clockText(facts.nowMs, units.timeZone)}
      aside={<DoughsTells method={method} columns={columns} answer={answer} facts={facts} />}
    >
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 352px' },
        }}
      >
        <Box sx={{ minWidth: 0, minHeight: { md: 360 }, background: 'var(--paper)', pt: 1 }}>
          {columns === null ? (
            <Typography sx={{ p: 2 }}>{tr`This can not be weighed as it stands.`}</Typography>
          ) : (
            <FormulaPanel
              columns={columns}
              pantry={facts.pantry}
              units={units}
              held={working.held}
              onHeld={working.setHeld}
              onEdit={working.edit}
            />
          )}
          {wrong === null ? null : (
            <Alert
              severity="warning"
              data-testid="refusal"
              sx={{ m: 2 }}
              action={<Mended working={working} timeZone={units.timeZone} />}
            >
              {tr`${wrong} Nothing was lost.`}
            </Alert>
          )}
        </Box>
        <MethodSides working={working} opened={opened} view={view} actions={actions} />
      </Box>
      <MethodFoot working={working} opened={opened} facts={facts} actions={actions} wrong={wrong} />
    </ViewFrame>
  );
}

/** What would mend it, one tap away; nothing where what is typed can not be weighed at all. */
function Mended({ working, timeZone }: { working: Working; timeZone: string }) {
  const { answer, refused, method } = working;
  if (refused !== null || answer?.kind !== 'infeasible') return null;
  const local = (atMs: number) => toLocalText(atMs, timeZone).slice(0, 16);
  return (
    <MendButton
      mend={answer.mend}
      timeZone={timeZone}
      onMend={(mend) => {
        if (mend.kind === 'serve') {
          working.setWish({ readyFrom: local(mend.fromMs), readyTo: local(mend.toMs) });
        } else if (mend.kind === 'more') {
          working.change({ ...method, target: targetTimes(method.target, mend.times) });
        } else {
          working.setWish({ leavenAt: {}, ...(mend.of === 'all' ? { mixAt: null } : {}) });
        }
      }}
    />
  );
}

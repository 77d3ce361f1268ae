'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { Suspense, useState } from 'react';
import { threeColumns, type Columns } from '@/core/formula';
import { fromLocalText } from '@/core/units';
import type { NewBakeView } from '@/server/bakes/new-bake-view';
import type { Outcome } from '@/shop/outcome';
import { clockText, massText } from '@/ui/format';
import { GlyphDisc } from '@/ui/marks/glyphs';
import { useSend } from '@/ui/hands/use-send';
import { useWidth } from '@/ui/use-width';
import { BakeFieldsForm } from './bake-fields-form';
import { firstFields, mendedFields, type BakeFields } from './fields';
import { FormulaTable } from './formula-table';
import { MomentsPanel } from './moments-panel';
import { HoursWhy } from '@/ui/panels/hours-why';
import { MendButton } from '@/ui/panels/mend-button';
import { MethodRemarks } from '@/ui/panels/method-remarks';
import { MethodStages } from '@/ui/strand/method-stages';
import { useBakePlan } from './use-bake-plan';
import { BAR_HEIGHT } from '@/ui/bar-size';
import { rem } from '@/ui/rem';
import { Panes } from '@/ui/panes';
import type { Mend, MethodPlan, HourReason } from '@/core/planner';
import type { ShopFacts } from '@/shop/facts';

/** A new bake: say how many and when; the grams and the hours follow as it is typed. */
export function NewBake(props: {
  view: NewBakeView;
  take: (form: unknown) => Promise<Outcome<{ bakeId: string; batch: string }>>;
  undo: (batch: string) => Promise<Outcome<{ batch: string }>>;
}) {
  const { view, take, undo } = props;
  const { facts } = view;
  const [fields, setFields] = useState<BakeFields>(() => firstFields(view));
  const { send, busy, wrong: refused, clear } = useSend();
  const { plan, whys, errors, mend, planning } = useBakePlan(fields, facts);
  const columns = plan === null ? null : threeColumns(plan.columns);
  const { ref, width } = useWidth(760);
  const router = useRouter();
  const change = (changed: Partial<BakeFields>) => {
    clear();
    setFields((before) => ({ ...before, ...changed }));
  };
  const takeIt = () =>
    send(() => take(fields), {
      said: tr`${fields.name}: taken into the plan.`,
      undo:
        ({ batch }) =>
        () =>
          undo(batch),
      then: () => router.push('/'),
    });
  const wrong = { ...errors, ...refused };
  return (
    <Panes columns="332px minmax(0, 1fr)">
      <Box
        sx={{
          background: 'var(--flour)',
          p: 2,
          borderRight: { md: '3px solid var(--ink)' },
        }}
      >
        <Suspense>
          <BakeFieldsForm view={view} fields={fields} wrong={wrong} onChange={change} />
        </Suspense>
      </Box>
      <Box
        ref={ref}
        sx={{
          background: 'var(--paper)',
          p: 2,
          display: 'grid',
          gridTemplateColumns: 'minmax(0, 1fr)',
          gap: 1.5,
          alignContent: 'start',
        }}
      >
        {wrong[''] === undefined && wrong['readyFrom'] === undefined ? null : (
          <Refused mend={mend} facts={facts} onChange={change} fields={fields} wrong={wrong} />
        )}
        {plan === null || columns === null ? (
          <Typography color="text.secondary">
            {tr`Correct the marked fields, and the grams and the hours stand here.`}
          </Typography>
        ) : (
          <Found
            plan={plan}
            fields={fields}
            width={width}
            columns={columns}
            view={view}
            whys={whys}
            onChange={change}
            onTake={takeIt}
            busy={busy}
            planning={planning}
          />
        )}
      </Box>
    </Panes>
  );
}

/** Why there is no such bake, and what would mend it. */
function Refused(props: {
  mend: Mend | null;
  facts: ShopFacts;
  onChange: (changed: Partial<BakeFields>) => void;
  fields: BakeFields;
  wrong: Readonly<Record<string, string>>;
}) {
  const { mend, facts, onChange, fields, wrong } = props;
  return (
    <Alert
      severity="warning"
      data-testid="refusal"
      action={
        <MendButton
          mend={mend}
          timeZone={facts.timeZone}
          onMend={(one) => onChange(mendedFields(fields, one, facts.timeZone))}
        />
      }
    >
      {wrong[''] ?? wrong['readyFrom']}
    </Alert>
  );
}

/** The bake as it was found: its strand, its grams, its hours, and the act. */
function Found(props: {
  plan: MethodPlan;
  fields: BakeFields;
  width: number;
  columns: Columns;
  view: NewBakeView;
  whys: readonly HourReason[];
  onChange: (changed: Partial<BakeFields>) => void;
  onTake: () => void;
  busy: boolean;
  planning: boolean;
}) {
  const { plan, fields, width, columns, view, whys, onChange, onTake, busy, planning } = props;
  const { facts } = view;
  return (
    <>
      <Suspense>
        <MethodStages
          plan={plan}
          service={{
            fromMs: fromLocalText(fields.readyFrom, facts.timeZone),
            toMs: fromLocalText(fields.readyTo, facts.timeZone),
          }}
          timeZone={facts.timeZone}
          width={Math.max(280, width - 32)}
        />
      </Suspense>
      <Suspense>
        <FormulaTable columns={columns} pantry={facts.pantry} units={view.facts.units} />
      </Suspense>
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', lg: '1fr auto' }, gap: 2 }}>
        <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'start' }}>
          <MethodRemarks plan={plan} columns={plan.columns} planning={facts} />
          <HoursWhy reasons={whys} units={view.facts.units} />
          <Suspense>
            <MomentsPanel
              plan={plan}
              nowMs={facts.nowMs}
              timeZone={facts.timeZone}
              held={fields}
              onHold={(field, value) => onChange({ [field]: value })}
            />
          </Suspense>
        </Box>
        <TakeAct
          onTake={onTake}
          busy={busy}
          planning={planning}
          plan={plan}
          columns={columns}
          view={view}
        />
      </Box>
    </>
  );
}

/** Takes the bake as it stands; in sight on every screen. */
function TakeAct(props: {
  onTake: () => void;
  busy: boolean;
  planning: boolean;
  plan: MethodPlan;
  columns: Columns;
  view: NewBakeView;
}) {
  const { onTake, busy, planning, plan, columns, view } = props;
  const { facts } = view;
  return (
    <Button
      variant="contained"
      onClick={onTake}
      disabled={busy || planning}
      sx={{
        alignSelf: 'end',
        // The act stays in sight, over the bar of a phone.
        position: 'sticky',
        bottom: { xs: BAR_HEIGHT + 12, sm: 16 },
        zIndex: 2,
        justifySelf: { xs: 'stretch', lg: 'end' },
        width: { lg: 190 },
        display: 'block',
        textAlign: 'left',
        p: 2,
        '--disc': 'var(--paper)',
        '--disc-mark': 'var(--ink)',
      }}
    >
      <Box component="span" sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
        <GlyphDisc name="feed" size={30} />
        <Box component="span" sx={{ fontSize: rem(25) }}>
          {clockText(plan.leavens[0]?.atMs ?? plan.mixAtMs, facts.timeZone)}
        </Box>
      </Box>
      <Box component="span" className="name" sx={{ display: 'block', fontSize: rem(19), mt: 0.5 }}>
        {tr`Take this bake`}
      </Box>
      <Box component="span" sx={{ display: 'block', fontSize: rem(14), fontWeight: 400 }}>
        {tr`poolish ${massText(columns.poolishG, view.facts.units)}`}
      </Box>
    </Button>
  );
}

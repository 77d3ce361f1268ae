'use client';

import { tr } from '@/words/tr';
import type { DivideFact, MixView } from '@/shop/mix/view';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { FigureField } from '@/ui/fields/figure-field';
import { useShopUnits } from '@/ui/fields/shop-units';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useState } from 'react';

import { massText, tempText } from '@/ui/format';
import { newBatch, useAct } from '@/ui/hands/use-act';
import { LinkButton } from '@/ui/link-button';
import { ChoiceField } from '@/ui/fields/choice-field';
import { rem } from '@/ui/rem';
import { Differences } from './differences';
import type { MixActions } from './mix-actions';
import { ByFeel, DoughLook, UndoLast } from './side-acts';
import type { useCard } from './use-card';

type CardWork = ReturnType<typeof useCard>;

/** The end of a card: salt, dough out of the bowl, into the journal, divided. */
export function FinishPane(props: { view: MixView; working: CardWork; actions: MixActions }) {
  const { view, working, actions } = props;
  const { card } = working;
  if (view.written !== null) return <Divide view={view} actions={actions} />;
  return (
    <>
      <Typography variant="h2">{tr`Out of the bowl`}</Typography>
      {card.salt === 'missing' ? (
        <SaltGuard working={working} />
      ) : (
        <Out view={view} working={working} />
      )}
      {card.out === null ? null : <Finish view={view} working={working} actions={actions} />}
      <DoughLook working={working} />
      <ByFeel view={view} working={working} />
      <UndoLast working={working} />
    </>
  );
}

/** The salt can not be forgotten: asked before the dough leaves the bowl. */
export function SaltGuard({ working }: { working: CardWork }) {
  return (
    <Alert severity="warning" data-testid="salt-guard">
      {tr`The salt was not weighed in. Is it in the dough?`}
      <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
        <Button size="small" onClick={() => working.write({ kind: 'salt', answer: 'it is in' })}>
          {tr`It is in`}
        </Button>
        <Button size="small" onClick={() => working.write({ kind: 'salt', answer: 'left out' })}>
          {tr`Left out on purpose`}
        </Button>
      </Box>
    </Alert>
  );
}

function Out({ view, working }: { view: MixView; working: CardWork }) {
  const { out } = working.card;
  const [tempC, setTempC] = useState(out === null ? '' : String(out.tempC));
  const [doughG, setDoughG] = useState(out?.doughG == null ? '' : String(out.doughG));
  const number = (text: string) => Number(text.replace(',', '.'));
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5 }}>
        <FigureField
          label={tr`Dough`}
          of="temperature"
          more={tr` (wanted ${tempText(view.mix.aimC, view.units)})`}
          name="outC"
          value={tempC}
          onChange={setTempC}
        />
        <FigureField
          label={tr`It weighs`}
          of="mass"
          name="doughG"
          value={doughG}
          onChange={setDoughG}
        />
      </Box>
      <Button
        disabled={tempC.trim() === ''}
        onClick={() =>
          working.write({
            kind: 'out',
            tempC: number(tempC),
            ...(doughG.trim() === '' ? {} : { doughG: number(doughG) }),
          })
        }
      >
        {out === null ? tr`Note it` : tr`Note it anew`}
      </Button>
    </Box>
  );
}

function Finish(props: { view: MixView; working: CardWork; actions: MixActions }) {
  const { view, working, actions } = props;
  const { run, busy, refused } = useAct(actions);
  const [by, setBy] = useState(view.people[0] ?? '');
  const router = useRouter();
  const finish = () =>
    run(
      () =>
        actions.finish({
          stepId: view.stepId,
          batchNumber: view.batchNumber,
          batch: newBatch(),
          by: by === '' ? null : by,
        }),
      (value) =>
        value.written
          ? tr`${view.title}: mixed.`
          : tr`Batch ${view.batchNumber} is ready; ${value.waitsFor} to come.`,
      (value) => {
        if (!value.written)
          router.push(`/mix/${encodeURIComponent(view.stepId)}?batch=${view.batchNumber + 1}`);
      },
    );
  const { card } = working;
  const wrong = Object.values(refused)[0];
  return (
    <Box sx={{ display: 'grid', gap: 1.25 }}>
      <Typography data-testid="out">
        {tr`Out at ${tempText(card.out?.tempC ?? 0, view.units)}${card.out?.doughG == null ? '' : `, ${massText(card.out.doughG, view.units)}`}.`}
      </Typography>
      {view.people.length === 0 ? null : (
        <ChoiceField
          name="by"
          label={tr`Mixed by`}
          value={by}
          options={view.people.map((name) => ({ id: name, name }))}
          onChange={setBy}
        />
      )}
      {wrong === undefined ? null : <Alert severity="warning">{wrong}</Alert>}
      <Button size="large" variant="contained" disabled={busy} onClick={finish}>
        {tr`Finish this mix`}
      </Button>
    </Box>
  );
}

/** The other way to divide: the planned weight kept, and what is over a small ball or carry-over. */
function AtPlannedWeight(props: {
  fact: DivideFact;
  busy: boolean;
  onDivide: (fact: DivideFact, count: number, weightG: number) => void;
}) {
  const { fact, busy, onDivide } = props;
  const units = useShopUnits();
  const { asPlanned, plannedG, weightG } = fact;
  if (asPlanned === null || asPlanned.count < 1 || weightG === plannedG) return null;
  const over = massText(Math.round(asPlanned.remainderG), units);
  const rest =
    asPlanned.remainder === 'none'
      ? ''
      : asPlanned.remainder === 'small ball'
        ? tr` and a small ball of ${over}`
        : tr`, ${over} to carry-over`;
  return (
    <Button
      variant="text"
      disabled={busy}
      onClick={() => onDivide(fact, asPlanned.count, plannedG)}
    >
      {tr`Or ${asPlanned.count} × ${massText(Math.round(plannedG), units)}${rest}`}
    </Button>
  );
}

/** Dividing what was really made: the counts stay, the weights use it up. */
function Divide({ view, actions }: { view: MixView; actions: MixActions }) {
  const { run, busy, refused } = useAct(actions);
  const wrong = Object.values(refused)[0];
  const divide = (fact: DivideFact, count: number, weightG: number) =>
    run(
      () =>
        actions.doStep({
          stepId: fact.stepId,
          batch: newBatch(),
          grams: { ball: weightG },
          count,
          // Worked out from the dough as it was weighed, and shown: nothing to ask.
          sure: true,
        }),
      () => tr`${fact.name}: ${count} divided.`,
    );
  return (
    <>
      <Typography variant="h2">{tr`It stands in the Log`}</Typography>
      <Typography>
        {tr`With what was really weighed, at its real time. Take it back there and the card opens again.`}
      </Typography>
      <Differences view={view} />
      {view.divides.map((fact) => (
        <Box key={fact.stepId} sx={{ display: 'grid', gap: 1 }}>
          <Typography
            data-testid="divide"
            sx={{ fontSize: rem(26), fontWeight: 700, lineHeight: 1.15 }}
          >
            {fact.count} × {massText(Math.round(fact.weightG ?? fact.plannedG), view.units)}
          </Typography>
          <Typography>
            {fact.name}
            {fact.weightG === null || fact.weightG === fact.plannedG
              ? ''
              : tr`: so it is used up; planned were ${massText(Math.round(fact.plannedG), view.units)}`}
          </Typography>
          <Button
            size="large"
            disabled={busy}
            onClick={() => divide(fact, fact.count, fact.weightG ?? fact.plannedG)}
          >
            {tr`Divided now`}
          </Button>
          <AtPlannedWeight fact={fact} busy={busy} onDivide={divide} />
        </Box>
      ))}
      {view.remainderG !== null && view.remainderG >= 1 ? (
        <Typography variant="body2">
          {tr`${massText(Math.round(view.remainderG), view.units)} are left over.`}
        </Typography>
      ) : null}
      {view.divides.length === 0 ? (
        <Typography>{tr`Divided already, or nothing to divide.`}</Typography>
      ) : null}
      {wrong === undefined ? null : <Alert severity="warning">{wrong}</Alert>}
      <LinkButton href="/">{tr`Back to the Tide`}</LinkButton>
    </>
  );
}

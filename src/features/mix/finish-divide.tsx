'use client';

import { tr } from '@/words/tr';
import type { DivideFact, MixView } from '@/shop/mix/view';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useShopUnits } from '@/ui/fields/shop-units';
import Typography from '@mui/material/Typography';
import { massText } from '@/ui/format';
import { newBatch, useAct } from '@/ui/hands/use-act';
import { LinkButton } from '@/ui/link-button';
import { rem } from '@/ui/rem';
import { Differences } from './differences';
import type { MixActions } from './mix-actions';

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
export function Divide({ view, actions }: { view: MixView; actions: MixActions }) {
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

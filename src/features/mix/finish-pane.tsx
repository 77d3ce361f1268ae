'use client';

import { tr } from '@/words/tr';
import type { MixView } from '@/shop/mix/view';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { FigureField } from '@/ui/fields/figure-field';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { massText, tempText } from '@/ui/format';
import { newBatch, useAct } from '@/ui/hands/use-act';
import { ChoiceField } from '@/ui/fields/choice-field';
import type { MixActions } from './mix-actions';
import { ByFeel, DoughLook, UndoLast } from './side-acts';
import type { useCard } from './use-card';
import { Divide } from './finish-divide';
import type { MixCard } from '@/core/mixing';

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
    <FinishFields
      card={card}
      view={view}
      by={by}
      onBy={setBy}
      wrong={wrong}
      busy={busy}
      onFinish={finish}
    />
  );
}

function FinishFields(props: {
  card: MixCard;
  view: MixView;
  by: string;
  onBy: (by: string) => void;
  wrong: string | undefined;
  busy: boolean;
  onFinish: () => void;
}) {
  const { card, view, by, onBy, wrong, busy, onFinish } = props;
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
          onChange={onBy}
        />
      )}
      {wrong === undefined ? null : <Alert severity="warning">{wrong}</Alert>}
      <Button size="large" variant="contained" disabled={busy} onClick={onFinish}>
        {tr`Finish this mix`}
      </Button>
    </Box>
  );
}

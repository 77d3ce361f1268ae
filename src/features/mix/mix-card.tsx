'use client';

import { tr, trOf } from '@/words/tr';
import type { MixView } from '@/shop/mix/view';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { pauseProposed, type CardLine, type MixCard, type WeighItem } from '@/core/mixing';
import { waterNote } from '@/shop/mix/sheet-content';
import { sentenceInUnits } from '@/shop/sentence-in-units';

import { waterTell } from './water-tell';
import { clockText, decimals, massText, percentText, tempText } from '@/ui/format';
import { CautionLine } from '@/ui/cautions/caution-line';
import { LinkButton } from '@/ui/link-button';
import { TellsList } from '@/ui/tells-list';
import { useShopSecond } from '@/ui/use-clock';
import { ViewFrame } from '@/ui/view-frame';
import { CardRows } from './card-rows';
import { FinishPane } from './finish-pane';
import type { MixActions } from './mix-actions';
import { TimePane } from './time-pane';
import { useCard } from './use-card';
import { useScale, type LiveScale, type Shown } from './use-scale';
import { WeighPane } from './weigh-pane';
import { SureQuestion } from '@/ui/hands/sure-question';
import { Panes } from '@/ui/panes';

/** One batch on one screen, at arm's length: the lines in order of adding, the live scale, timers, the salt. */
export function MixCardView({ view, actions }: { view: MixView; actions: MixActions }) {
  const { units, sums, mix, water } = view;
  const nowMs = useShopSecond(view);
  const scale = useScale();
  const working = useCard(view, actions, nowMs);
  const { card, write } = working;
  const [chosen, setChosen] = useState<string | null>(null);
  const current = view.written === null ? lineAtHand(card, chosen) : null;
  const tick = () => current !== null && tickLine(current, scale.shows, write, actions);
  useSpace(view.written === null ? tick : null);
  return (
    <ViewFrame
      title={view.title}
      subtitle={[
        view.methodName,
        view.batches > 1 ? tr`batch ${view.batchNumber} of ${view.batches}` : null,
      ]
        .filter(Boolean)
        .join(' · ')}
      clock={clockText(nowMs, units.timeZone)}
      aside={
        <TellsList
          tells={[
            {
              ask: tr`water in total`,
              says: percentText(sums.waterG / Math.max(1, sums.flourG)),
              detail: tr`of every source`,
            },
            {
              ask: 'salt',
              says: percentText(sums.saltG / Math.max(1, sums.flourG), 2),
              detail: tr`of all flour`,
            },
            waterTell(view),
            {
              ask: tr`dough should be`,
              says: tempText(mix.aimC, units),
              detail: tr`pause at ${tempText(mix.limitC, units)}`,
            },
            {
              ask: tr`mix`,
              says: mix.steps.map((step) => `${step.minutes} ${trOf(step.speed)}`).join(' + '),
              detail: tr`mixing adds ${decimals(water?.mixingC ?? 0, 1)}°`,
            },
          ]}
        />
      }
    >
      <Panes columns="minmax(0, 1fr) 470px">
        <Box
          sx={{ minWidth: 0, background: 'var(--paper)', display: 'flex', flexDirection: 'column' }}
        >
          <CardRows
            view={view}
            card={card}
            nowMs={nowMs}
            currentId={current?.item.id ?? null}
            onTick={tick}
            onChoose={setChosen}
            write={write}
          />

          <Foot view={view} kept={!working.busy} />
        </Box>
        <Box sx={{ p: 2.5, display: 'grid', gap: 1.5, alignContent: 'start' }}>
          <Pane
            view={view}
            actions={actions}
            working={working}
            current={current}
            scale={scale}
            nowMs={nowMs}
            onTick={tick}
          />
          <WayOut
            begun={view.marks.length > 0}
            atLine={current !== null}
            ended={chosen === AT_END && card.currentId !== null}
            onChoose={setChosen}
          />
        </Box>
      </Panes>
    </ViewFrame>
  );
}

interface PaneProps {
  readonly view: MixView;
  readonly actions: MixActions;
  readonly working: ReturnType<typeof useCard>;
  readonly current: CardLine | null;
  readonly scale: LiveScale;
  readonly nowMs: number;
  readonly onTick: () => void;
}

/** What the hands do now: weigh, wait, or take the dough out. */
function Pane(props: PaneProps) {
  const { view, actions, working, current, scale, nowMs, onTick: tick } = props;
  const { card, refused } = working;
  const { mix, units } = view;
  return (
    <>
      {refused === null ? null : (
        <Alert severity="warning" data-testid="refusal">
          {refused}
        </Alert>
      )}
      <SureQuestion question={working.question} onYes={working.yes} />
      {pauseProposed(card, mix.limitC) ? (
        <Alert severity="warning" data-testid="pause">
          {tr`The dough is at your limit of ${tempText(mix.limitC, units)}: pause, let it cool, go on.`}
        </Alert>
      ) : null}
      {current === null ? (
        <FinishPane view={view} working={working} actions={actions} />
      ) : current.item.kind === 'time' ? (
        <TimePane line={current} nowMs={nowMs} view={view} working={working} />
      ) : (
        <WeighPane
          line={current as CardLine & { item: WeighItem }}
          scale={scale}
          view={view}
          working={working}
          actions={actions}
          onTick={tick}
        />
      )}
    </>
  );
}

/** The dough may leave the bowl though lines are left, and the baker may come back to them. */
function WayOut(props: {
  begun: boolean;
  atLine: boolean;
  ended: boolean;
  onChoose: (itemId: string | null) => void;
}) {
  const { begun, atLine, ended, onChoose } = props;
  if (ended) {
    return (
      <Button variant="text" onClick={() => onChoose(null)}>
        {tr`Back to what is left`}
      </Button>
    );
  }
  return atLine && begun ? (
    <Button variant="text" onClick={() => onChoose(AT_END)}>
      {tr`The dough leaves the bowl`}
    </Button>
  ) : null;
}

/** Stands for no line: the dough leaves the bowl though lines are left. */
const AT_END = 'at-end';

/** The line that was chosen, while it is open; else the first that is. */
function lineAtHand(card: MixCard, chosen: string | null): CardLine | null {
  if (chosen === AT_END) return null;
  const open = (id: string | null) =>
    card.lines.find((line) => line.item.id === id && !line.done) ?? null;
  return open(chosen) ?? open(card.currentId);
}

/** A line weighed: by the scale when it stands still on something, else as the card has it. */
function tickLine(
  line: CardLine,
  shown: Shown,
  write: ReturnType<typeof useCard>['write'],
  actions: MixActions,
): void {
  const { item } = line;
  if (item.kind === 'time') {
    write(
      line.startedMs === null
        ? { kind: 'start', itemId: item.id }
        : { kind: 'done', itemId: item.id },
    );
    return;
  }
  const onScale = shown !== null && shown.stable && shown.massG > 0;
  const massG = onScale ? shown.massG : Math.max(0, line.wantedG - (line.weighedG ?? 0));
  write({ kind: 'weigh', itemId: item.id, massG: round(massG), by: onScale ? 'scale' : 'ticked' });
  if (onScale) void actions.handleScale({ act: 'tare' });
}

const round = (massG: number) => Math.round(massG * 100) / 100;

/** The space bar ticks the line at hand, unless something is being typed. */
function useSpace(tick: (() => void) | null): void {
  useEffect(() => {
    if (tick === null) return undefined;
    const hear = (event: KeyboardEvent) => {
      const at = event.target as HTMLElement | null;
      const typing = at !== null && /^(INPUT|TEXTAREA|SELECT|BUTTON|A)$/.test(at.tagName);
      if (event.key !== ' ' || typing) return;
      event.preventDefault();
      tick();
    };
    window.addEventListener('keydown', hear);
    return () => window.removeEventListener('keydown', hear);
  }, [tick]);
}

function Foot({ view, kept }: { view: MixView; kept: boolean }) {
  return (
    <Box
      sx={{
        mt: 'auto',
        px: 2,
        py: 1.25,
        display: 'flex',
        flexWrap: 'wrap',
        gap: 2,
        alignItems: 'center',
        justifyContent: 'space-between',
      }}
    >
      <OfAll view={view} kept={kept} />
      <LinkButton
        href={`/mix/${encodeURIComponent(view.stepId)}/sheet`}
        variant="text"
        size="small"
      >
        {tr`On paper`}
      </LinkButton>
    </Box>
  );
}

/** What the whole dough comes to, and what is to be known of it. */
function OfAll({ view, kept }: { view: MixView; kept: boolean }) {
  const { sums, units, allergens } = view;
  return (
    <Box sx={{ flex: '1 1 22rem' }}>
      <Typography>
        {tr`Per cent of all flour, `}
        <strong>{massText(sums.flourG, units)}</strong>
        {tr`. Dough `}
        <strong>{massText(sums.massG, units)}</strong>
        {tr`. Contains ${allergens.join(', ') || tr`nothing noted`}.`}
      </Typography>
      {view.notes.map((note) => (
        <Typography key={note} variant="body2">
          {note}
        </Typography>
      ))}
      {view.water === null || view.water.answer.bound === null ? null : (
        <Typography variant="body2" data-testid="water-note" sx={{ fontWeight: 700 }}>
          {sentenceInUnits(waterNote(view.water), units)}
        </Typography>
      )}
      <Typography variant="body2" aria-live="polite" data-testid="kept">
        {kept ? tr`Every line is kept.` : tr`Keeping it…`}
      </Typography>
      <CautionLine at="mix" />
    </Box>
  );
}

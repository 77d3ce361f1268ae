'use client';

import { tr, trOf } from '@/words/tr';
import { sentenceInUnits } from '@/shop/sentence-in-units';
import { useShopUnits } from '@/ui/fields/shop-units';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useEffect, useMemo, useRef, useState } from 'react';
import {
  CHOICES,
  JUDGEMENTS,
  lapse,
  practiceRound,
  type Choice,
  type Judgement,
} from '@/core/practice';
import { sentencesOf, type Outcome } from '@/shop/outcome';
import type { PracticeView } from '@/server/practice/practice';
import { useAskAnew } from '@/ui/ask-anew';
import { clockText, spanText } from '@/ui/format';
import { keyIsTaken } from '@/ui/keys-taken';
import { LinkButton } from '@/ui/link-button';
import { rem } from '@/ui/rem';
import { useSay } from '@/ui/snack';
import { ViewFrame } from '@/ui/view-frame';
import { JarPicture } from './jar-picture';
import { Past } from './past';
import { Truth } from './truth';

type Log = (form: unknown) => Promise<Outcome<{ points: number }>>;
const HOUR_MS = 3_600_000;
const MOST_GUESS_H = 14;

/** Simulated jars to judge: not yet, use, late; how long; then the truth and why. */
export function Practice({ view, log }: { view: PracticeView; log: Log }) {
  const { units, level, rounds } = view;
  return (
    <ViewFrame
      title={tr`Practice`}
      subtitle={tr`level ${level} of 5`}
      clock={clockText(view.nowMs, units.timeZone)}
      aside={
        <>
          <Past rounds={rounds} />
          <Box sx={{ ml: 'auto', px: 1 }}>
            <LinkButton href="/practice/dough">{tr`Run a whole dough`}</LinkButton>
          </Box>
        </>
      }
    >
      <Round key={`${view.seed} ${rounds.length}`} view={view} log={log} />
    </ViewFrame>
  );
}

function Round({ view, log }: { view: PracticeView; log: Log }) {
  const { seed, level } = view;
  const round = useMemo(() => practiceRound(seed, level), [seed, level]);
  const [judgement, setJudgement] = useState<Judgement | null>(null);
  const [bestInH, setBestInH] = useState(0);
  const [choice, setChoice] = useState<Choice | null>(null);
  const [points, setPoints] = useState<number | null>(null);
  const [hour, setHour] = useState(round.atH);
  const say = useSay();
  const askAnew = useAskAnew();
  const judged = points !== null;
  const submit = async () => {
    if (judgement === null)
      return say({ text: tr`Say first: not yet, use, or late. Keys 1, 2, 3.` });
    const outcome = await log({ seed, level, judgement, bestInH, choice });
    if (!outcome.ok) return say({ text: sentencesOf(outcome) });
    setPoints(outcome.value.points);
  };
  useKeys({
    judge: (index) => {
      if (judged) return;
      if (index < JUDGEMENTS.length) setJudgement(JUDGEMENTS[index] ?? null);
      else setChoice(CHOICES[index - JUDGEMENTS.length] ?? null);
    },
    go: () => (judged ? askAnew() : void submit()),
  });
  const sight = judged ? lapse(round, hour) : round.sight;
  const { scene, toldH } = round;
  const units = useShopUnits();
  return (
    <Box
      sx={{
        flex: 1,
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '340px minmax(0, 1fr)' },
        background: 'var(--paper)',
      }}
    >
      <Box sx={{ p: 2.5, background: 'var(--flour)', borderRight: { md: '2px solid var(--ink)' } }}>
        <Typography sx={{ fontWeight: 700, minHeight: rem(52) }}>
          {tr`${sentenceInUnits(scene.label, units)}. ${toldH} h since it was mixed.`}
        </Typography>
        <JarPicture kind={scene.kind} sight={sight} />
      </Box>
      <Box sx={{ p: 2.5, display: 'grid', gap: 2, alignContent: 'start', minWidth: 0 }}>
        <Typography sx={{ fontSize: rem(18) }}>
          {tr`Smells `}
          <strong>{sight.smell}</strong>
          {tr`; ${sight.touch}. The top is `}
          <strong>{trOf(sight.dome)}</strong>.
        </Typography>
        {judged ? (
          <>
            <Typography
              sx={{ fontSize: rem(30), fontWeight: 700 }}
              role="status"
              data-testid="points"
            >
              {tr`${points} points${judgement === round.truth ? '' : tr`: you said ${trOf(judgement)}`}`}
            </Typography>
            <Truth round={round} hour={hour} onHour={setHour} choice={choice} />
            <Box>
              <Button variant="contained" size="large" onClick={askAnew} data-testid="next-jar">
                {tr`Next jar`}
              </Button>
            </Box>
          </>
        ) : (
          <Question
            judgement={judgement}
            onJudgement={setJudgement}
            bestInH={bestInH}
            onBestInH={setBestInH}
            neededInH={round.neededInH}
            isBalls={round.scene.kind === 'balls'}
            choice={choice}
            onChoice={setChoice}
            onSubmit={() => void submit()}
          />
        )}
      </Box>
    </Box>
  );
}

function Question(props: {
  judgement: Judgement | null;
  onJudgement: (judgement: Judgement | null) => void;
  bestInH: number;
  onBestInH: (hours: number) => void;
  neededInH: number;
  isBalls: boolean;
  choice: Choice | null;
  onChoice: (choice: Choice | null) => void;
  onSubmit: () => void;
}) {
  const { judgement, onJudgement, bestInH, onBestInH, onSubmit } = props;
  return (
    <>
      <ToggleButtonGroup
        exclusive
        value={judgement}
        onChange={(_, value: Judgement | null) => onJudgement(value)}
        aria-label={tr`Your judgement`}
      >
        {JUDGEMENTS.map((one, index) => (
          <ToggleButton
            key={one}
            value={one}
            aria-keyshortcuts={String(index + 1)}
            sx={{ minWidth: 120, minHeight: 56, fontSize: rem(18) }}
          >
            {index + 1} {trOf(one)}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Box>
        <Typography id="best-in">
          {tr`Its best: `}
          <strong>{guessWords(bestInH)}</strong>
        </Typography>
        <Slider
          aria-labelledby="best-in"
          value={bestInH}
          min={-MOST_GUESS_H}
          max={MOST_GUESS_H}
          step={0.25}
          onChange={(_, value) => onBestInH(value)}
          getAriaValueText={guessWords}
          marks={[-12, -8, -4, 0, 4, 8, 12].map((value) => ({
            value,
            label: value === 0 ? tr`now` : `${value > 0 ? '+' : '−'}${Math.abs(value)} h`,
          }))}
          sx={{ maxWidth: 620 }}
        />
      </Box>
      <ChoiceRow {...props} />
      <Box>
        <Button variant="contained" size="large" onClick={onSubmit} data-testid="judge">
          {tr`That is my judgement`}
        </Button>
      </Box>
      <Typography variant="body2" color="text.secondary">
        {tr`Keys: 1, 2, 3 judge; arrows on the slider; 4 to 7 choose; Enter goes on. Nothing here counts as a look at the shop’s own jars.`}
      </Typography>
    </>
  );
}

/** What to do with it, with the hour at which it is needed in mind; it can be left out. */
function ChoiceRow(props: {
  neededInH: number;
  isBalls: boolean;
  choice: Choice | null;
  onChoice: (choice: Choice | null) => void;
}) {
  const { neededInH, isBalls, choice, onChoice } = props;
  return (
    <Box>
      <Typography id="choice" sx={{ mb: 0.5 }}>
        {tr`${isBalls ? tr`They are baked` : tr`It is mixed`} in `}
        <strong>{spanText(neededInH * HOUR_MS)}</strong>
        {tr`. What do you do?`}
      </Typography>
      <ToggleButtonGroup
        exclusive
        value={choice}
        onChange={(_, value: Choice | null) => onChoice(value)}
        aria-labelledby="choice"
        sx={{ flexWrap: 'wrap' }}
      >
        {CHOICES.map((one, index) => (
          <ToggleButton
            key={one}
            value={one}
            aria-keyshortcuts={String(index + 1 + JUDGEMENTS.length)}
            sx={{ minHeight: 52 }}
          >
            {index + 1 + JUDGEMENTS.length} {trOf(one)}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Box>
  );
}

function guessWords(hours: number): string {
  if (hours === 0) return tr`now`;
  const apart = spanText(Math.abs(hours) * HOUR_MS);
  return hours > 0 ? tr`in ${apart}` : tr`${apart} ago`;
}

/** 1, 2, 3 judge, 4 to 7 choose; Enter goes on, unless it is on something that takes it. */
function useKeys(keys: { judge: (index: number) => void; go: () => void }) {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (keyIsTaken(event)) return;
      const index = ['1', '2', '3', '4', '5', '6', '7'].indexOf(event.key);
      if (index >= 0) latest.current.judge(index);
      if (event.key === 'Enter') latest.current.go();
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  }, []);
}

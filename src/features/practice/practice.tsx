'use client';

import { tr, trOf } from '@/words/tr';
import { sentenceInUnits } from '@/shop/sentence-in-units';
import { useShopUnits } from '@/ui/fields/shop-units';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
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
import { clockText } from '@/ui/format';
import { LinkButton } from '@/ui/link-button';
import { rem } from '@/ui/rem';
import { useSay } from '@/ui/snack';
import { ViewFrame } from '@/ui/view-frame';
import { Panes } from '@/ui/panes';
import { JarPicture } from './jar-picture';
import { Past } from './past';
import { Truth } from './truth';
import { Question, useKeys } from './practice-question';

type Log = (form: unknown) => Promise<Outcome<{ points: number }>>;

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
    <Panes columns="340px minmax(0, 1fr)" background="var(--paper)">
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
    </Panes>
  );
}

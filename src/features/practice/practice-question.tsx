'use client';

import { tr, trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useEffect, useRef } from 'react';
import { CHOICES, JUDGEMENTS, type Choice, type Judgement } from '@/core/practice';
import { spanText } from '@/ui/format';
import { keyIsTaken } from '@/ui/keys-taken';
import { rem } from '@/ui/rem';

const HOUR_MS = 3_600_000;
const MOST_GUESS_H = 14;

/** One question: the lot, what is asked, and the ways to answer. */
export function Question(props: {
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
      <AskedJudgement judgement={judgement} onJudgement={onJudgement} />
      <BestHour bestInH={bestInH} onBestInH={onBestInH} />
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

/** The judgement that is asked for. */
function AskedJudgement({
  judgement,
  onJudgement,
}: {
  judgement: Judgement | null;
  onJudgement: (judgement: Judgement | null) => void;
}) {
  return (
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
  );
}

/** When it will be at its best, said in hours. */
function BestHour({ bestInH, onBestInH }: { bestInH: number; onBestInH: (hours: number) => void }) {
  return (
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
export function useKeys(keys: { judge: (index: number) => void; go: () => void }) {
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

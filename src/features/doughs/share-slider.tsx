'use client';

import { inSentence, tr } from '@/words/tr';
import type { DoughFacts } from '@/shop/doughs/facts';
import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { LEAVEN_KINDS, USUAL_LEAVENS, type LeavenKind, exchangeLeaven } from '@/core/formula';
import type { ShareHours } from '@/core/planner';

import { decimals } from '@/ui/format';
import { rem } from '@/ui/rem';
import { useTypedCompute } from '@/ui/compute/use-typed-compute';
import { ChoiceField } from '@/ui/fields/choice-field';
import type { Working } from './use-method';

/** A leaven’s share with two readings, per cent and hours, for its own kind or for any other. */
export function ShareSlider({ working, facts }: { working: Working; facts: DoughFacts }) {
  const { method, wish } = working;
  const leaven = method.dough.leavens[0];
  const [kind, setKind] = useState<LeavenKind | null>(null);
  const shownKind = kind ?? leaven?.kind ?? 'poolish';
  const asks = useMemo(
    () =>
      leaven === undefined
        ? null
        : { bake: { ...wish, method }, facts, leavenId: leaven.id, kind: shownKind },
    [leaven, wish, method, facts, shownKind],
  );
  const { answer, busy } = useTypedCompute('shares', asks, 350);
  if (leaven === undefined) {
    return (
      <Box>
        <Typography variant="h2">{tr`Leaven`}</Typography>
        <Typography>{tr`No leaven: yeast alone raises it.`}</Typography>
      </Box>
    );
  }
  const take = (percent: number) =>
    working.change({
      ...method,
      dough: exchangeLeaven(method.dough, leaven.id, { flourShare: percent / 100 }),
    });
  return (
    <Box sx={{ minWidth: 0 }}>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, alignItems: 'start' }}>
        <Box>
          <Typography variant="h2">{tr`${leaven.name} share`}</Typography>
          <Typography sx={{ fontSize: rem(30), fontWeight: 700, lineHeight: 1.1 }}>
            {decimals(leaven.flourShare * 100, 0)} %
          </Typography>
        </Box>
        <Box sx={{ width: 150 }}>
          <ChoiceField
            name="share-kind"
            label={tr`hours for`}
            value={shownKind}
            options={LEAVEN_KINDS.map((id) => ({ id, name: inSentence(USUAL_LEAVENS[id].name) }))}
            onChange={(next) => setKind(next as LeavenKind)}
          />
        </Box>
      </Box>
      <Box sx={{ px: 2.5 }}>
        <Slider
          aria-label={tr`${leaven.name}, per cent of the flour`}
          value={Math.round(leaven.flourShare * 100)}
          min={5}
          max={60}
          step={1}
          valueLabelDisplay="off"
          onChange={(_, value) => take(Number(value))}
          sx={{ color: 'var(--ink)', py: 1.5 }}
        />
        <Readings found={answer} busy={busy} />
      </Box>
    </Box>
  );
}

const LEAST = 5;
const MOST = 60;

function Readings({ found, busy }: { found: readonly ShareHours[] | null; busy: boolean }) {
  return (
    <Box
      aria-live="polite"
      data-testid="shares"
      sx={{ position: 'relative', height: 40, opacity: busy ? 0.85 : 1 }}
    >
      {(found ?? []).map((one) => (
        <Box
          key={one.flourShare}
          title={one.why ?? ''}
          sx={{
            position: 'absolute',
            left: `${(100 * (100 * one.flourShare - LEAST)) / (MOST - LEAST)}%`,
            transform: 'translateX(-50%)',
            textAlign: 'center',
          }}
        >
          <Typography variant="body2" sx={{ lineHeight: 1.2 }}>
            {decimals(one.flourShare * 100, 0)} %
          </Typography>
          <Typography sx={{ fontWeight: 700, lineHeight: 1.2 }}>
            {one.opensH === null
              ? one.why === null
                ? tr`never`
                : '✕'
              : `${decimals(one.opensH, 1)} h`}
          </Typography>
        </Box>
      ))}
      {found === null ? (
        <Typography variant="body2">{tr`working out the hours…`}</Typography>
      ) : null}
    </Box>
  );
}

'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { blendOf } from '@/core/flour';
import { formulaRemarks } from '@/core/formula';
import type { Ranged, RecipeAsDough, RecipeCheck, RecipeSums } from '@/core/formula/check';
import type { DoughsView } from '@/server/doughs/view';
import { useTypedCompute } from '@/ui/compute/use-typed-compute';
import { decimals, massText, percentText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { NumberBox } from '@/ui/fields/number-box';
import type { ClaimCompared } from '@/core/formula/check/compare';

/** True water, salt, leaven, yeast and weights with their ranges; claims beside them; hours at the baker’s temperature. */
export function RecipeTruth(props: {
  check: RecipeCheck | null;
  made: RecipeAsDough | null;
  view: DoughsView;
}) {
  const { check, made, view } = props;
  const { units } = view.facts;
  if (check === null || check.sums === null) {
    return <Typography color="text.secondary">{tr`As soon as a flour is weighed.`}</Typography>;
  }
  const { sums, claims } = check;
  return (
    <>
      <Sums sums={sums} view={view} />
      {claims.map((claim) => (
        <ClaimLine key={`${claim.of}-${claim.claimed}`} claim={claim} view={view} />
      ))}
      {remarksOf(sums).map((remark) => (
        <Typography key={remark.id} sx={{ fontWeight: 700 }}>
          {remark.says}
        </Typography>
      ))}
      {made === null ? null : <Hours made={made} view={view} />}
      {(made?.replaced ?? []).map((one) => (
        <Typography key={one.name} variant="body2">
          {one.name}: {view.facts.flours.find((flour) => flour.id === one.flourId)?.name}
          {tr` of the shop stands for it.`}
        </Typography>
      ))}
      <Typography variant="body2" color="text.secondary">
        {tr`${massText(sums.doughG.value, units)} of dough in all.`}
      </Typography>
    </>
  );
}

function ClaimLine({ claim, view }: { claim: ClaimCompared; view: DoughsView }) {
  return (
    <Box data-testid="claim">
      <Typography sx={{ fontSize: rem(19) }}>
        {tr`${claim.of}: says ${figure(claim.claimed, claim.unit, view)} `}
        {claim.agrees ? (
          '✓'
        ) : (
          <strong>{tr`≠ is ${figure(claim.truth.value, claim.unit, view)}`}</strong>
        )}
      </Typography>
      {claim.why === null ? null : (
        <Typography variant="body2" color="text.secondary">
          {claim.why}
        </Typography>
      )}
    </Box>
  );
}

const figure = (value: number, unit: 'share' | 'g', view: DoughsView) =>
  unit === 'share' ? percentText(value) : massText(value, view.facts.units);

function Sums({ sums, view }: { sums: RecipeSums; view: DoughsView }) {
  const rows: readonly (readonly [string, Ranged, number])[] = [
    [tr`Water`, sums.hydration, 1],
    [tr`Salt`, sums.saltShare, 2],
    [tr`Oil`, sums.oilShare, 1],
    [tr`Sugar`, sums.sugarShare, 1],
    [tr`Yeast, as fresh`, sums.freshShare, 2],
    [tr`Flour in the leaven`, sums.leavenShare, 1],
  ];
  return (
    <Table size="small" aria-label={tr`What it truly is`} sx={{ '& td, & th': { px: 0 } }}>
      <TableBody>
        <TableRow>
          <TableCell component="th">{tr`All flour`}</TableCell>
          <TableCell align="right" sx={{ fontSize: rem(18), fontWeight: 700 }}>
            {massText(sums.flourG.value, view.facts.units)}
          </TableCell>
          <TableCell align="right" />
        </TableRow>
        {rows
          .filter(([name, range]) => range.value > 0 || name === tr`Water` || name === tr`Salt`)
          .map(([name, range, digits]) => (
            <TableRow key={name} data-truth={name}>
              <TableCell component="th">{name}</TableCell>
              <TableCell align="right" sx={{ fontSize: rem(18), fontWeight: 700 }}>
                {percentText(range.value, digits)}
              </TableCell>
              <TableCell align="right" sx={{ color: 'var(--ink2)' }}>
                {range.high - range.low < 0.01 * range.value
                  ? ''
                  : `${decimals(range.low * 100, digits)}–${decimals(range.high * 100, digits)}`}
              </TableCell>
            </TableRow>
          ))}
      </TableBody>
    </Table>
  );
}

function remarksOf(sums: RecipeSums) {
  return formulaRemarks(
    {
      flourG: sums.flourG.value,
      massG: sums.doughG.value,
      hydration: sums.hydration.value,
      saltShare: sums.saltShare.value,
      oilShare: sums.oilShare.value,
      sugarShare: sums.sugarShare.value,
      freshShare: sums.freshShare.value,
      flours: [],
      strengthW: 280,
      wholegrainShare: 0,
    },
    sums.leavenShare.value > 0,
  );
}

function Hours({ made, view }: { made: RecipeAsDough; view: DoughsView }) {
  const { facts } = view;
  const [tempC, setTempC] = useState(facts.roomC);
  const asks = useMemo(
    () => ({ dough: made.dough, blend: blendOf(made.dough.flours, facts.flours), tempC }),
    [made, facts.flours, tempC],
  );
  const { answer, refused } = useTypedCompute('recipeHours', asks, 250);
  const hours = (value: number | null) => (value === null ? 'never' : `${decimals(value, 1)} h`);
  return (
    <Box component="section" aria-label={tr`Its hours`}>
      <Box sx={{ width: 130 }}>
        <NumberBox
          name="recipeC"
          label={tr`Hours at`}
          of="temperature"
          value={tempC}
          onValue={setTempC}
        />
      </Box>
      <Typography data-testid="recipe-hours" aria-live="polite">
        {refused ??
          (answer === null
            ? tr`Working it out…`
            : answer.opensH === null
              ? tr`It does not rise enough to open within four days at this temperature.`
              : tr`From the mix: opens after ${hours(answer.opensH)}, best ${hours(answer.bestH)}${
                  answer.bestBand === null
                    ? ''
                    : tr` (8 in 10 between ${decimals(answer.bestBand[0], 1)} and ${decimals(answer.bestBand[1], 1)})`
                }, slack after ${hours(answer.closesH)}.`)}
      </Typography>
    </Box>
  );
}

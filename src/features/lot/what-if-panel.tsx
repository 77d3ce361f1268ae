'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import type { ShopUnits } from '@/core/units';
import type { WhatIfOffer } from '@/shop/lots/what-if-base';
import { decimals, massText, tempText } from '@/ui/format';
import { gramsAt, ratioOf, type Handles } from './handles';
import { rem } from '@/ui/rem';

const SLIDER = {
  height: 8,
  '& .MuiSlider-thumb': { width: 44, height: 44, borderRadius: '50% 50% 50% 12px' },
  '& .MuiSlider-markLabel': { fontSize: rem(14), color: 'var(--ink)' },
};

/** The handles of a what-if: another place, another dose or ratio; use it, or go back to the plan. */
export function WhatIfPanel(props: {
  offer: WhatIfOffer;
  /** False for a lot that is still to be made. */
  made: boolean;
  handles: Handles;
  touched: boolean;
  units: ShopUnits;
  busy: boolean;
  onChange: (handles: Handles) => void;
  onUse: () => void;
  onBack: () => void;
}) {
  const { offer, made, handles, touched, units, busy, onChange, onUse, onBack } = props;
  const places = [...offer.places].sort((a, b) => a.tempC - b.tempC);
  const place = places.findIndex((one) => one.id === handles.placeId);
  const planned = places.find((one) => one.id === offer.placeId);
  return (
    <Box
      component="section"
      aria-label={tr`What if`}
      sx={{
        display: 'grid',
        gap: 3,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr) 188px' },
        alignItems: 'start',
      }}
    >
      <Box sx={{ px: 2 }}>
        <Typography variant="h3" component="h2" sx={{ ml: -2 }}>
          {tr`Place, from ${offer.open === null ? tr`now` : tr`the start`} on`}
        </Typography>
        <Typography sx={{ ml: -2, fontSize: rem(25), fontWeight: 700 }}>
          {tempText(places[place]?.tempC ?? 0, units)} {places[place]?.name}{' '}
          <Box component="span" sx={{ fontSize: rem(16), fontWeight: 400, color: 'var(--ink2)' }}>
            {tr`plan ${planned?.name ?? ''}`}
          </Box>
        </Typography>
        <Slider
          aria-label={tr`Place`}
          value={Math.max(0, place)}
          onChange={(_, value) => onChange({ ...handles, placeId: places[value]?.id ?? '' })}
          min={0}
          max={places.length - 1}
          step={1}
          marks={places.map((one, index) => ({ value: index, label: tempText(one.tempC, units) }))}
          getAriaValueText={(value) => places[value]?.name ?? ''}
          track={false}
          sx={SLIDER}
        />
      </Box>
      <AmountHandle offer={offer} made={made} handles={handles} units={units} onChange={onChange} />
      <Box sx={{ display: 'grid', gap: 1 }}>
        <Button variant="contained" size="large" disabled={!touched || busy} onClick={onUse}>
          {tr`Use this`}
        </Button>
        <Button disabled={!touched} onClick={onBack}>
          {tr`Back to plan`}
        </Button>
      </Box>
    </Box>
  );
}

const mixed = () => tr`It is mixed: its dose can not be changed any more. Its place can.`;
const noYeast = () =>
  tr`No yeast of its own goes in: what raises it is found with its bake. Its place can be tried.`;

function NothingOpen({ made }: { made: boolean }) {
  return <Typography color="text.secondary">{made ? mixed() : noYeast()}</Typography>;
}

function AmountHandle(props: {
  offer: WhatIfOffer;
  made: boolean;
  handles: Handles;
  units: ShopUnits;
  onChange: (handles: Handles) => void;
}) {
  const { offer, made, handles, units, onChange } = props;
  if (offer.open === null) return <NothingOpen made={made} />;
  const grams = gramsAt(offer, handles);
  const seed = offer.open === 'seed';
  const shown = seed ? ratioOf(grams) : massText(grams.yeastG, units);
  const plan = seed
    ? ratioOf({ ...grams, ...(offer.feed ?? grams) })
    : massText(offer.yeastG, units);
  return (
    <Box sx={{ px: 2 }}>
      <Typography variant="h3" component="h2" sx={{ ml: -2 }}>
        {seed ? tr`Feed ratio` : tr`Yeast`}
      </Typography>
      <Typography sx={{ ml: -2, fontSize: rem(25), fontWeight: 700 }}>
        {shown}{' '}
        <Box component="span" sx={{ fontSize: rem(16), fontWeight: 400, color: 'var(--ink2)' }}>
          {tr`plan ${plan}`}
        </Box>
      </Typography>
      <RatioSlider seed={seed} handles={handles} onChange={onChange} />
    </Box>
  );
}

function RatioSlider({
  seed,
  handles,
  onChange,
}: {
  seed: boolean;
  handles: Handles;
  onChange: (handles: Handles) => void;
}) {
  return (
    <Slider
      aria-label={seed ? tr`Flour for one part of mother` : tr`Yeast against the plan`}
      value={seed ? handles.parts : Math.log2(handles.dose)}
      onChange={(_, value) =>
        onChange(seed ? { ...handles, parts: value } : { ...handles, dose: 2 ** value })
      }
      min={seed ? 1 : -2}
      max={seed ? 12 : 2}
      step={seed ? 0.5 : 0.05}
      marks={
        seed
          ? [1, 2, 4, 6, 8, 10, 12].map((value) => ({ value, label: String(value) }))
          : [-2, -1, 0, 1, 2].map((value) => ({ value, label: `×${decimals(2 ** value, 2)}` }))
      }
      track={false}
      sx={SLIDER}
    />
  );
}

'use client';

import { tr, trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import Slider from '@mui/material/Slider';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { addHours, type ShopUnits } from '@/core/units';
import { sentenceInUnits } from '@/shop/sentence-in-units';
import { decimals, tempText } from '@/ui/format';
import { useCompute } from '@/ui/compute/use-compute';
import { useWidth } from '@/ui/use-width';
import { headlineOf, notInSight } from './headline';
import { NeverShare } from './never-share';
import { emptyView, playBase, playParts, playSeed } from './play';
import { PLAY_KINDS, type PlayForm, type PlayKind } from './play-kinds';
import { VesselChart } from './vessel-chart';
import { withWhatIf } from './what-if-view';
import { WishRow, type Turn } from './wish-row';
import { rem } from '@/ui/rem';

const CHART_HEIGHT = 420;
const SLIDER = { height: 8, '& .MuiSlider-thumb': { width: 44, height: 44 } };

/** A free what-if that is tied to no lot: pick a leaven or a dough, move the handles, see when it is ripe. Nothing is stored. */
export function Playground({ nowMs, units }: { nowMs: number; units: ShopUnits }) {
  const { ref, width } = useWidth(1280);
  const [form, setForm] = useState<PlayForm>({
    kind: 'poolish',
    placeC: 21,
    amount: 0.3,
    saltPct: 0,
  });
  const base = useMemo(() => playBase(form), [form]);
  const handles = useMemo(() => ({ placeC: form.placeC, dose: 1, seedShare: null }), [form.placeC]);
  const asks = useMemo(() => ({ base, handles }), [base, handles]);
  const { answer } = useCompute('whatIf', asks);
  const blank = useMemo(() => emptyView(nowMs, units, form.kind), [nowMs, units, form.kind]);
  const view = answer === null ? blank : withWhatIf(blank, { fromMs: nowMs }, answer);
  const kind = PLAY_KINDS[form.kind];
  const headline = headlineOf(view);
  const choose = (next: PlayKind) =>
    setForm({
      ...form,
      kind: next,
      amount: PLAY_KINDS[next].amount,
      saltPct: PLAY_KINDS[next].saltPct,
    });
  return (
    <>
      <Box ref={ref} sx={{ minWidth: 0, overflow: 'hidden' }}>
        <VesselChart view={view} plan={null} width={Math.max(360, width)} height={CHART_HEIGHT} />
      </Box>
      <Box sx={{ borderTop: '2px solid var(--ink)', p: 2, display: 'grid', gap: 2 }}>
        <Typography aria-live="polite" sx={{ fontSize: rem(18) }}>
          <strong>{headline.says}</strong> {headline.detail}
        </Typography>
        <Box
          sx={{
            display: 'grid',
            gap: 4,
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '220px 1fr 1fr' },
          }}
        >
          <TextField
            select
            label={tr`What`}
            value={form.kind}
            onChange={(event) => choose(event.target.value as PlayKind)}
          >
            {Object.entries(PLAY_KINDS).map(([id, one]) => (
              <MenuItem key={id} value={id}>
                {sentenceInUnits(one.name, units)}
              </MenuItem>
            ))}
          </TextField>
          <Handle
            label={tr`Stands at`}
            text={tempText(form.placeC, units)}
            value={form.placeC}
            range={[4, 32, 0.5]}
            onChange={(placeC) => setForm({ ...form, placeC })}
          />
          <Handle
            label={trOf(kind.handle)}
            text={kind.text(form.amount)}
            value={kind.toSlider(form.amount)}
            range={kind.range}
            onChange={(value) => setForm({ ...form, amount: kind.fromSlider(value) })}
          />
        </Box>
        <WishRow
          key={form.kind}
          base={base}
          handles={handles}
          fromMs={nowMs}
          firstWishMs={addHours(nowMs, 10)}
          nowMs={nowMs}
          units={units}
          turns={playTurns(form, units)}
          onAdopt={(turns, value) => setForm(adopted(form, turns, value))}
        />
        {headline.says === notInSight() ? <NeverShare base={base} handles={handles} /> : null}
      </Box>
    </>
  );
}

/** What a wish may turn here. */
function playTurns(form: PlayForm, units: ShopUnits): Turn[] {
  const kind = PLAY_KINDS[form.kind];
  const place: Turn = {
    turns: 'place',
    label: tr`Place`,
    least: 9,
    most: 30,
    linear: true,
    text: (value) => tempText(value, units),
  };
  if (form.kind === 'starter') {
    const [least, most] = [playSeed(kind.range[1]), playSeed(kind.range[0])];
    const text = (value: number) => kind.text(playParts(value));
    return [{ turns: 'seed', label: tr`Ratio`, least, most, linear: false, text }, place];
  }
  const factor = (at: number) => kind.fromSlider(at) / form.amount;
  const dose: Turn = {
    turns: 'dose',
    label: tr`Yeast`,
    least: factor(kind.range[0]),
    most: factor(kind.range[1]),
    linear: false,
    text: (value) => kind.text(form.amount * value),
  };
  return [dose, place];
}

function adopted(form: PlayForm, turns: Turn['turns'], value: number): PlayForm {
  if (turns === 'place') return { ...form, placeC: Math.round(value * 2) / 2 };
  return { ...form, amount: turns === 'seed' ? playParts(value) : form.amount * value };
}

function Handle(props: {
  label: string;
  text: string;
  value: number;
  range: readonly [number, number, number];
  onChange: (value: number) => void;
}) {
  const { label, text, value, range, onChange } = props;
  return (
    <Box sx={{ px: 2 }}>
      <Typography variant="h3" component="h2" sx={{ ml: -2 }}>
        {label}
      </Typography>
      <Typography sx={{ ml: -2, fontSize: rem(25), fontWeight: 700 }}>{text}</Typography>
      <Slider
        aria-label={label}
        value={value}
        min={range[0]}
        max={range[1]}
        step={range[2]}
        track={false}
        onChange={(_, next) => onChange(next)}
        getAriaValueText={() => `${label} ${text}, ${decimals(value, 2)}`}
        sx={SLIDER}
      />
    </Box>
  );
}

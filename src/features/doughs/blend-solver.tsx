'use client';

import { tr } from '@/words/tr';
import { useShopUnits } from '@/ui/fields/shop-units';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import {
  absorptionOf,
  blendFor,
  enduranceH,
  substitutesFor,
  type BlendAnswer,
  type BlendWish,
  type Flour,
} from '@/core/flour';
import { decimals, tempText } from '@/ui/format';
import { ChoiceField } from '@/ui/fields/choice-field';
import { rem } from '@/ui/rem';
import { NumberBox } from '@/ui/fields/number-box';
import { blendFlows, BlendPicture, wishText } from './blend-picture';

const WISHES: readonly { readonly id: BlendWish['of']; readonly name: string }[] = [
  {
    id: 'strength',
    get name() {
      return tr`strength, W`;
    },
  },
  {
    id: 'protein',
    get name() {
      return tr`protein, %`;
    },
  },
  {
    id: 'wholegrain',
    get name() {
      return tr`whole grain, %`;
    },
  },
];
const USUAL_SALT = 0.027;

/** Two flours blended to a wanted figure, and what stands in for one that has run out. */
export function BlendSolver({ flours }: { flours: readonly Flour[] }) {
  return (
    <Box sx={{ display: 'grid', gap: 1.25 }}>
      <Typography variant="h2">{tr`A blend of two`}</Typography>
      <BlendOfTwo flours={flours} />
      <Typography variant="h2" sx={{ mt: 2 }}>
        {tr`One that has run out`}
      </Typography>
      <RunOut flours={flours} />
    </Box>
  );
}

const idAt = (flours: readonly Flour[], index: number) => (flours[index] ?? flours[0])?.id ?? '';
const nameIn = (flours: readonly Flour[]) => (id: string) =>
  flours.find((one) => one.id === id)?.name ?? id;

function BlendOfTwo({ flours }: { flours: readonly Flour[] }) {
  const [first, setFirst] = useState(idAt(flours, 0));
  const [second, setSecond] = useState(idAt(flours, 1));
  const [of, setOf] = useState<BlendWish['of']>('strength');
  const [value, setValue] = useState(280);
  const options = flours.map(({ id, name }) => ({ id, name }));
  const [a, b] = [first, second].map((id) => flours.find((one) => one.id === id));
  const wish: BlendWish = { of, value: of === 'strength' ? value : value / 100 };
  const answer = a === undefined || b === undefined ? null : blendFor(a, b, wish);
  return (
    <>
      <Choices
        first={first}
        options={options}
        onFirst={setFirst}
        second={second}
        onSecond={setSecond}
        of={of}
        onOf={setOf}
        value={value}
        onValue={setValue}
      />
      <Box aria-live="polite" data-testid="blend">
        {answer === null || a === undefined ? null : (
          <Blended answer={answer} first={a} wish={wish} flours={flours} />
        )}
      </Box>
    </>
  );
}

function Choices(props: {
  first: string;
  options: { id: string; name: string }[];
  onFirst: (first: string) => void;
  second: string;
  onSecond: (second: string) => void;
  of: 'strength' | 'protein' | 'wholegrain';
  onOf: (of: 'strength' | 'protein' | 'wholegrain') => void;
  value: number;
  onValue: (value: number) => void;
}) {
  const { first, options, onFirst, second, onSecond, of, onOf, value, onValue } = props;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
      <ChoiceField name="first" label={tr`Of`} value={first} options={options} onChange={onFirst} />
      <ChoiceField
        name="second"
        label={tr`and`}
        value={second}
        options={options}
        onChange={onSecond}
      />
      <ChoiceField
        name="wish"
        label={tr`Wanted`}
        value={of}
        options={WISHES}
        onChange={(next) => onOf(next as BlendWish['of'])}
      />
      <NumberBox name="wanted" label={tr`of`} value={value} onValue={onValue} />
    </Box>
  );
}

function Blended(props: {
  answer: BlendAnswer;
  first: Flour;
  wish: BlendWish;
  flours: readonly Flour[];
}) {
  const units = useShopUnits();
  const { answer, first, wish, flours } = props;
  const { of } = wish;
  const nameOf = nameIn(flours);
  if (answer.kind === 'unknown') {
    return (
      <Typography sx={{ fontWeight: 700 }}>
        {tr`The protein of ${answer.flourName} is not known.`}
      </Typography>
    );
  }
  if (answer.kind === 'out of reach') {
    return (
      <Typography sx={{ fontWeight: 700 }}>
        {tr`These two give ${wishText(answer.least, of)} to ${wishText(answer.most, of)}.`}
      </Typography>
    );
  }
  const { parts, blend } = answer;
  const doubt = blend.strengthSd > 0 ? ` ± ${Math.round(blend.strengthSd)}` : '';
  const water = points(blend.absorption - absorptionOf(first));
  const lastsH = enduranceH(Math.max(50, blend.strengthW), USUAL_SALT);
  return (
    <>
      <BlendPicture flows={blendFlows(answer.parts, flours, of)} wish={wish} />
      <Typography sx={{ fontSize: rem(26), fontWeight: 700, lineHeight: 1.2 }}>
        {parts.map((part) => decimals(part.share * 100, 1)).join(' : ')}
      </Typography>
      <Typography>
        {tr`${parts
          .map((part) => `${decimals(part.share * 100, 1)} % ${nameOf(part.flourId)}`)
          .join(
            ', ',
          )}: W ${Math.round(blend.strengthW)}${doubt}, water ${decimals(blend.absorption * 100, 1)} % (${water} points against ${first.name}), lasts about ${decimals(lastsH, 0)} h at ${tempText(22, units, 0)} with 2.7 % salt.`}
      </Typography>
    </>
  );
}

function RunOut({ flours }: { flours: readonly Flour[] }) {
  const [gone, setGone] = useState(idAt(flours, 0));
  const missing = flours.find((one) => one.id === gone);
  const [stand] = missing === undefined ? [] : substitutesFor(missing, flours);
  const nameOf = nameIn(flours);
  return (
    <>
      <ChoiceField
        name="gone"
        label={tr`Missing`}
        value={gone}
        options={flours.map(({ id, name }) => ({ id, name }))}
        onChange={setGone}
      />
      <Typography aria-live="polite" data-testid="substitute">
        {stand === undefined
          ? tr`There is no other flour in the shop.`
          : tr`${stand.parts.map((part) => `${decimals(part.share * 100, 0)} % ${nameOf(part.flourId)}`).join(', ')} in its stead: W ${strengthPoints(stand.strengthApartW)}, water ${points(stand.waterApart)} points, whole grain ${points(stand.wholegrainApart)} points.`}
      </Typography>
    </>
  );
}

/** With its sign; nothing apart is ±0. */
function signed(value: number, digits: number): string {
  const text = decimals(Math.abs(value), digits);
  return `${Number(text) === 0 ? '±' : value < 0 ? '−' : '+'}${text}`;
}
const points = (share: number) => signed(share * 100, 1);
const strengthPoints = (value: number) => signed(value, 0);

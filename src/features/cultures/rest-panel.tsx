'use client';

import { tr } from '@/words/tr';
import { placeKind } from '@/core/forecast';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { About } from '@/server/cultures/about';
import { tempText } from '@/ui/format';
import { newBatch, useAct } from '@/ui/hands/use-act';
import type { CultureActions } from './culture-actions';
import { FieldRow, PanelRefusal } from '@/ui/panels/panel-parts';
import { ChoiceField } from '@/ui/fields/choice-field';
import { FigureField } from '@/ui/fields/figure-field';

const SAYS = {
  get frozen() {
    return tr`About half of the yeast lives through the frost; two or three feeds bring it back.`;
  },
  get dried() {
    return tr`Spread thin and dried cool it sleeps for years. Woken, nothing is forecast before two peaks.`;
  },
  get moved() {
    return tr`Cold it lives on little: feed it before it goes in and once or twice before it raises a dough.`;
  },
} as const;
type How = keyof typeof SAYS;

/** The form that the server takes. */
const restForm = (how: How, massG: string, flatMm: string) => ({
  how,
  ...(how === 'moved' ? {} : { massG }),
  ...(how === 'frozen' ? { flatMm } : {}),
});

/** True where it is said what is put to rest, and where. */
const canRest = (one: { how: How; placeId: string; massG: string; lotId: string | null }) =>
  one.lotId !== null && one.placeId !== '' && (one.how === 'moved' || one.massG.trim() !== '');

/** Rest of a culture: into another place, a back-up dried or frozen, or retired. */
export function RestPanel(props: {
  about: About;
  places: readonly { readonly id: string; readonly name: string; readonly tempC: number }[];
  actions: CultureActions;
}) {
  const { about, places, actions } = props;
  const { culture, row, units } = about;
  const { run, busy, refused } = useAct(actions);
  const [how, setHow] = useState<How>('frozen');
  const fits = places.filter(
    (place) => (placeKind(place.tempC) === 'freezer') === (how === 'frozen'),
  );
  const [chosen, setPlace] = useState('');
  const [massG, setMass] = useState('20');
  const [flatMm, setFlat] = useState('8');
  const placeId = fits.some((place) => place.id === chosen) ? chosen : (fits[0]?.id ?? '');
  const placeName = places.find((place) => place.id === placeId)?.name ?? '';
  const rest = () =>
    run(
      () =>
        actions.restCulture({
          cultureId: culture.id,
          batch: newBatch(),
          placeId,
          ...restForm(how, massG, flatMm),
        }),
      () =>
        how === 'moved'
          ? tr`${culture.name}: in ${placeName}.`
          : tr`${culture.name}: back-up stored.`,
      () => setMass(''),
    );
  const retire = () =>
    run(
      () => actions.retireCulture({ cultureId: culture.id, batch: newBatch(), retired: true }),
      () => tr`${culture.name} is retired; it can be brought back below the rows.`,
    );
  return (
    <Box
      component="section"
      aria-label={tr`Rest`}
      sx={{ borderTop: '2px solid var(--line)', pt: 1 }}
    >
      <Typography variant="h2" sx={{ px: 2 }}>
        {tr`Rest and back-up`}
      </Typography>
      <FieldRow columns={6}>
        <ChoiceField
          name="how"
          label={tr`How`}
          value={how}
          options={[
            { id: 'frozen', name: tr`freeze a part` },
            { id: 'dried', name: tr`dry a part` },
            { id: 'moved', name: tr`move the jar` },
          ]}
          onChange={(value) => setHow(value as How)}
        />
        <ChoiceField
          name="restPlaceId"
          label={tr`Where`}
          value={placeId}
          options={fits.map((place) => ({
            id: place.id,
            name: `${place.name} ${tempText(place.tempC, units, 0)}`,
          }))}
          onChange={setPlace}
        />
        {how === 'moved' ? (
          <span />
        ) : (
          <FigureField name="massG" label={tr`Part`} of="mass" value={massG} onChange={setMass} />
        )}
        {how === 'frozen' ? (
          <FigureField
            name="flatMm"
            label={tr`Flat`}
            of="thickness"
            value={flatMm}
            onChange={setFlat}
          />
        ) : (
          <span />
        )}
        <Button
          disabled={busy || !canRest({ how, placeId, massG, lotId: row.lotId })}
          onClick={rest}
          sx={{ minHeight: 48 }}
        >
          {how === 'moved' ? tr`Move it` : tr`Store it`}
        </Button>
        <Button variant="text" disabled={busy} onClick={retire} sx={{ minHeight: 48 }}>
          {tr`Retire ${culture.name}`}
        </Button>
      </FieldRow>
      <PanelRefusal sentence={Object.values(refused)[0] ?? null} />
      <Typography variant="body2" color="text.secondary" sx={{ px: 2, pb: 1.5 }}>
        {SAYS[how]}
      </Typography>
    </Box>
  );
}

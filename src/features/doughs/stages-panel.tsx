'use client';

import { tr } from '@/words/tr';
import type { DoughFacts } from '@/shop/doughs/facts';
import { placeChoices } from '@/ui/fields/place-choices';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useRef } from 'react';
import type { Pantry } from '@/core/composition';
import type { Method, Stay } from '@/core/methods';

import { ChoiceField } from '@/ui/fields/choice-field';
import { NumberBox } from '@/ui/fields/number-box';
import { AddingOrder } from './adding-order';
import { MixSteps } from './mix-steps';
import { OwnMoments } from './own-moments';

/** The stages of a method with their places and hours: as a rule, and the fewest and most that will do. */
export function StagesPanel(props: {
  method: Method;
  facts: DoughFacts;
  onChange: (method: Method) => void;
}) {
  const { method, facts, onChange } = props;
  const built = method.dough.leavens.filter((one) => one.made.by !== 'taken');
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      {built.some((leaven) => leaven.made.by === 'seed') ? (
        <Refreshments method={method} onChange={onChange} />
      ) : null}
      {built.map((leaven) => (
        <Stays
          key={leaven.id}
          name={leaven.name}
          stays={method.leavenStays[leaven.id] ?? []}
          facts={facts}
          set={(stays) =>
            onChange({ ...method, leavenStays: { ...method.leavenStays, [leaven.id]: stays } })
          }
        />
      ))}
      <Stays
        name={tr`Bulk`}
        stays={method.bulk}
        facts={facts}
        set={(bulk) => onChange({ ...method, bulk })}
      />
      <Stays
        name={tr`Balls`}
        stays={method.balls}
        facts={facts}
        set={(balls) => onChange({ ...method, balls })}
      />
      <FormControlLabel
        label={tr`Ball once more half-way`}
        control={
          <Checkbox
            name="reball"
            checked={method.reball}
            onChange={(_, reball) => onChange({ ...method, reball })}
          />
        }
      />
      <Mixing method={method} pantry={facts.pantry} places={placesOf(facts)} onChange={onChange} />
      <OwnMoments method={method} onChange={onChange} />
    </Box>
  );
}

/** Feeds of the culture in a row before its levain is built. */
function Refreshments(props: { method: Method; onChange: (method: Method) => void }) {
  const { method, onChange } = props;
  const { refreshments } = method;
  const set = (changed: Partial<Method['refreshments']>) =>
    onChange({ ...method, refreshments: { ...refreshments, ...changed } });
  return (
    <Box component="section" aria-label={tr`Refreshments`}>
      <Typography variant="h3">{tr`Refreshments`}</Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1, mt: 0.5 }}>
        <NumberBox
          name="refreshments"
          label={tr`Feeds before the levain`}
          value={refreshments.count}
          onValue={(count) => set({ count: Math.round(count) })}
        />
        <NumberBox
          name="refreshEvery"
          label={tr`Hours between them`}
          value={refreshments.everyH}
          onValue={(everyH) => set({ everyH })}
        />
      </Box>
    </Box>
  );
}

function Stays(props: {
  name: string;
  stays: readonly Stay[];
  facts: DoughFacts;
  set: (stays: Stay[]) => void;
}) {
  const { name, stays, facts, set } = props;
  const places = placesOf(facts);
  // Each figure is taken against the stay as it stood when the field was entered: what is typed halfway widens nothing.
  const entered = useRef<{ readonly index: number; readonly stay: Stay } | null>(null);
  const change = (index: number, changed: Partial<Stay>) =>
    set(
      stays.map((one, i) => {
        if (i !== index) return one;
        const before = entered.current?.index === index ? entered.current.stay : one;
        return widened({ ...before, ...changed });
      }),
    );
  const enter = (index: number, stay: Stay) => () => {
    entered.current = { index, stay };
  };
  return (
    <Box component="section" aria-label={tr`${name}, places and hours`}>
      <Typography variant="h3">{name}</Typography>
      {stays.map((stay, index) => (
        <Box
          key={index}
          sx={{ display: 'grid', gridTemplateColumns: '1.7fr 1fr 1fr 1fr', gap: 1, mt: 0.5 }}
        >
          <ChoiceField
            name={`${name}-place-${index}`}
            label={tr`In`}
            value={stay.placeId}
            options={places}
            onChange={(placeId) => {
              entered.current = null;
              change(index, { placeId });
            }}
          />
          <NumberBox
            name={`${name}-hours-${index}`}
            label={tr`Hours`}
            value={stay.hours}
            onEnter={enter(index, stay)}
            onValue={(hours) => change(index, { hours })}
          />
          <NumberBox
            name={`${name}-least-${index}`}
            label={tr`fewest`}
            value={stay.leastH}
            onEnter={enter(index, stay)}
            onValue={(leastH) => change(index, { leastH })}
          />
          <NumberBox
            name={`${name}-most-${index}`}
            label={tr`most`}
            value={stay.mostH}
            onEnter={enter(index, stay)}
            onValue={(mostH) => change(index, { mostH })}
          />
        </Box>
      ))}
      <Button
        size="small"
        variant="text"
        sx={{ px: 0 }}
        onClick={() =>
          set([...stays, { placeId: places[0]?.id ?? '', hours: 3, leastH: 1, mostH: 8 }])
        }
      >
        {tr`Then another place`}
      </Button>
      {stays.length > 1 ? (
        <Button size="small" variant="text" onClick={() => set(stays.slice(0, -1))}>
          {tr`Without the last`}
        </Button>
      ) : null}
    </Box>
  );
}

/** The shop’s places with their temperatures, as they are chosen from. */
function placesOf(facts: DoughFacts) {
  return placeChoices(facts.places, facts.nowMs, facts.units);
}

/** The fewest and most hours give way to the usual ones. */
const widened = (stay: Stay): Stay => ({
  ...stay,
  leastH: Math.min(stay.leastH, stay.hours),
  mostH: Math.max(stay.mostH, stay.hours),
});

function Mixing(props: {
  method: Method;
  pantry: Pantry;
  places: readonly { readonly id: string; readonly name: string }[];
  onChange: (method: Method) => void;
}) {
  const { method, pantry, places, onChange } = props;
  const { mix } = method;
  const set = (changed: Partial<Method['mix']>) =>
    onChange({ ...method, mix: { ...mix, ...changed } });
  return (
    <Box component="section" aria-label={tr`Mixing`}>
      <Typography variant="h3">{tr`Mixing`}</Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr 1fr', gap: 1, mt: 0.5 }}>
        <ChoiceField
          name="mixedBy"
          label={tr`By`}
          value={mix.by}
          options={[
            { id: 'mixer', name: tr`mixer` },
            { id: 'hand', name: tr`hand` },
          ]}
          onChange={(by) => set({ by: by as 'hand' })}
        />
        <NumberBox
          name="aimC"
          label={tr`Dough at`}
          of="temperature"
          value={mix.aimC}
          onValue={(aimC) => set({ aimC })}
        />
        <NumberBox
          name="limitC"
          label={tr`Pause at`}
          of="temperature"
          value={mix.limitC}
          onValue={(limitC) => set({ limitC })}
        />
        <NumberBox
          name="autolyse"
          label={tr`Rest before, min`}
          value={mix.autolyse?.minutes ?? 0}
          onValue={(minutes) =>
            set({
              autolyse:
                minutes > 0
                  ? {
                      minutes,
                      placeId: mix.autolyse?.placeId ?? method.bulk[0]?.placeId ?? 'bench',
                    }
                  : null,
            })
          }
        />
        {mix.autolyse === null ? null : (
          <ChoiceField
            name="autolysePlace"
            label={tr`Rests in`}
            value={mix.autolyse.placeId}
            options={places}
            onChange={(placeId) =>
              mix.autolyse !== null && set({ autolyse: { ...mix.autolyse, placeId } })
            }
          />
        )}
        <NumberBox
          name="heldBack"
          label={tr`Held-back water, %`}
          value={mix.heldBackShare * 100}
          onValue={(value) => set({ heldBackShare: value / 100 })}
        />
        <NumberBox
          name="folds"
          label={tr`Folds`}
          value={mix.folds.count}
          onValue={(count) => set({ folds: { ...mix.folds, count: Math.round(count) } })}
        />
        <NumberBox
          name="foldsEvery"
          label={tr`every, min`}
          value={mix.folds.everyMin}
          onValue={(everyMin) => set({ folds: { ...mix.folds, everyMin } })}
        />
      </Box>
      <MixSteps steps={mix.steps} set={(steps) => set({ steps })} />
      <AddingOrder
        method={method}
        pantry={pantry}
        set={(order) => onChange({ ...method, mix: { ...mix, order } })}
      />
    </Box>
  );
}

'use client';

import { inSentence, tr, trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { DoughFacts } from '@/shop/doughs/facts';
import type { Leaven } from '@/core/formula';
import { CautionLine } from '@/ui/cautions/caution-line';
import { ChoiceField } from '@/ui/fields/choice-field';
import { NumberBox } from '@/ui/fields/number-box';

/** A flour or a thing of the pantry by its id; the empty one is none. */
const NOTHING = '';
/** A blend that was set elsewhere stays as it is. */
const BLEND = 'blend';
/** What a leaven can be given beside flour, water and yeast. */
const KINDS: ReadonlySet<string> = new Set(['liquid', 'sugar', 'salt']);
/** A first share of what is added, over the leaven’s flour: half its water of a liquid, a pinch of the rest. */
const FIRST = { liquid: 0.5, other: 0.01 } as const;

const RIPENESS = [
  {
    id: NOTHING,
    get name() {
      return tr`as where it waits`;
    },
  },
  {
    id: 'prime',
    get name() {
      return tr`prime, at its best`;
    },
  },
  {
    id: 'young',
    get name() {
      return tr`young, with a little yeast`;
    },
  },
] as const;

/** What one leaven has of its own: its flour, how ripe it is wanted at the mix, liquids, honey, salt. */
export function LeavenOfItsOwn(props: {
  leaven: Leaven;
  /** The leaven as it is weighed, its dose or seed found. */
  weighed: Leaven;
  facts: DoughFacts;
  onFlour: (flourId: string | null) => void;
  onLeaven: (leaven: Leaven) => void;
}) {
  const { leaven, weighed, facts, onFlour, onLeaven } = props;
  const { pantry } = facts;
  const added = leaven.added ?? [];
  const setAdded = (lines: typeof added) => onLeaven({ ...leaven, added: lines });
  const name = (id: string) => pantry.get(id)?.name ?? id;
  const free = [...pantry.values()].filter(
    (one) => KINDS.has(one.kind) && !added.some((line) => line.ingredientId === one.id),
  );
  return (
    <Box sx={{ display: 'grid', gap: 1, mt: 1 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
        <ChoiceField
          name={`flour-of-${leaven.id}`}
          label={tr`Its flour`}
          value={flourOf(leaven)}
          options={flourChoices(leaven, facts)}
          onChange={(id) => (id === BLEND ? null : onFlour(id === NOTHING ? null : id))}
        />
        <ChoiceField
          name={`asks-${leaven.id}`}
          label={tr`At the mix`}
          value={leaven.asks ?? NOTHING}
          options={RIPENESS}
          onChange={(id) => onLeaven(withAsked(leaven, id))}
        />
      </Box>
      <Dose leaven={leaven} weighed={weighed} onLeaven={onLeaven} />
      {added.map((line) => (
        <Box
          key={line.ingredientId}
          sx={{ display: 'grid', gridTemplateColumns: '1fr auto', gap: 1, alignItems: 'end' }}
        >
          <NumberBox
            name={`${leaven.id}-${line.ingredientId}`}
            label={tr`${name(line.ingredientId)}, % of its flour`}
            value={line.share * 100}
            onValue={(value) =>
              setAdded(added.map((one) => (one === line ? { ...one, share: value / 100 } : one)))
            }
          />
          <Button
            size="small"
            variant="text"
            aria-label={tr`${leaven.name} without ${inSentence(name(line.ingredientId))}`}
            onClick={() => setAdded(added.filter((one) => one !== line))}
          >
            {tr`Without`}
          </Button>
        </Box>
      ))}
      {added.some((one) => one.ingredientId === 'honey') ? <CautionLine at="honey" /> : null}
      <ChoiceField
        name={`add-to-${leaven.id}`}
        label={tr`Add to ${inSentence(leaven.name)}`}
        value={NOTHING}
        options={[{ id: NOTHING, name: '…' }, ...free.map(({ id }) => ({ id, name: name(id) }))]}
        onChange={(id) => {
          if (id === NOTHING) return;
          const liquid = pantry.get(id)?.kind === 'liquid';
          const share = liquid ? FIRST.liquid * leaven.hydration : FIRST.other;
          setAdded([...added, { ingredientId: id, share }]);
        }}
      />
    </Box>
  );
}

/** Its yeast or its seed, found for the hour until it is typed; from then on the hours give way. */
function Dose(props: { leaven: Leaven; weighed: Leaven; onLeaven: (leaven: Leaven) => void }) {
  const { leaven, weighed, onLeaven } = props;
  const { made } = weighed;
  if (made.by === 'taken') return null;
  const typed = (value: number): Leaven =>
    made.by === 'yeast'
      ? { ...leaven, made: { ...made, freshShare: value / 100, typed: true } }
      : { ...leaven, made: { ...made, seedShare: value / 100, typed: true } };
  const found = made.typed === true ? tr`typed` : tr`found for the hour`;
  return made.by === 'yeast' ? (
    <NumberBox
      name={`dose-${leaven.id}`}
      label={tr`Yeast, % of its flour as fresh; ${trOf(found)}`}
      value={made.freshShare * 100}
      onValue={(value) => onLeaven(typed(value))}
    />
  ) : (
    <NumberBox
      name={`seed-${leaven.id}`}
      label={tr`Seed, % of its fresh flour; ${trOf(found)}`}
      value={made.seedShare * 100}
      onValue={(value) => onLeaven(typed(value))}
    />
  );
}

/** Its one flour; nothing for the dough’s own blend. */
function flourOf({ flours }: Leaven): string {
  if (flours === null) return NOTHING;
  return flours.length === 1 ? (flours[0]?.flourId ?? NOTHING) : BLEND;
}

function flourChoices(leaven: Leaven, facts: DoughFacts) {
  const known = facts.flours.filter((one) => one.retiredMs === null || one.id === flourOf(leaven));
  return [
    { id: NOTHING, name: tr`the dough’s flour` },
    ...known.map(({ id, name }) => ({ id, name })),
    ...(flourOf(leaven) === BLEND ? [{ id: BLEND, name: tr`a blend of its own` }] : []),
  ];
}

function withAsked(leaven: Leaven, id: string): Leaven {
  return { ...leaven, asks: id === 'young' || id === 'prime' ? id : undefined };
}

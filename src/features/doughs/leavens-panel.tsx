'use client';

import { perLanguage } from '@/words/per-language';
import { inSentence, tr } from '@/words/tr';
import { builtForItself, loneFor, takenFrom } from '@/shop/doughs/built-instead';
import { sourceFor, type DoughFacts } from '@/shop/doughs/facts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  exchangeLeaven,
  LEAVEN_KINDS,
  USUAL_LEAVENS,
  withLeavenFlour,
  type Leaven,
  type LeavenKind,
} from '@/core/formula';
import type { Method } from '@/core/methods';
import { withLeaven } from '@/core/planner';

import { massText } from '@/ui/format';
import { ChoiceField } from '@/ui/fields/choice-field';
import { NumberBox } from '@/ui/fields/number-box';
import { LeavenOfItsOwn } from './leaven-of-its-own';

const kinds = perLanguage(() =>
  LEAVEN_KINDS.map((id) => ({ id, name: inSentence(USUAL_LEAVENS[id].name) })),
);

/** The leavens of a method: exchanged, stronger or weaker, wetter or stiffer, one more or one less. */
export function LeavensPanel(props: {
  method: Method;
  /** The method with the doses and seeds that its plan found. */
  shown: Method;
  facts: DoughFacts;
  onChange: (method: Method) => void;
}) {
  const { method, shown, facts, onChange } = props;
  const { leavens } = method.dough;
  const set = (leaven: Leaven) =>
    onChange({
      ...method,
      dough: {
        ...method.dough,
        leavens: leavens.map((one) => (one.id === leaven.id ? leaven : one)),
      },
    });
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      {leavens.length === 0 ? (
        <Typography>{tr`None: yeast in the final mix alone.`}</Typography>
      ) : null}
      {leavens.map((leaven) => (
        <OneLeaven
          key={leaven.id}
          leaven={leaven}
          onChange={onChange}
          method={method}
          onSet={set}
          facts={facts}
          shown={shown}
        />
      ))}
      {leavens.length < 3 ? <AnotherLeaven onChange={onChange} method={method} /> : null}
    </Box>
  );
}

/** A leaven of the method and what can be changed of it. */
function OneLeaven(props: {
  leaven: Leaven;
  onChange: (method: Method) => void;
  method: Method;
  onSet: (leaven: Leaven) => void;
  facts: DoughFacts;
  shown: Method;
}) {
  const { leaven, onChange, method, onSet, facts, shown } = props;
  return (
    <Box component="section" aria-label={leaven.name}>
      <Sizes leaven={leaven} onChange={onChange} method={method} onSet={onSet} />
      <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
        {USUAL_LEAVENS[leaven.kind].says}. {madeSays(leaven, facts)}
      </Typography>
      {leaven.made.by === 'taken' ? null : (
        <LeavenOfItsOwn
          leaven={leaven}
          weighed={shown.dough.leavens.find((one) => one.id === leaven.id) ?? leaven}
          facts={facts}
          onFlour={(flourId) =>
            onChange({ ...method, dough: withLeavenFlour(method.dough, leaven.id, flourId) })
          }
          onLeaven={onSet}
        />
      )}
      <TakenFrom method={method} leaven={leaven} facts={facts} onChange={onChange} />
      {isTyped(leaven) ? (
        <Button size="small" variant="text" sx={{ px: 0 }} onClick={() => onSet(found(leaven))}>
          {tr`Use calculated dose`}
        </Button>
      ) : null}
      <Button
        size="small"
        variant="text"
        sx={{ px: 0 }}
        onClick={() => onChange(without(method, leaven.id))}
      >
        {tr`Without ${inSentence(leaven.name)}`}
      </Button>
    </Box>
  );
}

/** What of a leaven is typed: its kind, its share, its water. */
function Sizes(props: {
  leaven: Leaven;
  onChange: (method: Method) => void;
  method: Method;
  onSet: (leaven: Leaven) => void;
}) {
  const { leaven, onChange, method, onSet } = props;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1.4fr 1fr 1fr', gap: 1 }}>
      <ChoiceField
        name={`kind-${leaven.id}`}
        label={leaven.name}
        value={leaven.kind}
        options={kinds()}
        onChange={(kind) => onChange(exchanged(method, leaven, kind as LeavenKind))}
      />
      <NumberBox
        name={`share-${leaven.id}`}
        label={tr`% of the flour`}
        value={leaven.flourShare * 100}
        onValue={(value) => onSet({ ...leaven, flourShare: value / 100 })}
      />
      <NumberBox
        name={`water-${leaven.id}`}
        label={tr`Its water, %`}
        value={leaven.hydration * 100}
        onValue={(value) => onSet({ ...leaven, hydration: value / 100 })}
      />
    </Box>
  );
}

function AnotherLeaven({
  onChange,
  method,
}: {
  onChange: (method: Method) => void;
  method: Method;
}) {
  const { leavens } = method.dough;
  return (
    <Button
      size="small"
      sx={{ justifySelf: 'start' }}
      onClick={() => onChange(withLeaven(method, 'poolish', freshId(leavens)))}
    >
      {tr`Another leaven`}
    </Button>
  );
}

/** A leaven that stands for another dough, or is planned for one, with something left: taken instead of building one. */
function TakenFrom(props: {
  method: Method;
  leaven: Leaven;
  facts: DoughFacts;
  onChange: (method: Method) => void;
}) {
  const { method, leaven, facts, onChange } = props;
  const isTaken = leaven.made.by === 'taken';
  if (isTaken && USUAL_LEAVENS[leaven.kind].made.by !== 'taken') {
    return (
      <Button
        size="small"
        variant="text"
        sx={{ px: 0 }}
        onClick={() => onChange(builtForItself(method, leaven.id))}
      >
        {tr`Build it for this dough`}
      </Button>
    );
  }
  return loneFor(leaven, isTaken ? [] : facts.sources).map((source) => (
    <Button
      key={source.lotId}
      size="small"
      variant="text"
      sx={{ px: 0 }}
      onClick={() => onChange(takenFrom(method, leaven.id, source))}
    >
      {tr`Take it from ${source.name}, ${massText(source.thereG, facts.units)} ${source.fromMs === undefined ? tr`left` : tr`planned to be left`}`}
    </Button>
  ));
}

/** True for a dose that the baker typed: hours give way to it. */
const isTyped = ({ made }: Leaven) => made.by !== 'taken' && made.typed === true;

/** The leaven with its dose found for the hour again. */
function found(leaven: Leaven): Leaven {
  const { made } = leaven;
  if (made.by === 'taken') return leaven;
  return { ...leaven, made: { ...made, typed: false } };
}

function madeSays(leaven: Leaven, facts: DoughFacts): string {
  const { made } = leaven;
  if (made.by === 'yeast') {
    return isTyped(leaven) ? tr`Its dose is as you typed it.` : tr`Its dose is found for the hour.`;
  }
  const source = sourceFor(leaven, facts.sources);
  if (source === null) return tr`The shop has no culture for it yet.`;
  const there = massText(source.thereG, facts.units);
  return made.by === 'seed'
    ? tr`Seeded from ${source.name}, its seed found for the hour; ${there} there.`
    : tr`From ${source.name}, ${there} there.`;
}

function exchanged(method: Method, leaven: Leaven, kind: LeavenKind): Method {
  const dough = exchangeLeaven(method.dough, leaven.id, { kind });
  const placed = withLeaven(method, kind, leaven.id).leavenStays[leaven.id];
  const { [leaven.id]: stays, ...others } = method.leavenStays;
  const kept = stays ?? placed;
  return {
    ...method,
    dough,
    leavenStays: kept === undefined ? others : { ...others, [leaven.id]: kept },
  };
}

function without(method: Method, leavenId: string): Method {
  const leavenStays = Object.fromEntries(
    Object.entries(method.leavenStays).filter(([id]) => id !== leavenId),
  );
  const leavens = method.dough.leavens.filter((one) => one.id !== leavenId);
  return { ...method, leavenStays, dough: { ...method.dough, leavens } };
}

function freshId(leavens: readonly Leaven[]): string {
  for (let n = leavens.length + 1; ; n += 1) {
    if (!leavens.some((one) => one.id === `leaven-${n}`)) return `leaven-${n}`;
  }
}

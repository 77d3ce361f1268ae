'use client';

import { tr } from '@/words/tr';
import type { DoughFacts } from '@/shop/doughs/facts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { allergensOf } from '@/core/composition';
import { substitutesFor, waterToday } from '@/core/flour';
import { doughWeights, litreOfSalt, saltOfKilo, saltOfLitre } from '@/core/formula';
import type { Method } from '@/core/methods';
import { decimals } from '@/ui/format';
import { ChoiceField } from '@/ui/fields/choice-field';
import { NumberBox } from '@/ui/fields/number-box';
import { DomainError } from '@/core/units';
import { Added, type Set } from './flours-added';

/** Flours, water of the day, salt by other rules, what else goes in. */
export function FloursOfDough(props: {
  method: Method;
  opened: Method;
  facts: DoughFacts;
  onChange: (method: Method) => void;
}) {
  const { method, opened, facts, onChange } = props;
  const { dough } = method;
  const set = (changed: Partial<Method['dough']>) =>
    onChange({ ...method, dough: { ...dough, ...changed } });
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <Flours method={method} facts={facts} set={set} />
      <Water method={method} opened={opened} facts={facts} set={set} />
      <Box component="section" aria-label={tr`Salt by other rules`}>
        <Typography variant="h3">{tr`Salt by other rules`}</Typography>
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1, mt: 0.5 }}>
          <NumberBox
            name="saltPerLitre"
            label={tr`g per litre of water`}
            value={litreOfSalt(dough.saltShare, dough.hydration)}
            onValue={(value) =>
              guarded(() => set({ saltShare: saltOfLitre(value, dough.hydration) }))
            }
          />
          <NumberBox
            name="saltPerKilo"
            label={tr`g per kilo of flour`}
            value={dough.saltShare * 1000}
            onValue={(value) => guarded(() => set({ saltShare: saltOfKilo(value) }))}
          />
        </Box>
      </Box>
      <Added method={method} facts={facts} set={set} />
      <Typography variant="body2">
        {tr`Contains ${allergens(method, facts).join(', ') || tr`no allergen that the shop has noted`}.`}
      </Typography>
    </Box>
  );
}

/** What is out of range is not taken; the field goes back to what stands. */
function guarded(run: () => void): void {
  try {
    run();
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
  }
}

function allergens({ dough }: Method, { pantry }: DoughFacts): string[] {
  try {
    return allergensOf(doughWeights(dough, 1000, pantry).whole, pantry);
  } catch (error) {
    if (error instanceof DomainError) return [];
    throw error;
  }
}

function Flours({ method, facts, set }: { method: Method; facts: DoughFacts; set: Set }) {
  const { flours } = method.dough;
  const known = facts.flours.filter(
    (one) => one.retiredMs === null || flours.some((part) => part.flourId === one.id),
  );
  const free = known.filter((one) => !flours.some((part) => part.flourId === one.id));
  const retired = flours
    .map((part) => facts.flours.find((one) => one.id === part.flourId))
    .find((one) => one !== undefined && one.retiredMs !== null);
  const [substitute] =
    retired === undefined
      ? []
      : substitutesFor(
          retired,
          facts.flours.filter((one) => one.retiredMs === null),
        );
  const swap = (from: string, to: string) =>
    set({
      flours: flours.map((part) => (part.flourId === from ? { ...part, flourId: to } : part)),
    });
  const name = (id: string) => facts.flours.find((one) => one.id === id)?.name ?? id;
  return (
    <Box component="section" aria-label={tr`Flours`}>
      <Typography variant="h3">{tr`Flours`}</Typography>
      {flours.map((part, index) => (
        <ChoiceField
          key={part.flourId}
          name={`flour-${index}`}
          label={`${decimals(part.share * 100, 1)} %`}
          value={part.flourId}
          options={known
            .filter((one) => one.id === part.flourId || free.includes(one))
            .map(({ id }) => ({ id, name: name(id) }))}
          onChange={(id) => swap(part.flourId, id)}
        />
      ))}
      {free[0] === undefined ? null : (
        <Button
          size="small"
          variant="text"
          sx={{ px: 0 }}
          onClick={() =>
            set({
              flours: [
                ...flours.map((part) => ({ ...part, share: part.share * 0.9 })),
                { flourId: free[0]!.id, share: 0.1 },
              ],
            })
          }
        >
          {tr`A tenth of ${name(free[0].id)}`}
        </Button>
      )}
      {flours.length > 1 ? (
        <Button
          size="small"
          variant="text"
          onClick={() => set({ flours: evenly(flours.slice(0, -1)) })}
        >
          {tr`Without ${name(flours.at(-1)!.flourId)}`}
        </Button>
      ) : null}
      {retired === undefined || substitute === undefined ? null : (
        <Button
          size="small"
          onClick={() =>
            set({
              flours: [
                ...flours.filter((part) => part.flourId !== retired.id),
                ...substitute.parts.map((part) => ({
                  flourId: part.flourId,
                  share:
                    part.share * (flours.find((one) => one.flourId === retired.id)?.share ?? 0),
                })),
              ],
              hydration:
                method.dough.hydration +
                substitute.waterApart *
                  (flours.find((one) => one.flourId === retired.id)?.share ?? 0),
            })
          }
        >
          {tr`${retired.name} is gone: ${substitute.parts.map((part) => name(part.flourId)).join(tr` and `)}`}
        </Button>
      )}
    </Box>
  );
}

function evenly(parts: Method['dough']['flours']): Method['dough']['flours'] {
  const all = parts.reduce((sum, part) => sum + part.share, 0);
  return parts.map((part) => ({ ...part, share: part.share / all }));
}

function Water(props: { method: Method; opened: Method; facts: DoughFacts; set: Set }) {
  const { method, opened, facts, set } = props;
  const today = waterToday({
    hydration: opened.dough.hydration,
    writtenFor: opened.dough.flours,
    today: method.dough.flours,
    flours: facts.flours,
    roomC: facts.roomC,
    lastMixes: facts.lastMixes,
  });
  const points = (value: number) => `${value > 0 ? '+' : '−'}${decimals(Math.abs(value * 100), 1)}`;
  return (
    <Box component="section" aria-label={tr`Water today`}>
      <Typography variant="h3">{tr`Water today`}</Typography>
      <Typography>
        {tr`${decimals(today.hydration * 100, 1)} %, ${decimals(today.holdBackShare * 100, 0)} % of the flour held back`}
      </Typography>
      {today.reasons.map((reason) => (
        <Typography key={reason.says} variant="body2" color="text.secondary">
          {tr`${points(reason.points)} points: ${reason.says}`}
        </Typography>
      ))}
      {today.reasons.length === 0 ? (
        <Typography variant="body2" color="text.secondary">
          {tr`as the method has it: nothing speaks for another`}
        </Typography>
      ) : (
        <Button size="small" onClick={() => set({ hydration: today.hydration })}>
          {tr`Take ${decimals(today.hydration * 100, 1)} %`}
        </Button>
      )}
    </Box>
  );
}

'use client';

import { tr } from '@/words/tr';
import { placeChoices } from '@/ui/fields/place-choices';
import { isCold, placeKind, tempAt, type PlaceHistory } from '@/core/forecast';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { scaleLinear, type ScaleLinear } from 'd3';
import { useCallback } from 'react';
import { addHours, atWallMinute, fromLocalText, toLocalText } from '@/core/units';
import type { PowerLeft, ThawPlan, ThawQuestion } from '@/core/cultures';
import type { FrozenFacts } from '@/server/cultures/frozen-facts';
import { momentText, percentText } from '@/ui/format';
import { LinkButton } from '@/ui/link-button';
import { rem } from '@/ui/rem';
import type { CultureActions } from './culture-actions';
import { useWish, type CheckedWish } from './use-wish';
import { WishPanel } from './wish-panel';
import { ActButton, FieldRow } from '@/ui/panels/panel-parts';
import { formFields, ReadyField } from '@/ui/fields/form-fields';
import { headText, ThawFound, footText } from './thaw-found';

/** A usual room, °C: proposed first. */
const ROOM_C = 22;

/** The wish for a thaw as it is typed. */
interface ThawFields {
  readonly readyAt: string;
  readonly fridgeId: string;
  readonly roomId: string;
}

/** What is wanted first: ready for tomorrow afternoon, a day away at least. */
function firstThaw(facts: FrozenFacts): ThawFields {
  const { nowMs, timeZone } = facts;
  const { fridges, rooms } = placesOf(facts);
  const afternoonMs = atWallMinute(nowMs, 1, 17 * 60, timeZone);
  return {
    readyAt: toLocalText(Math.max(afternoonMs, addHours(nowMs, 24)), timeZone),
    fridgeId: fridges[0]?.id ?? '',
    roomId: rooms[0]?.id ?? '',
  };
}

/** A frozen lot: what is left of its power, and its thaw worked out back from an hour. */
export function FrozenPanel({ facts, actions }: { facts: FrozenFacts; actions: CultureActions }) {
  const { nowMs, timeZone } = facts;
  const check = useCallback((typed: ThawFields) => checkThaw(typed, facts), [facts]);
  const wish = useWish('thaw', { first: () => firstThaw(facts), check }, actions);
  const { fields, answer, busy } = wish;
  const at = (ms: number) => momentText(ms, nowMs, timeZone);
  const plan = answer?.kind === 'plan' ? answer : null;
  const take = ({ outMs, roomMs }: ThawPlan) =>
    wish.take(
      {
        wish: 'thaw',
        lotId: facts.lotId,
        outAt: toLocalText(outMs, timeZone),
        roomAt: toLocalText(roomMs, timeZone),
        fridgeId: fields.fridgeId,
        roomId: fields.roomId,
      },
      () => tr`${facts.name}: out of the freezer ${at(outMs)}, planned.`,
    );
  return (
    <WishPanel
      wish={wish}
      head={{ title: `${facts.name}, ${facts.lotId}`, says: headText(facts) }}
      wants={
        <>
          <Power facts={facts} />
          <ThawWants facts={facts} fields={fields} errors={wish.errors} onChange={wish.change} />
        </>
      }
      waits={tr`Working back from the hour…`}
      found={(found, width) => (
        <ThawFound answer={found} facts={facts} readyAt={fields.readyAt} width={width} />
      )}
    >
      <Box sx={{ display: 'flex', gap: 2, p: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Typography variant="body2" sx={{ flex: '1 1 18rem' }}>
          {footText(facts, at)}
        </Typography>
        <LinkButton href={`/lots/${encodeURIComponent(facts.lotId)}/label`}>{tr`Label`}</LinkButton>
        <ActButton
          title={tr`Plan the thaw`}
          under={
            plan === null ? tr`nothing found yet` : tr`${at(plan.outMs)} and ${at(plan.roomMs)}`
          }
          glyph="move"
          disabled={busy || plan === null}
          onAct={() => {
            if (plan !== null) take(plan);
          }}
        />
      </Box>
    </WishPanel>
  );
}

function ThawWants(props: {
  facts: FrozenFacts;
  fields: ThawFields;
  errors: Readonly<Record<string, string>>;
  onChange: (changed: Partial<ThawFields>) => void;
}) {
  const { facts, fields, errors, onChange } = props;
  const { fridges, rooms } = placesOf(facts);
  const { choice } = formFields(fields, errors, onChange);
  const names = (places: typeof rooms) => placeChoices(places, facts.nowMs, facts.units);
  return (
    <FieldRow columns={4}>
      <ReadyField
        label={facts.backUp ? tr`Awake at` : tr`Ready at`}
        value={fields.readyAt}
        error={errors['readyAt']}
        onChange={(readyAt) => onChange({ readyAt })}
      />
      {choice('fridgeId', tr`Thaws in`, names(fridges))}
      {choice('roomId', tr`Rises in`, names(rooms))}
    </FieldRow>
  );
}

/** Where it can thaw and where it can rise, the most usual first. */
function placesOf({ places, nowMs }: FrozenFacts) {
  const fromRoomC = (place: PlaceHistory) => Math.abs(tempAt(place, nowMs) - ROOM_C);
  return {
    fridges: places.filter((one) => placeKind(tempAt(one, nowMs)) === 'fridge'),
    rooms: places
      .filter((one) => !isCold(tempAt(one, nowMs)))
      .sort((a, b) => fromRoomC(a) - fromRoomC(b)),
  };
}

/** Reads the form as a question for the core. */
function checkThaw(wish: ThawFields, facts: FrozenFacts): CheckedWish<ThawQuestion> {
  const { jar, nowMs, workingHours, timeZone, places, pantry } = facts;
  const { fridgeId, roomId } = wish;
  const readyMs = fromLocalText(wish.readyAt, timeZone);
  const wrong = (field: keyof ThawFields, sentence: string) => ({
    asks: null,
    errors: { [field]: sentence },
  });
  if (fridgeId === '')
    return wrong('fridgeId', tr`Thaws in: the shop has no fridge. Add one under Shop.`);
  if (roomId === '')
    return wrong('roomId', tr`Rises in: the shop has no warm place. Add one under Shop.`);
  if (readyMs <= nowMs)
    return wrong('readyAt', tr`Ready at: that hour has passed. Allowed: from now on.`);
  return {
    asks: { jar, nowMs, readyMs, fridgeId, roomId, workingHours, timeZone, places, pantry },
    errors: {},
  };
}

const BAR = { width: 300, height: 16 };

/** Raising power left, as bands: now and in the months to come. */
function Power({ facts }: { facts: FrozenFacts }) {
  const x = scaleLinear([0, 1], [0, BAR.width]);
  return (
    <Box
      component="section"
      aria-label={tr`Raising power left`}
      sx={{
        px: 2,
        py: 0.5,
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' },
        columnGap: 3,
      }}
    >
      {facts.power.map(({ inMonths, left }) => (
        <PowerLine key={inMonths} inMonths={inMonths} x={x} left={left} />
      ))}
    </Box>
  );
}

function PowerLine({
  inMonths,
  x,
  left,
}: {
  inMonths: number;
  x: ScaleLinear<number, number, never>;
  left: PowerLeft;
}) {
  return (
    <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', minHeight: 30 }}>
      <Typography variant="body2" sx={{ width: 96 }}>
        {inMonths === 0
          ? tr`power now`
          : tr`in ${inMonths} ${inMonths === 1 ? tr`month` : tr`months`}`}
      </Typography>
      <svg
        width={BAR.width / 2 + 20}
        height={BAR.height}
        viewBox={`0 0 ${BAR.width} ${BAR.height}`}
        preserveAspectRatio="none"
        aria-hidden="true"
      >
        <rect x={0} y={3} width={BAR.width} height={10} fill="none" stroke="var(--edge)" />
        <rect
          x={x(left.low)}
          y={3}
          width={x(left.high - left.low)}
          height={10}
          fill="var(--doubt)"
        />
        <rect x={x(left.share) - 2} y={0} width={4} height={16} fill="var(--ink)" />
      </svg>
      <Typography variant="body2" sx={{ fontWeight: 700, fontSize: rem(15) }}>
        {percentText(left.low, 0)}–{percentText(left.high, 0)}
      </Typography>
    </Box>
  );
}

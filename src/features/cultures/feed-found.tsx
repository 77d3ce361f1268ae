'use client';

import { tr, trOf } from '@/words/tr';
import { ActButton, Finding } from '@/ui/panels/panel-parts';

import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

import type { FeedChoice, FeedSheet } from '@/core/cultures';
import { fromLocalText, toLocalText } from '@/core/units';
import type { FeedFacts } from '@/server/cultures/feed-facts';
import { clockText, momentText, tempText } from '@/ui/format';

import { HoursCurve } from './hours-curve';
import { isLater, mixInstant } from './feed-fields';
import type { FeedFields } from './first-feed-fields';
import { feasibleText, gramsText, ratioText, verdictText } from './feed-words';
import { OldJar, Vessels, WeighLines } from './sheet-parts';
import { Choices } from './sheet-choices';

/** What was found for the wants: ratio, curve, grams, jar, vessel, and the same wish elsewhere. */
export function FeedFound(props: {
  sheet: FeedSheet;
  choices: readonly FeedChoice[];
  fields: FeedFields;
  facts: FeedFacts;
  width: number;
  busy: boolean;
  onChange: (changed: Partial<FeedFields>) => void;
  onTake: () => void;
}) {
  const { sheet, choices, fields, facts, width, onChange } = props;
  const { timeZone, nowMs } = facts;
  const readyMs = fields.seeks === 'hour' ? null : fromLocalText(fields.readyAt, timeZone);
  return (
    <>
      <Verdict sheet={sheet} facts={facts} act={<TakeButton {...props} />} />
      <HoursCurve
        sheet={sheet}
        label={tr`Level of the feed over the hours to come`}
        readyMs={readyMs}
        nowMs={nowMs}
        timeZone={timeZone}
        width={width}
        height={148}
      />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr', lg: '1.5fr 0.9fr 1.2fr' },
          gap: 2,
          px: 2,
          py: 0.5,
        }}
      >
        <WeighLines sheet={sheet} facts={facts} />
        <OldJar sheet={sheet} facts={facts} levain={fields.as === 'levain'} />
        <Vessels sheet={sheet} facts={facts} />
      </Box>
      <Box
        sx={{
          display: 'flex',
          flexWrap: { xs: 'wrap', lg: 'nowrap' },
          columnGap: 2,
          rowGap: 1,
          px: 2,
          py: 1,
          borderTop: '2px solid var(--line)',
        }}
      >
        <Choices
          title={tr`Other place, still ${clockText(readyMs ?? nowMs, timeZone)}`}
          choices={choices.filter((one) => one.placeId !== fields.placeId)}
          nameOf={(one) => placeName(facts, one.placeId)}
          onTake={(one) => onChange({ placeId: one.placeId, seeks: 'ratio' })}
        />
        <Choices
          title={tr`Other hour, ${placeName(facts, fields.placeId)}`}
          choices={choices.filter((one) => one.placeId === fields.placeId)}
          nameOf={(one) => momentText(one.readyMs, nowMs, timeZone)}
          onTake={(one) =>
            onChange({ readyAt: toLocalText(one.readyMs, timeZone), seeks: 'ratio' })
          }
        />
      </Box>
    </>
  );
}

/** The ratio, and in words what comes of it. */
function Verdict(props: { sheet: FeedSheet; facts: FeedFacts; act: ReactNode }) {
  const { sheet, facts, act } = props;
  const { serves, nowMs, timeZone, units } = facts;
  const before =
    serves === null ? tr`the wanted hour` : tr`the ${serves.title.split(' ')[0] ?? tr`mix`}`;
  const at = { nowMs, timeZone, before, units };
  const sought =
    sheet.soughtC === null
      ? ''
      : tr` ${tempText(Math.round(sheet.soughtC * 2) / 2, units)} would do; the nearest place is ${placeName(facts, sheet.placeId)}.`;
  return (
    <Finding figure={ratioText(sheet.amounts)} testId="ratio" act={act}>
      {verdictText(sheet, at)} {feasibleText(sheet, at)}
      {sought}
    </Finding>
  );
}

/** The act: feed or build, now or at the hour said. */
function TakeButton(props: {
  sheet: FeedSheet;
  fields: FeedFields;
  facts: FeedFacts;
  busy: boolean;
  onTake: () => void;
}) {
  const { sheet, fields, facts, busy, onTake } = props;
  const what = fields.as === 'levain' ? tr`Build` : tr`Feed`;
  const clock = clockText(mixInstant(fields, facts), facts.timeZone);
  return (
    <ActButton
      title={isLater(fields, facts) ? tr`${trOf(what)} at ${clock}` : tr`${trOf(what)} now`}
      under={gramsText(sheet.amounts, facts.units)}
      glyph="feed"
      disabled={busy}
      onAct={onTake}
    />
  );
}

const placeName = (facts: FeedFacts, placeId: string) =>
  facts.places.find((one) => one.id === placeId)?.name ?? placeId;

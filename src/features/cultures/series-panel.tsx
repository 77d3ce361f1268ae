'use client';

import { tr } from '@/words/tr';
import { placeChoices } from '@/ui/fields/place-choices';
import Box from '@mui/material/Box';
import { useCallback } from 'react';
import type { SeriesAnswer } from '@/core/cultures';
import { toLocalText } from '@/core/units';
import type { FeedFacts } from '@/server/cultures/feed-facts';
import { massText, momentText, spanText } from '@/ui/format';
import type { CultureActions } from './culture-actions';
import { ratioText } from './feed-words';
import { ActButton, FieldRow, Finding } from '@/ui/panels/panel-parts';
import { formFields, ReadyField } from '@/ui/fields/form-fields';
import { checkSeries, firstSeries, type SeriesFields } from './series-fields';
import { SeriesPicture } from './series-picture';
import { feedMade } from './made-of';
import { useWish } from './use-wish';
import { WishPanel } from './wish-panel';
import { type Found, SeriesTable } from './series-table';

/** A few feeds in a row back from an hour, growing to what is needed; the last one may be a levain. */
export function SeriesPanel({ facts, actions }: { facts: FeedFacts; actions: CultureActions }) {
  const check = useCallback((typed: SeriesFields) => checkSeries(typed, facts), [facts]);
  const wish = useWish('series', { first: () => firstSeries(facts), check }, actions);
  const { fields, change } = wish;
  const take = (series: Found) =>
    wish.take(
      takenOf(series, fields, facts),
      () => tr`${facts.culture.name}: ${series.feeds.length} feeds planned.`,
    );
  return (
    <WishPanel
      wish={wish}
      head={{
        title: tr`${facts.culture.name}, feeds in a row`,
        says: tr`Each is taken at the best of the one before; hands work only in their hours.`,
      }}
      wants={<SeriesWants facts={facts} fields={fields} errors={wish.errors} onChange={change} />}
      waits={tr`Finding the feeds…`}
      found={(answer, width) =>
        answer.kind === 'no series' ? (
          <Finding figure={tr`None`}>{noneText(answer, fields, facts)}</Finding>
        ) : (
          <Box sx={{ opacity: wish.finding ? 0.6 : 1 }}>
            <SeriesFinding answer={answer} facts={facts} busy={wish.busy} onTake={take} />
            <SeriesPicture series={answer} facts={facts} width={width} />
            <SeriesTable series={answer} fields={fields} facts={facts} />
          </Box>
        )
      }
    />
  );
}

function SeriesFinding(props: {
  answer: Found;
  facts: FeedFacts;
  busy: boolean;
  onTake: (series: Found) => void;
}) {
  const { answer, facts, busy, onTake } = props;
  return (
    <Finding
      figure={answer.feeds.map((feed) => ratioText(feed.amounts).split(' : ')[1]).join(' · ')}
      act={
        <ActButton
          title={tr`Plan them`}
          under={tr`first ${momentText(answer.feeds[0]?.atMs ?? 0, facts.nowMs, facts.timeZone)}, one act to take back`}
          glyph="feed"
          disabled={busy}
          onAct={() => onTake(answer)}
        />
      }
    >
      {verdictOf(answer, facts)}
    </Finding>
  );
}

const FEEDS = ['1', '2', '3', '4'].map((id) => ({ id, name: id }));
const LASTS = [
  {
    id: 'feed',
    get name() {
      return tr`a feed`;
    },
  },
  {
    id: 'levain',
    get name() {
      return tr`a levain`;
    },
  },
];

function SeriesWants(props: {
  facts: FeedFacts;
  fields: SeriesFields;
  errors: Readonly<Record<string, string>>;
  onChange: (changed: Partial<SeriesFields>) => void;
}) {
  const { facts, fields, errors, onChange: change } = props;
  const { figure, choice } = formFields(fields, errors, change);
  return (
    <FieldRow columns={6}>
      <ReadyField
        value={fields.readyAt}
        error={errors['readyAt']}
        onChange={(readyAt) => change({ readyAt })}
      />
      {choice('feeds', tr`Feeds`, FEEDS)}
      {choice('last', tr`The last is`, LASTS, (last) =>
        change({ last: last === 'levain' ? 'levain' : 'feed' }),
      )}
      {figure('need', tr`Need`, 'mass')}
      {choice('placeId', tr`Stands at`, placeChoices(facts.places, facts.nowMs, facts.units))}
    </FieldRow>
  );
}

function verdictOf(series: Found, facts: FeedFacts): string {
  const last = series.feeds.at(-1);
  const ms = last?.forecast.window.bestMs ?? last?.forecast.window.opensMs ?? null;
  const ripe =
    ms === null ? tr`never ripe` : tr`ripe at ${momentText(ms, facts.nowMs, facts.timeZone)}`;
  const missed =
    Math.abs(series.missedH) < 0.1
      ? ''
      : tr`, ${spanText(series.missedH * 3_600_000)} ${series.missedH < 0 ? tr`before` : tr`after`} the wanted hour`;
  const from = tr`${massText(series.fromJarG, facts.units)} of the jar go in`;
  const over =
    series.overG < 1
      ? tr`nothing is made that is not used`
      : tr`${massText(Math.round(series.overG), facts.units)} are left over, less mother can not be weighed`;
  return tr`Flour per 1 of starter, feed by feed: ${ripe}${missed}. ${from}; ${over}.`;
}

function noneText(
  answer: Extract<SeriesAnswer, { kind: 'no series' }>,
  fields: SeriesFields,
  facts: FeedFacts,
): string {
  if (answer.because === 'jar too short') {
    return tr`The jar does not hold the mother for it. One feed more grows it, or a later hour.`;
  }
  const earliest =
    answer.earliestMs === null
      ? ''
      : tr` Soonest for ${fields.feeds}: about ${momentText(answer.earliestMs, facts.nowMs, facts.timeZone)}.`;
  return answer.because === 'too late to start'
    ? tr`It is too late to start ${fields.feeds} feeds for that hour.${earliest} Fewer feeds, or a later hour.`
    : tr`No ${fields.feeds} feeds were found that are each near their best within your hours. Another place, fewer feeds, or another hour.`;
}

/** What the wish writes: each of the one before, the first of the jar. */
function takenOf(series: Found, fields: SeriesFields, facts: FeedFacts) {
  const jarId = facts.jars[0]?.jar.lot.id ?? '';
  const last = series.feeds.length - 1;
  return {
    wish: 'make',
    cultureId: facts.culture.id,
    tense: 'planned',
    makes: series.feeds.map((feed, index) => ({
      as: fields.last === 'levain' && index === last && last > 0 ? 'levain' : 'feed',
      at: toLocalText(feed.atMs, facts.timeZone),
      ...feedMade(feed.amounts, index === 0 ? jarId : undefined),
      placeId: fields.placeId,
      startC: feed.act.startC,
    })),
  };
}

'use client';

import { tr } from '@/words/tr';
import { placeChoices } from '@/ui/fields/place-choices';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useCallback } from 'react';
import type { SeriesAnswer } from '@/core/cultures';
import { toLocalText } from '@/core/units';
import type { FeedFacts } from '@/server/cultures/feed-facts';
import { massText, momentText, spanText } from '@/ui/format';
import { newBatch } from '@/ui/hands/use-act';
import { useWidth } from '@/ui/use-width';
import type { CultureActions } from './culture-actions';
import { ratioText } from './feed-words';
import { ActButton, FieldRow, Finding, PanelHead, PanelRefusal } from '@/ui/panels/panel-parts';
import { formFields, ReadyField } from '@/ui/fields/form-fields';
import { checkSeries, firstSeries, type SeriesFields } from './series-fields';
import { SeriesPicture } from './series-picture';
import { useWish } from './use-wish';
import { type Found, SeriesTable } from './series-table';

/** A few feeds in a row back from an hour, growing to what is needed; the last one may be a levain. */
export function SeriesPanel({ facts, actions }: { facts: FeedFacts; actions: CultureActions }) {
  const check = useCallback((typed: SeriesFields) => checkSeries(typed, facts), [facts]);
  const wish = useWish('series', { first: () => firstSeries(facts), check }, actions);
  const { fields, change, errors, wrong, finding, busy, run, answer } = wish;
  const { ref, width } = useWidth(900);
  const found = answer?.kind === 'series' ? answer : null;
  const take = (series: Found) =>
    run(
      () => actions.takeSeries({ ...takenOf(series, fields, facts), batch: newBatch() }),
      () => tr`${facts.culture.name}: ${series.feeds.length} feeds planned.`,
    );
  return (
    <Box ref={ref}>
      <PanelHead title={tr`${facts.culture.name}, feeds in a row`}>
        {tr`Each is taken at the best of the one before; hands work only in their hours.`}
      </PanelHead>
      <SeriesWants facts={facts} fields={fields} errors={errors} onChange={change} />
      <PanelRefusal sentence={wrong} />
      <NotFound answer={answer} wrong={wrong} fields={fields} facts={facts} />
      {found === null ? null : (
        <Box sx={{ opacity: finding ? 0.6 : 1 }}>
          <Finding
            figure={found.feeds.map((feed) => ratioText(feed.amounts).split(' : ')[1]).join(' · ')}
          >
            {verdictOf(found, facts)}
          </Finding>
          <SeriesPicture series={found} facts={facts} width={Math.max(320, width)} />
          <SeriesTable series={found} fields={fields} facts={facts} />
          <Box sx={{ display: 'grid', px: 2, py: 1 }}>
            <ActButton
              title={tr`Plan them`}
              under={tr`first ${momentText(found.feeds[0]?.atMs ?? 0, facts.nowMs, facts.timeZone)}, one act to take back`}
              glyph="feed"
              disabled={busy}
              onAct={() => take(found)}
            />
          </Box>
        </Box>
      )}
    </Box>
  );
}

/** Why there is none, or that it is being found. */
function NotFound(props: {
  answer: SeriesAnswer | null;
  wrong: string | null;
  fields: SeriesFields;
  facts: FeedFacts;
}) {
  const { answer, wrong, fields, facts } = props;
  if (answer === null) {
    return (
      <Typography color="text.secondary" sx={{ p: 2 }}>
        {wrong === null ? tr`Finding the feeds…` : tr`Correct the marked fields; nothing was lost.`}
      </Typography>
    );
  }
  return answer.kind === 'series' ? null : (
    <Finding figure={tr`None`}>{noneText(answer, fields, facts)}</Finding>
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

/** The form that the server takes. */
function takenOf(series: Found, fields: SeriesFields, facts: FeedFacts) {
  const feeds = series.feeds.map((feed) => ({
    at: toLocalText(feed.atMs, facts.timeZone),
    motherG: feed.amounts.motherG,
    flours: feed.amounts.flours.map((one) => ({ flourId: one.ingredientId, massG: one.massG })),
    waterG: feed.amounts.waterG,
    startC: feed.act.startC,
  }));
  const levain = fields.last === 'levain' && feeds.length > 1 ? feeds.at(-1) : null;
  return {
    cultureId: facts.culture.id,
    fromLotId: facts.jars[0]?.jar.lot.id ?? '',
    placeId: fields.placeId,
    feeds: levain === null ? feeds : feeds.slice(0, -1),
    levain,
  };
}

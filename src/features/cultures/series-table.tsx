'use client';

import { tr } from '@/words/tr';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableRow from '@mui/material/TableRow';
import type { SeriesAnswer } from '@/core/cultures';
import type { FeedFacts } from '@/server/cultures/feed-facts';
import { massText, momentText, spanText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { ratioText } from './feed-words';
import type { SeriesFields } from './series-fields';
import { figures, TableHeads } from '@/ui/table-heads';

/** A series that was found. */
export type Found = Extract<SeriesAnswer, { kind: 'series' }>;

/** The feeds of a series, one a row. */
export function SeriesTable({
  series,
  fields,
  facts,
}: {
  series: Found;
  fields: SeriesFields;
  facts: FeedFacts;
}) {
  return (
    <TableContainer>
      <Table
        size="small"
        aria-label={tr`Feeds in a row`}
        sx={{ '& td, & th': { fontSize: rem(16), borderColor: 'var(--line)' } }}
      >
        <TableHeads
          of={[
            tr`When`,
            tr`What`,
            figures(tr`Mother`),
            figures(tr`Flour`),
            figures(tr`Water`),
            tr`Taken`,
          ]}
        />
        <TableBody>
          {series.feeds.map((feed, index) => (
            <FeedLine
              key={feed.act.lotId}
              feed={feed}
              facts={facts}
              index={index}
              series={series}
              fields={fields}
            />
          ))}
        </TableBody>
      </Table>
    </TableContainer>
  );
}

function FeedLine(props: {
  feed: Found['feeds'][number];
  facts: FeedFacts;
  index: number;
  series: Found;
  fields: SeriesFields;
}) {
  const { feed, facts, index, series, fields } = props;
  return (
    <TableRow>
      <TableCell sx={{ fontWeight: 700, whiteSpace: 'nowrap' }}>
        {momentText(feed.atMs, facts.nowMs, facts.timeZone)}
      </TableCell>
      <TableCell>
        {isLevain(index, series, fields) ? tr`Levain` : tr`Feed`} {ratioText(feed.amounts)}
      </TableCell>
      {[feed.amounts.motherG, feed.amounts.flourG, feed.amounts.waterG].map((massG, at) => (
        <TableCell key={at} align="right" sx={{ fontWeight: 700, whiteSpace: 'nowrap' }}>
          {massText(massG, facts.units)}
        </TableCell>
      ))}
      <TableCell>{takenText(feed.takenPastBestH)}</TableCell>
    </TableRow>
  );
}

const isLevain = (index: number, series: Found, fields: SeriesFields) =>
  fields.last === 'levain' && index === series.feeds.length - 1;

function takenText(pastBestH: number | null): string {
  if (pastBestH === null) return tr`from the jar as it is`;
  if (Math.abs(pastBestH) < 0.1) return tr`at its best`;
  return tr`${spanText(pastBestH * 3_600_000)} ${pastBestH > 0 ? tr`after` : tr`before`} its best`;
}

'use client';

import { tr, word } from '@/words/tr';
import Box from '@mui/material/Box';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableRow from '@mui/material/TableRow';
import { useState } from 'react';
import type { YoungFacts } from '@/server/cultures/young-facts';
import { dateText, decimals, massText, tempText } from '@/ui/format';
import { newBatch, useAct } from '@/ui/hands/use-act';
import { wrongFields, z } from '@/core/parse';
import { useInUnits } from '@/ui/fields/in-units';
import { LinkButton } from '@/ui/link-button';
import { rem } from '@/ui/rem';
import type { CultureActions } from './culture-actions';
import { grams } from './first-feed-fields';
import { ActButton, FieldRow, Finding, PanelHead, PanelRefusal } from '@/ui/panels/panel-parts';
import { formFields } from '@/ui/fields/form-fields';
import { TableHeads } from '@/ui/table-heads';

const fedSchema = z.object({
  motherG: grams(word('Keep'), 0.1),
  flourG: grams(word('Flour'), 0.1),
  waterG: grams(word('Water'), 0.1),
});
/** What is weighed of a feed of the first days. */
type Fed = z.output<typeof fedSchema>;

/** As it is typed: a third of what is there, and as much flour. */
const firstFed = ({ massG, culture }: YoungFacts) => ({
  motherG: decimals(Math.min(massG, massG / 3 || 10), 0),
  flourG: decimals(Math.max(10, massG / 3), 0),
  waterG: decimals(Math.max(10, (massG / 3) * culture.hydration), 0),
  placeId: culture.placeId,
});

/** The typed feed read, or a sentence for each wrong field. */
function checkFed(fields: ReturnType<typeof firstFed>) {
  const parsed = fedSchema.safeParse(fields);
  const fed = parsed.success ? parsed.data : null;
  return { fed, errors: wrongFields(parsed) };
}

/** The first days of a culture: what to do and expect by the day, and its feeds; no forecast. */
export function YoungPanel({ facts, actions }: { facts: YoungFacts; actions: CultureActions }) {
  const { culture, nowMs, begunMs, units, massG, lotId } = facts;
  const inUnits = useInUnits();
  const day = Math.min(facts.days.length, Math.floor((nowMs - begunMs) / 86_400_000) + 1);
  const [fields, setFields] = useState(() => firstFed(facts));
  const { run, busy, refused } = useAct(actions);
  const { fed, errors } = checkFed(fields);
  const { figure, choice } = formFields(fields, errors, (changed) =>
    setFields((before) => ({ ...before, ...changed })),
  );
  const feed = (amounts: Fed) =>
    run(
      () =>
        actions.takeWish({
          wish: 'make',
          batch: newBatch(),
          cultureId: culture.id,
          tense: 'done',
          makes: [
            {
              as: 'feed',
              ingredients: [
                ...culture.flours.map(({ flourId, share }) => ({
                  ingredientId: flourId,
                  massG: amounts.flourG * share,
                })),
                { ingredientId: 'water', massG: amounts.waterG },
              ],
              portions: [{ lotId, massG: amounts.motherG }],
              placeId: fields.placeId,
            },
          ],
        }),
      () => tr`${culture.name}: fed.`,
    );
  return (
    <Box>
      <PanelHead title={tr`${culture.name}, its first days`}>
        {facts.wokenFromDry
          ? tr`Woken from dry: nothing is forecast until it has been seen at two peaks.`
          : tr`Nothing is forecast until it has been seen at two peaks. Every kitchen differs; the days are a guide.`}
      </PanelHead>
      <Finding figure={tr`Day ${day}`}>
        {tr`${facts.peaksSeen} of ${facts.peaksToLive} peaks seen: a look at ×1.8 or more counts.`}
      </Finding>
      {lotId === null ? null : (
        <>
          <FieldRow columns={4}>
            {figure('motherG', tr`Keep`, 'mass', { more: tr` of ${massText(massG, units)}` })}
            {figure('flourG', tr`Flour`, 'mass')}
            {figure('waterG', tr`Water`, 'mass')}
            {choice(
              'placeId',
              tr`Stands at`,
              facts.places.map((place) => ({
                id: place.id,
                name: `${place.name} ${tempText(place.tempC, units, 0)}`,
              })),
            )}
          </FieldRow>
          <PanelRefusal sentence={Object.values(errors)[0] ?? Object.values(refused)[0] ?? null} />
        </>
      )}
      {lotId === null ? null : (
        <Box
          sx={{ display: 'flex', gap: 2, justifyContent: 'flex-end', alignItems: 'center', p: 2 }}
        >
          <LinkButton href={`/lots/${encodeURIComponent(lotId)}`}>{tr`Look at it`}</LinkButton>
          <ActButton
            title={tr`Fed now`}
            under={
              fed === null
                ? tr`nothing found yet`
                : [fed.motherG, fed.flourG, fed.waterG].map((g) => massText(g, units)).join(' + ')
            }
            glyph="feed"
            disabled={busy || fed === null}
            onAct={() => {
              if (fed !== null) feed(fed);
            }}
          />
        </Box>
      )}
      <DaysTable facts={facts} day={day} inUnits={inUnits} />
    </Box>
  );
}

/** The first days, one a row: what to do, what to expect. */
function DaysTable({
  facts,
  day,
  inUnits,
}: {
  facts: YoungFacts;
  day: number;
  inUnits: (sentence: string) => string;
}) {
  const { units } = facts;
  return (
    <TableContainer>
      <Table
        size="small"
        aria-label={tr`Days`}
        sx={{ '& td, & th': { fontSize: rem(16), borderColor: 'var(--line)' } }}
      >
        <TableHeads of={[tr`Day`, tr`Do`, tr`Expect`]} />
        <TableBody>
          {facts.days.map((one) => (
            <TableRow key={one.day} sx={one.day === day ? { background: 'var(--flour)' } : {}}>
              <TableCell sx={{ whiteSpace: 'nowrap', fontWeight: one.day === day ? 700 : 400 }}>
                {one.day} · {dateText(one.atMs, units.timeZone)}
              </TableCell>
              <TableCell>{inUnits(one.does)}</TableCell>
              <TableCell>{one.expect}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </TableContainer>
  );
}

'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useState } from 'react';
import type { YoungFacts } from '@/server/cultures/young-facts';
import { dateText, decimals, massText, tempText } from '@/ui/format';
import { newBatch, useAct } from '@/ui/hands/use-act';
import { useInUnits } from '@/ui/fields/in-units';
import { LinkButton } from '@/ui/link-button';
import { rem } from '@/ui/rem';
import type { CultureActions } from './culture-actions';
import { ActButton, FieldRow, Finding, PanelHead, PanelRefusal } from '@/ui/panels/panel-parts';
import { ChoiceField } from '@/ui/fields/choice-field';
import { FigureField } from '@/ui/fields/figure-field';

/** The first days of a culture: what to do and expect by the day, and its feeds; no forecast. */
export function YoungPanel({ facts, actions }: { facts: YoungFacts; actions: CultureActions }) {
  const { culture, nowMs, begunMs, units, massG, lotId } = facts;
  const inUnits = useInUnits();
  const day = Math.min(facts.days.length, Math.floor((nowMs - begunMs) / 86_400_000) + 1);
  const [motherG, setMother] = useState(decimals(Math.min(massG, massG / 3 || 10), 0));
  const [flourG, setFlour] = useState(decimals(Math.max(10, massG / 3), 0));
  const [waterG, setWater] = useState(decimals(Math.max(10, (massG / 3) * culture.hydration), 0));
  const [placeId, setPlace] = useState(culture.placeId);
  const { run, busy, refused } = useAct(actions);
  const feed = () =>
    run(
      () =>
        actions.takeFeed({
          cultureId: culture.id,
          batch: newBatch(),
          as: 'feed',
          tense: 'done',
          fromLotId: lotId,
          motherG,
          flours: culture.flours.map((line) => ({
            flourId: line.flourId,
            massG: Number(flourG.replace(',', '.')) * line.share,
          })),
          waterG,
          placeId,
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
            <FigureField
              name="motherG"
              label={tr`Keep`}
              of="mass"
              more={tr` of ${massText(massG, units)}`}
              value={motherG}
              onChange={setMother}
            />
            <FigureField
              name="flourG"
              label={tr`Flour`}
              of="mass"
              value={flourG}
              onChange={setFlour}
            />
            <FigureField
              name="waterG"
              label={tr`Water`}
              of="mass"
              value={waterG}
              onChange={setWater}
            />
            <ChoiceField
              name="placeId"
              label={tr`Stands at`}
              value={placeId}
              options={facts.places.map((place) => ({
                id: place.id,
                name: `${place.name} ${tempText(place.tempC, units, 0)}`,
              }))}
              onChange={setPlace}
            />
          </FieldRow>
          <PanelRefusal sentence={Object.values(refused)[0] ?? null} />
        </>
      )}
      {lotId === null ? null : (
        <Box
          sx={{ display: 'flex', gap: 2, justifyContent: 'flex-end', alignItems: 'center', p: 2 }}
        >
          <LinkButton href={`/lots/${encodeURIComponent(lotId)}`}>{tr`Look at it`}</LinkButton>
          <ActButton
            title={tr`Fed now`}
            under={[motherG, flourG, waterG]
              .map((one) => massText(Number(one.replace(',', '.')) || 0, units))
              .join(' + ')}
            glyph="feed"
            disabled={busy}
            onAct={feed}
          />
        </Box>
      )}
      <TableContainer>
        <Table
          size="small"
          aria-label={tr`Days`}
          sx={{ '& td, & th': { fontSize: rem(16), borderColor: 'var(--line)' } }}
        >
          <TableHead>
            <TableRow>
              <TableCell>{tr`Day`}</TableCell>
              <TableCell>{tr`Do`}</TableCell>
              <TableCell>{tr`Expect`}</TableCell>
            </TableRow>
          </TableHead>
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
    </Box>
  );
}

'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useCallback } from 'react';
import type { RefreshSheet } from '@/core/cultures';
import { fromLocalText } from '@/core/units';
import type { ChainFacts } from '@/server/cultures/chain-facts';
import { massText, percentText } from '@/ui/format';
import { LinkButton } from '@/ui/link-button';
import { waterText } from '@/ui/water-text';
import { ChainChart } from './chain-chart';
import { ChainWants } from './chain-wants';
import type { CultureActions } from './culture-actions';
import { HoursCurve } from './hours-curve';
import { ActButton, Finding, FlourLines, WeightLine } from '@/ui/panels/panel-parts';
import { checkRefresh, firstRefresh, type RefreshFields } from './refresh-fields';
import { remarkText, refreshVerdict } from './refresh-words';
import { mixMade } from './made-of';
import { useWish } from './use-wish';
import { WishPanel } from './wish-panel';

/** A chain of carry-over dough: its next refresh, found from the leftover or from the balls wanted, and its generations. */
export function ChainPanel({ facts, actions }: { facts: ChainFacts; actions: CultureActions }) {
  const { culture, units } = facts;
  const check = useCallback((typed: RefreshFields) => checkRefresh(typed, facts), [facts]);
  const wish = useWish('refresh', { first: () => firstRefresh(facts), check }, actions);
  const { fields } = wish;
  const nothingThere = facts.offers.length === 0;
  const take = (found: RefreshSheet) =>
    wish.take(
      {
        wish: 'make',
        cultureId: culture.id,
        tense: 'done',
        makes: [{ as: 'refresh', name: culture.name, ...mixMade(found.act) }],
      },
      () => tr`${culture.name}: refreshed, ${massText(found.amounts.totalG, units)}.`,
    );
  return (
    <WishPanel
      wish={wish}
      head={{
        title: tr`${culture.name}, refreshed`,
        says: tr`Leftover dough with new flour, water and salt; its own are counted in full.`,
      }}
      wants={
        nothingThere ? (
          <Typography sx={{ p: 2 }}>
            {tr`No leftover dough is there. Open a lot of dough or balls and keep what is left of it.`}
          </Typography>
        ) : (
          <ChainWants facts={facts} fields={fields} errors={wish.errors} onChange={wish.change} />
        )
      }
      waits={nothingThere ? null : tr`Finding the share…`}
      found={(sheet, width) => (
        <RefreshFound
          sheet={sheet}
          fields={fields}
          facts={facts}
          width={width}
          busy={wish.busy}
          onTake={() => take(sheet)}
        />
      )}
    >
      {nothingThere ? (
        <Box sx={{ px: 2 }}>
          <ChainChart facts={facts} next={null} />
        </Box>
      ) : null}
      <Box sx={{ display: 'flex', gap: 1, px: 2, py: 1, flexWrap: 'wrap', alignItems: 'center' }}>
        {facts.offers
          .filter((one) => one.own)
          .map((one) => (
            <LinkButton key={one.jar.lot.id} href={`/lots/${encodeURIComponent(one.jar.lot.id)}`}>
              {tr`${one.jar.lot.id}: split, freeze, use`}
            </LinkButton>
          ))}
        <LinkButton href={`/cultures/${encodeURIComponent(culture.id)}/edit`} variant="text">
          {tr`Change how it is described`}
        </LinkButton>
      </Box>
    </WishPanel>
  );
}

/** The refresh that was found: its share, what to watch for, its hours, and what to weigh. */
function RefreshFound(props: {
  sheet: RefreshSheet;
  fields: RefreshFields;
  facts: ChainFacts;
  width: number;
  busy: boolean;
  onTake: () => void;
}) {
  const { sheet, fields, facts, width, busy, onTake } = props;
  const { units, nowMs } = facts;
  return (
    <>
      <Finding
        figure={percentText(sheet.amounts.share, 0)}
        act={
          <ActButton
            title={tr`Refresh now`}
            under={`${massText(sheet.amounts.totalG, units)}, ${ballsText(sheet, fields, facts)}`}
            glyph="mix"
            disabled={busy}
            onAct={onTake}
          />
        }
      >
        {refreshVerdict(sheet, facts)}
      </Finding>
      {sheet.remarks.map((remark) => (
        <Alert key={remark.kind} severity="warning" sx={{ mx: 2, my: 0.5 }}>
          {remarkText(remark)}
        </Alert>
      ))}
      <HoursCurve
        sheet={sheet}
        label={tr`Level of the refreshed dough over the hours to come`}
        readyMs={fields.seeks === 'share' ? fromLocalText(fields.readyAt, units.timeZone) : null}
        nowMs={nowMs}
        timeZone={units.timeZone}
        width={width}
        height={162}
      />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', lg: 'minmax(0, 1fr) auto' },
          gap: 2,
          px: 2,
          py: 1,
        }}
      >
        <Weigh sheet={sheet} facts={facts} fields={fields} />
        <ChainChart facts={facts} next={sheet} />
      </Box>
    </>
  );
}

function ballsText(sheet: RefreshSheet, fields: RefreshFields, { units }: ChainFacts): string {
  const ballG = Number(fields.ballG.replace(',', '.'));
  if (!(ballG > 0)) return tr`as one`;
  return tr`${Math.floor(sheet.amounts.totalG / ballG + 1e-6)} balls of ${massText(ballG, units)}`;
}

/** The grams to weigh, with the water that a dry skin lost. */
function Weigh(props: { sheet: RefreshSheet; facts: ChainFacts; fields: RefreshFields }) {
  const { sheet, facts, fields } = props;
  const { amounts } = sheet;
  const nowG = Number(fields.weighsG.replace(',', '.'));
  const offer = facts.offers.find((one) => one.jar.lot.id === fields.fromLotId);
  const lostG = fields.weighsG === '' || offer === undefined ? 0 : Math.max(0, offer.massG - nowG);
  const skinG =
    offer === undefined || offer.massG <= 0 ? 0 : (lostG * amounts.leftoverG) / offer.massG;
  return (
    <Box component="section" aria-label={tr`Weigh`}>
      <Typography variant="h2">{tr`Weigh`}</Typography>
      <WeightLine name={tr`Leftover`} massG={amounts.leftoverG - skinG}>
        {sheet.leftG >= 1 ? tr`${massText(sheet.leftG, facts.units)} stay` : tr`all of it`}
      </WeightLine>
      <FlourLines lines={amounts.flours} flours={facts.flours} />
      <WeightLine name={tr`Water`} massG={amounts.waterG + skinG}>
        {sheet.water === null ? '' : waterText(sheet.water, facts.units)}
        {skinG >= 1 ? tr`, ${massText(Math.round(skinG), facts.units)} of it for the dry skin` : ''}
      </WeightLine>
      {amounts.saltG > 0 ? <WeightLine name={tr`Salt`} massG={amounts.saltG} /> : null}
      {amounts.oilG > 0 ? <WeightLine name={tr`Oil`} massG={amounts.oilG} /> : null}
    </Box>
  );
}

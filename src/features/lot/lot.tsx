'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import type { LotView } from '@/server/lots/lot-view';
import type { LookMark } from '@/server/lots/lot-curve';
import type { HandsActions } from '@/ui/hands/actions';
import { LookDialog } from '@/ui/hands/look-dialog';
import { useCompute } from '@/ui/compute/use-compute';
import { useWidth } from '@/ui/use-width';
import { newBatch, useAct } from '@/ui/hands/use-act';
import type { WhatIfOffer } from '@/shop/lots/what-if-base';
import { ActPanel } from './act-panel';
import { PartPanel } from './part-panel';
import { LinkButton } from '@/ui/link-button';
import { AimPanel } from './aim-panel';
import { coreHandles, gramsAt, plannedHandles, type Handles } from './handles';
import { headlineOf } from './headline';
import { HoursTable } from './hours-table';
import { LotWish } from './lot-wish';
import { NeverShare } from './never-share';
import { TempStrip } from './temp-strip';
import { TrialPanel } from './trial-panel';
import { VesselChart } from './vessel-chart';
import { WhatIfPanel } from './what-if-panel';
import { withWhatIf } from './what-if-view';
import { rem } from '@/ui/rem';
import { Contents, riseNow } from './lot-contents';

const CHART_HEIGHT = 420;

/** One lot, close up: its level seen and forecast, what if, its looks, what is in it, and what can be done to it. */
export function Lot({ view, actions }: { view: LotView; actions: HandsActions }) {
  const { ref, width } = useWidth(1280);
  const [looking, setLooking] = useState(false);
  const [handles, setHandles] = useState<Handles | null>(null);
  const { run, busy, refused } = useAct(actions);
  const { offer } = view;
  const asked = useMemo(
    () =>
      offer === null || handles === null
        ? null
        : { base: offer.base, handles: coreHandles(offer, handles) },
    [offer, handles],
  );
  const { answer } = useCompute('whatIf', asked);
  const shown = offer === null || answer === null ? view : withWhatIf(view, offer, answer);
  const headline = headlineOf(shown);
  const use = () => {
    if (offer === null || handles === null) return;
    const form = {
      lotId: view.code,
      batch: newBatch(),
      placeId: handles.placeId,
      ...usedGrams(offer, handles),
    };
    run(
      () => actions.applyWhatIf(form),
      () => tr`${view.strand.name}: changed. ${headline.says}`,
      () => setHandles(null),
    );
  };
  return (
    <>
      <Box ref={ref} sx={{ minWidth: 0, overflow: 'hidden', position: 'relative' }}>
        <VesselChart
          view={shown}
          plan={shown === view ? null : view.curve}
          width={Math.max(360, width)}
          height={CHART_HEIGHT}
        />
        {shown === view ? <TempStrip view={view} width={Math.max(360, width)} /> : null}
      </Box>
      {offer === null ? null : (
        <Box sx={{ borderTop: '2px solid var(--ink)', p: 2, display: 'grid', gap: 1.5 }}>
          <Typography aria-live="polite" sx={{ fontSize: rem(18) }}>
            <strong>{headline.says}</strong> {headline.detail}
          </Typography>
          {Object.values(refused).map((sentence) => (
            <Alert key={sentence} severity="warning">
              {sentence}
            </Alert>
          ))}
          <WhatIfPanel
            offer={offer}
            made={view.strand.tense === 'done'}
            handles={handles ?? plannedHandles(offer)}
            touched={handles !== null}
            units={view.units}
            busy={busy}
            onChange={setHandles}
            onUse={use}
            onBack={() => setHandles(null)}
          />
          <LotWish
            view={view}
            offer={offer}
            handles={handles ?? plannedHandles(offer)}
            onAdopt={setHandles}
          />
          {shown.strand.window.opensMs === null ? (
            <NeverShare
              base={offer.base}
              handles={coreHandles(offer, handles ?? plannedHandles(offer))}
            />
          ) : null}
        </Box>
      )}
      <Box
        sx={{
          flex: 1,
          borderTop: '1.5px solid var(--line)',
          p: 2,
          display: 'grid',
          gap: 3,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '1fr 1fr 1fr' },
        }}
      >
        <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
          <LastLook view={view} onLook={() => setLooking(true)} />
          <HoursTable hours={view.hours} units={view.units} nowMs={view.nowMs} />
        </Box>
        <Middle view={view} actions={actions} />
        {isHere(view) ? <Doing view={view} actions={actions} /> : null}
      </Box>
      {looking ? (
        <LookDialog
          lots={[
            {
              lotId: view.code,
              name: view.strand.name,
              kind: view.strand.kind,
              expectedRise: riseNow(view),
            },
          ]}
          first={view.code}
          nowMs={view.nowMs}
          units={view.units}
          actions={actions}
          onClose={() => setLooking(false)}
        />
      ) : null}
    </>
  );
}

/** What is in a lot, and what can be tried beside it. */
function Middle({ view, actions }: { view: LotView; actions: HandsActions }) {
  return (
    <Box sx={{ display: 'grid', gap: 3, alignContent: 'start' }}>
      <Contents view={view} />
      {view.trial === null ? null : <TrialPanel view={view} trial={view.trial} actions={actions} />}
    </Box>
  );
}

/** What can be done with a lot that is there. */
function Doing({ view, actions }: { view: LotView; actions: HandsActions }) {
  return (
    <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
      <ActPanel view={view} actions={actions} />
      <PartPanel view={view} actions={actions} />
      {view.aim === null ? null : <AimPanel view={view} aim={view.aim} actions={actions} />}
    </Box>
  );
}

/** Grams under which a lot counts as used up. */
const LEAST_G = 0.5;

/** True for a lot that was made and is not used up. */
function isHere(view: LotView): boolean {
  return view.strand.tense === 'done' && view.leftG >= LEAST_G;
}

/** The grams to store for the handles; what is not open is left out. */
function usedGrams(offer: WhatIfOffer, handles: Handles) {
  const { yeastG, motherG, flourG, waterG } = gramsAt(offer, handles);
  if (offer.open === 'dose') return { yeastG };
  return offer.open === 'seed' ? { motherG, flourG, waterG } : {};
}

/** The last look and what it moved. */
function LastLook({ view, onLook }: { view: LotView; onLook: () => void }) {
  const last = view.looks.at(-1);
  return (
    <Box sx={{ display: 'grid', gap: 1, alignContent: 'start', justifyItems: 'start' }}>
      <Typography variant="h3" component="h2">
        {last !== undefined
          ? tr`Last look`
          : view.pastMs === null
            ? tr`No look yet`
            : tr`No look at it`}
      </Typography>
      {last === undefined ? null : <Typography>{lookSentence(last)}</Typography>}
      {view.pastMs !== null ? (
        <LinkButton size="small" href={`/log?lot=${encodeURIComponent(view.code)}`}>
          {tr`Its entries`}
        </LinkButton>
      ) : view.strand.tense === 'done' ? (
        <Button variant="contained" size="large" onClick={onLook}>
          {tr`Log a look`}
        </Button>
      ) : (
        <Typography color="text.secondary">{tr`Planned; not made yet.`}</Typography>
      )}
    </Box>
  );
}

function lookSentence(look: LookMark): string {
  const seen = [...(look.rise === null ? [] : [`×${look.rise}`]), ...look.words].join(', ');
  const moved = look.aheadMinutes;
  if (moved === null || moved === 0) return tr`${seen}. As forecast.`;
  return tr`${seen}. ${Math.abs(moved)} min ${moved > 0 ? tr`ahead` : tr`behind`}.`;
}

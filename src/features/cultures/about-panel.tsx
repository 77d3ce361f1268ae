'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { About } from '@/server/cultures/about';
import { useCompute } from '@/ui/compute/use-compute';
import { decimals, percentText, spanText } from '@/ui/format';
import { useInUnits } from '@/ui/fields/in-units';
import { LinkButton } from '@/ui/link-button';
import { useWidth } from '@/ui/use-width';
import type { CultureActions } from './culture-actions';
import { HealthDialog } from './health-dialog';
import { LastFeeds } from './last-feeds';
import { maintenanceText } from './maintenance-words';
import { PanelHead } from '@/ui/panels/panel-parts';
import { PeaksChart } from './peaks-chart';
import { RestPanel } from './rest-panel';

/** How a starter is: its last feeds, its peak against the room, its speed, what is due, what was found. */
export function AboutPanel(props: {
  about: About;
  places: readonly { readonly id: string; readonly name: string; readonly tempC: number }[];
  actions: CultureActions;
}) {
  const { about, places, actions } = props;
  const { culture, row, units } = about;
  const inUnits = useInUnits();
  const [looking, setLooking] = useState(false);
  const { ref, width } = useWidth(900);
  const peaks = useCompute('peaks', about.usual);
  return (
    <Box ref={ref}>
      <PanelHead title={tr`${culture.name}, how it is`}>{maintenanceText(about)}</PanelHead>
      {row.slower === null ? null : (
        <Alert severity="warning" sx={{ mx: 2, my: 1 }}>
          {inUnits(
            tr`Slower than itself: its last ${row.slower.jars} looks ran ${percentText(1 - row.slower.ratio, 0)} behind what they used to. Two or three feeds in a row at 24–26° wake it; if it goes on, look at the signs.`,
          )}
        </Alert>
      )}
      <LastFeeds about={about} width={Math.max(320, width)} />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1.3fr) minmax(0, 1fr)' },
          gap: 2,
          px: 2,
          py: 1,
        }}
      >
        <Box component="section" aria-label={tr`Peak and room`}>
          <Typography variant="h2">{tr`From feed to best, by room`}</Typography>
          <Typography variant="body2" color="text.secondary">
            {tr`Its usual feed, 1 : ${decimals(culture.usualRatio, 1)}; the paler lines hold 8 in 10 of what is known of its speed.`}
          </Typography>
          {peaks.answer === null ? (
            <Typography sx={{ py: 2 }}>
              {about.usual === null ? tr`Nothing is left in its jar.` : tr`Working it out…`}
            </Typography>
          ) : (
            <PeaksChart peaks={peaks.answer} roomC={row.placeC} units={units} />
          )}
        </Box>
        <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'start', justifyItems: 'start' }}>
          <Speed about={about} />
          <Typography variant="h2">{tr`Something wrong?`}</Typography>
          {about.found.length === 0 ? (
            <Typography variant="body2">{tr`No sign was logged in the last weeks.`}</Typography>
          ) : (
            about.found.slice(-3).map((one) => (
              <Typography key={`${one.lotId} ${one.atMs}`} variant="body2">
                {tr`${one.sign}, ${spanText(about.nowMs - one.atMs)} ago, ${one.lotId}`}
              </Typography>
            ))
          )}
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Button variant="contained" onClick={() => setLooking(true)}>
              {tr`Signs and what they mean`}
            </Button>
            {row.lotId === null ? null : (
              <LinkButton href={`/lots/${encodeURIComponent(row.lotId)}`}>{tr`Its jar`}</LinkButton>
            )}
            <LinkButton href={`/cultures/${encodeURIComponent(culture.id)}/edit`}>
              {tr`Change how it is described`}
            </LinkButton>
          </Box>
        </Box>
      </Box>
      <RestPanel about={about} places={places} actions={actions} />
      {looking ? (
        <HealthDialog
          name={culture.name}
          lotId={row.lotId}
          massG={row.massG}
          actions={actions}
          onClose={() => setLooking(false)}
        />
      ) : null}
    </Box>
  );
}

function Speed({ about }: { about: About }) {
  const { value, low, high, lots } = about.speed;
  const apart = Math.round(Math.abs(1 - value) * 100);
  const against =
    apart < 2
      ? tr`as fast as the book`
      : tr`${apart} % ${value > 1 ? tr`faster` : tr`slower`} than the book`;
  return (
    <Box>
      <Typography variant="h2">
        {lots === 0 ? tr`Speed not known yet` : `×${decimals(value, 2)}`}
      </Typography>
      <Typography variant="body2">
        {lots === 0
          ? tr`A look at its level after a feed teaches it.`
          : tr`${against}; 8 in 10 between ×${decimals(low, 2)} and ×${decimals(high, 2)}, from ${lots} ${lots === 1 ? tr`lot` : tr`lots`} looked at.`}
      </Typography>
    </Box>
  );
}

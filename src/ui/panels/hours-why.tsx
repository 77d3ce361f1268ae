'use client';

import { tr } from '@/words/tr';
import ExpandMore from '@mui/icons-material/ExpandMore';
import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { HourReason } from '@/core/planner';
import type { ShopUnits } from '@/core/units';
import { WhyLines } from './why-hour';

/** Every hour of a plan with why it is there, put away until it is asked for. */
export function HoursWhy({ reasons, units }: { reasons: readonly HourReason[]; units: ShopUnits }) {
  if (reasons.length === 0) return null;
  return (
    <Accordion disableGutters elevation={0} square sx={{ background: 'transparent' }}>
      <AccordionSummary expandIcon={<ExpandMore />} sx={{ px: 0, width: 'fit-content', gap: 1 }}>
        <Typography variant="h3" component="h2">
          {tr`Why these hours`}
        </Typography>
      </AccordionSummary>
      <AccordionDetails sx={{ px: 0, pt: 0 }}>
        <Box
          sx={{
            display: 'grid',
            gap: 2,
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'repeat(2, minmax(0, 1fr))' },
          }}
        >
          {reasons.map((reason) => (
            <WhyLines
              key={`${reason.atMs} ${reason.what} ${reason.name ?? ''}`}
              reason={reason}
              units={units}
            />
          ))}
        </Box>
      </AccordionDetails>
    </Accordion>
  );
}

'use client';

import { tr } from '@/words/tr';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { TideView } from '@/server/tide';
import { dayText } from '@/ui/format';
import { rem } from '@/ui/rem';
import type { Shown } from './lots-shown';

/** The choice of lots, in the corner of the ruler. */
export function LotsFilter(props: {
  view: TideView;
  shown: Shown;
  onChange: (shown: Shown) => void;
}) {
  const { view, shown, onChange } = props;
  const { timeZone } = view.units;
  return (
    <TextField
      select
      value={shown}
      onChange={(event) => onChange(event.target.value as Shown)}
      slotProps={{
        htmlInput: { 'aria-label': tr`Lots shown` },
        input: { sx: { fontSize: rem(15), minHeight: 44 } },
      }}
      sx={{
        position: 'absolute',
        zIndex: 2,
        left: 0,
        top: 0,
        width: rem(104),
        px: 1,
        background: 'var(--flour)',
      }}
    >
      <MenuItem value="all">{tr`All ${view.strands.length}`}</MenuItem>
      <MenuItem value="cultures">{tr`Starters and kept dough`}</MenuItem>
      {view.services.map((service) => (
        <MenuItem key={service.bakeId} value={`bake:${service.bakeId}`}>
          {dayText(service.fromMs, timeZone)} {service.name}
        </MenuItem>
      ))}
    </TextField>
  );
}

'use client';

import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { TideView } from '@/services/tide';
import { dayText } from '@/ui/format';
import { rem } from '@/ui/rem';

/** Up to so many lots the picture shows them all without being asked. */
export const MANY_LOTS = 20;

/** Which lots the picture shows: all, those of one service by its bake, or those that go on from feed to feed. */
export type Shown = 'all' | 'cultures' | `bake:${string}`;

/** The view with only the lots shown, and what is done with them. */
export function onlyShown(view: TideView, shown: Shown): TideView {
  if (shown === 'all') return view;
  const lots = shown === 'cultures' ? cultures(view) : lotsOfBake(view, shown.slice(5));
  return {
    ...view,
    strands: view.strands.filter((strand) => lots.has(strand.lotId)),
    moments: view.moments.filter((moment) => lots.has(moment.lotId)),
  };
}

const KEPT = new Set(['starter', 'stiff starter', 'levain']);

function cultures(view: TideView): Set<string> {
  return new Set(
    view.strands.filter((one) => KEPT.has(one.kind) || one.keeping).map((one) => one.lotId),
  );
}

/** The lots of a bake and all that they are made from. */
function lotsOfBake(view: TideView, bakeId: string): Set<string> {
  const byId = new Map(view.strands.map((strand) => [strand.lotId, strand]));
  const lots = new Set<string>();
  const add = (lotId: string) => {
    if (lots.has(lotId)) return;
    lots.add(lotId);
    for (const parent of byId.get(lotId)?.madeFrom ?? []) add(parent);
  };
  for (const moment of view.moments) if (moment.bakeId === bakeId) add(moment.lotId);
  return lots;
}

/** The choice of lots, in the corner of the ruler; only where there are many. */
export function LotsFilter(props: {
  view: TideView;
  shown: Shown;
  onChange: (shown: Shown) => void;
}) {
  const { view, shown, onChange } = props;
  if (view.strands.length <= MANY_LOTS) return null;
  const { timeZone } = view.units;
  return (
    <TextField
      select
      value={shown}
      onChange={(event) => onChange(event.target.value as Shown)}
      slotProps={{
        htmlInput: { 'aria-label': 'Lots shown' },
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
      <MenuItem value="all">All {view.strands.length}</MenuItem>
      <MenuItem value="cultures">Starters and kept dough</MenuItem>
      {view.services.map((service) => (
        <MenuItem key={service.bakeId} value={`bake:${service.bakeId}`}>
          {dayText(service.fromMs, timeZone)} {service.name}
        </MenuItem>
      ))}
    </TextField>
  );
}

'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { ShopUnits } from '@/core/units';
import type { ProbeState } from '@/server/shop/probes';
import type { PlaceRow } from '@/server/shop/shop-view';
import { momentText, tempText } from '@/ui/format';
import type { PlaceActions } from './place-actions';
import { useSend } from '@/ui/hands/use-send';

/** What a simulated probe can be told to do, in words. */
const FAULTS: Readonly<Record<ProbeState['fault'], string>> = {
  get none() {
    return tr`works`;
  },
  get 'door open'() {
    return tr`door left open`;
  },
  get failing() {
    return tr`the place fails`;
  },
  get lost() {
    return tr`the probe is lost`;
  },
  get frozen() {
    return tr`the probe is frozen`;
  },
};

/** The probe of a place: what it says, whether it can be believed, and what the simulator is told. */
export function ProbeLine(props: {
  place: PlaceRow;
  probe: ProbeState;
  nowMs: number;
  units: ShopUnits;
  trouble: PlaceActions['troubleProbe'];
}) {
  const { place, probe, nowMs, units, trouble } = props;
  const { send, busy } = useSend('notice');
  const tell = (fault: string) =>
    send(() => trouble({ placeId: place.id, fault }), {
      said: tr`${place.name}: ${FAULTS[fault as ProbeState['fault']]} from now on.`,
      undo:
        ({ before }) =>
        () =>
          trouble({ placeId: place.id, fault: before }),
    });
  return (
    <Box sx={{ display: 'flex', gap: 2, alignItems: 'end', flexWrap: 'wrap' }}>
      <TextField
        select
        label={tr`Simulated probe`}
        value={probe.fault}
        disabled={busy}
        onChange={(event) => tell(event.target.value)}
        slotProps={{ select: { native: true } }}
        sx={{ width: 190 }}
      >
        {Object.entries(FAULTS).map(([fault, words]) => (
          <option key={fault} value={fault}>
            {words}
          </option>
        ))}
      </TextField>
      <Typography variant="body2" role="status" sx={{ pb: 1 }}>
        {probeWords(place, probe, nowMs, units)}
      </Typography>
    </Box>
  );
}

function probeWords(
  place: PlaceRow,
  { says, last }: ProbeState,
  nowMs: number,
  units: ShopUnits,
): string {
  const asSet = tr`taken as set, ${tempText(place.tempC, units)}`;
  if (last === null) return tr`Not heard yet: ${asSet}.`;
  const when = momentText(last.atMs, nowMs, units.timeZone);
  if (says === 'lost') return tr`Not heard since ${when}: ${asSet}.`;
  if (says === 'frozen') return tr`Says the same since ${when}, not believed: ${asSet}.`;
  return tr`Reads ${tempText(last.tempC, units)} at ${when}.`;
}

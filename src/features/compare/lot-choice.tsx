'use client';

import { tr } from '@/words/tr';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useRouter } from 'next/navigation';
import type { LotsView } from '@/server/scores/lots-view';
import { clockText, dateText } from '@/ui/format';
import { ChosenChip } from './chosen-chip';

const MOST = 4;

const hrefOf = (lotIds: readonly string[]) =>
  `/compare/lots?${new URLSearchParams(lotIds.map((id) => [tr`lot`, id])).toString()}`;

/** The lots that are chosen, each to be left out again, and one more. */
export function ChosenLots({ view }: { view: LotsView }) {
  const { lots, units } = view;
  const router = useRouter();
  const ids = lots.map((one) => one.lotId);
  return (
    <>
      {lots.map((lot, index) => (
        <ChosenChip
          key={lot.lotId}
          index={index}
          head={lot.name}
          detail={madeWords(lot.madeMs, units.timeZone)}
          leaveOut={tr`Leave ${lot.name} ${lot.lotId} out`}
          onLeaveOut={() => router.replace(hrefOf(ids.filter((id) => id !== lot.lotId)))}
        />
      ))}
      {lots.length === 0 || lots.length >= MOST ? null : <AddLot view={view} />}
    </>
  );
}

/** Another lot to lay beside those that are chosen. */
export function AddLot({ view }: { view: LotsView }) {
  const { lots, others, units } = view;
  const router = useRouter();
  return (
    <TextField
      fullWidth={false}
      select
      label={lots.length === 0 ? tr`First lot` : tr`Lay beside it`}
      value=""
      onChange={(event) =>
        router.replace(hrefOf([...lots.map((one) => one.lotId), event.target.value]))
      }
      sx={{ minWidth: 180 }}
      slotProps={{ htmlInput: { 'data-testid': 'add-lot' } }}
    >
      {others.map((one) => (
        <MenuItem key={one.lotId} value={one.lotId}>
          {one.name}, {madeWords(one.madeMs, units.timeZone)}
        </MenuItem>
      ))}
    </TextField>
  );
}

const madeWords = (atMs: number, timeZone: string) =>
  `${dateText(atMs, timeZone)}, ${clockText(atMs, timeZone)}`;

'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, useTransition } from 'react';
import type { ShopUnits } from '@/core/units';
import type { Outcome } from '@/shop/outcome';
import type { ShopView } from '@/server/shop/shop-view';
import { useAskAnew } from '@/ui/ask-anew';
import { dateText } from '@/ui/format';
import { useSay } from '@/ui/snack';

/** What can be noted of flours. */
export interface SackActions {
  readonly openSack: (form: unknown) => Promise<Outcome<{ id: string }>>;
  readonly takeSackBack: (id: string) => Promise<Outcome<{ id: string }>>;
}

/** A flour, and the sack it comes from: optional, for who wants to trace a lot to its flour. */
export function SackLine(props: {
  flour: ShopView['flours'][number];
  units: ShopUnits;
  actions: SackActions;
}) {
  const { flour, units, actions } = props;
  const [code, setCode] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const askAnew = useAskAnew();
  const say = useSay();
  const open = () =>
    start(async () => {
      const outcome = await actions.openSack({ flourId: flour.flourId, code });
      if (!outcome.ok) return setWrong(outcome.refusals.map((one) => one.sentence).join(' '));
      setWrong(null);
      setCode('');
      const { id } = outcome.value;
      say({
        text: tr`${flour.name}: sack ${code} from now on.`,
        action: {
          label: tr`Undo`,
          run: () => void actions.takeSackBack(id).then(() => askAnew()),
        },
      });
      askAnew();
    });
  return (
    <Box
      component="form"
      noValidate
      aria-label={tr`Sack of ${flour.name}`}
      onSubmit={(event) => {
        event.preventDefault();
        open();
      }}
      sx={{ display: 'flex', gap: 1.5, alignItems: 'end', flexWrap: 'wrap', mb: 1 }}
    >
      <Box sx={{ flex: '1 1 14rem' }}>
        <Typography>{`${flour.name}, W ${flour.strengthW ?? tr`unknown`}`}</Typography>
        <Typography variant="body2" color="text.secondary">
          {flour.code === null || flour.sinceMs === null
            ? tr`no sack noted`
            : tr`sack ${flour.code} since ${dateText(flour.sinceMs, units.timeZone)}`}
        </Typography>
      </Box>
      <TextField
        label={tr`New sack`}
        value={code}
        onChange={(event) => setCode(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 40 } }}
        sx={{ width: 140 }}
      />
      <Button type="submit" size="small" disabled={busy || code.trim() === ''}>
        {tr`Note it`}
      </Button>
      {wrong === null ? null : (
        <Alert severity="warning" sx={{ flexBasis: '100%' }}>
          {wrong}
        </Alert>
      )}
    </Box>
  );
}

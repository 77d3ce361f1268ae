'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ShopUnits } from '@/core/units';
import type { Outcome } from '@/shop/outcome';
import type { ShopView } from '@/server/shop/shop-view';
import { dateText } from '@/ui/format';
import { FormFrame, FormRefusal } from '@/ui/fields/form-frame';
import { useFormFields } from '@/ui/fields/use-form-fields';
import { useSend } from '@/ui/hands/use-send';

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
  const { send, busy, wrong, sentence } = useSend();
  const { values, reset, text } = useFormFields(NEW_SACK, wrong, false);
  const { code } = values;
  const open = () =>
    send(() => actions.openSack({ flourId: flour.flourId, code }), {
      said: tr`${flour.name}: sack ${code} from now on.`,
      undo:
        ({ id }) =>
        () =>
          actions.takeSackBack(id),
      then: () => reset(NEW_SACK),
    });
  return (
    <FormFrame
      label={tr`Sack of ${flour.name}`}
      onSave={open}
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
      <Box sx={{ width: 140, display: 'grid' }}>{text('code', tr`New sack`)}</Box>
      <Button type="submit" size="small" disabled={busy || code.trim() === ''}>
        {tr`Note it`}
      </Button>
      <FormRefusal sentence={sentence} />
    </FormFrame>
  );
}
const NEW_SACK = { code: '' };

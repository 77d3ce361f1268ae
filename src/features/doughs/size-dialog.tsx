'use client';

import { inSentence, tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import {
  perAreaOf,
  productSchema,
  USUAL_THICKNESS,
  weightAsKnown,
  weightOfSize,
  type Product,
  type Size,
} from '@/core/formula';
import { sentenceInUnits } from '@/shop/sentence-in-units';
import { ChoiceField } from '@/ui/fields/choice-field';
import { NumberBox } from '@/ui/fields/number-box';
import { useShopUnits } from '@/ui/fields/shop-units';
import { massText, perAreaText } from '@/ui/format';
import { SizeFields } from './size-fields';

/** What a size is taken for before it is typed. */
const FIRST: { readonly [K in Size['of']]: Size } = {
  round: { of: 'round', diameterCm: 30 },
  tray: { of: 'tray', lengthCm: 40, widthCm: 30 },
};
const SHAPES = [
  {
    id: 'round',
    get name() {
      return tr`round`;
    },
  },
  {
    id: 'tray',
    get name() {
      return tr`tray`;
    },
  },
];
/** Two weights on an area are the same as near as this, g per cm². */
const SAME_PER_CM2 = 0.005;
const OWN = 'own';

/**
 * How large a piece is meant to be, with its weight both ways: from a size and a usual thickness, or as thick as one that
 * the baker knows.
 */
export function SizeDialog(props: {
  product: Product;
  onUse: (changed: Pick<Product, 'size' | 'weightG'>) => void;
  onClose: () => void;
}) {
  const { product, onUse, onClose } = props;
  const units = useShopUnits();
  const [size, setSize] = useState<Size>(product.size ?? FIRST.round);
  const [weightG, setWeightG] = useState(product.weightG);
  const gPerCm2 = perAreaOf(weightG, size);
  const usual = USUAL_THICKNESS[size.of];
  const chosen = usual.find((one) => Math.abs(one.gPerCm2 - gPerCm2) < SAME_PER_CM2);
  const checked = productSchema.safeParse({ ...product, size, weightG: Math.round(weightG) });
  const wrong = checked.success ? null : (checked.error.issues[0]?.message ?? null);
  /** Another size stays as thick as it was. */
  const resized = (next: Size) => {
    setSize(next);
    const thick = next.of === size.of ? gPerCm2 : (USUAL_THICKNESS[next.of][1]?.gPerCm2 ?? gPerCm2);
    if (productSchema.shape.size.safeParse(next).success) setWeightG(weightOfSize(next, thick));
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="size-title">
      <DialogTitle id="size-title">{tr`Size of ${inSentence(product.name)}`}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(3, 1fr)', pt: 1 }}>
          <ChoiceField
            name="shape"
            label={tr`Shape`}
            value={size.of}
            options={SHAPES}
            onChange={(of) => resized(FIRST[of as Size['of']])}
          />
          <SizeFields size={size} onSize={resized} />
        </Box>
        <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 2fr' }}>
          <NumberBox
            name="weightG"
            label={tr`Each weighs`}
            of="mass"
            value={Math.round(weightG * 10) / 10}
            onValue={setWeightG}
          />
          <ChoiceField
            name="thick"
            label={tr`Comes out`}
            value={chosen?.name ?? OWN}
            options={[
              ...usual.map((one) => ({
                id: one.name,
                name: `${one.name}, ${perAreaText(one.gPerCm2, units)}`,
              })),
              ...(chosen === undefined
                ? [{ id: OWN, name: tr`as typed, ${perAreaText(gPerCm2, units)}` }]
                : []),
            ]}
            onChange={(name) => {
              const one = usual.find((other) => other.name === name);
              if (one !== undefined) setWeightG(weightOfSize(size, one.gPerCm2));
            }}
          />
        </Box>
        <Known size={size} onWeight={setWeightG} />
        {wrong === null ? null : (
          <Typography role="alert" color="error">
            {sentenceInUnits(wrong, units)}
          </Typography>
        )}
      </DialogContent>
      <DialogActions>
        {product.size == null ? null : (
          <Button onClick={() => onUse({ size: null, weightG: product.weightG })}>
            {tr`By weight alone`}
          </Button>
        )}
        <Button onClick={onClose}>{tr`Cancel`}</Button>
        <Button
          variant="contained"
          disabled={wrong !== null}
          onClick={() => onUse({ size, weightG: Math.round(weightG) })}
        >
          {tr`Use ${massText(Math.round(weightG), units)}`}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** A piece that the baker knows: the new one comes out as thick as it. */
function Known({ size, onWeight }: { size: Size; onWeight: (weightG: number) => void }) {
  const units = useShopUnits();
  const [known, setKnown] = useState<{ size: Size; weightG: number }>({ size, weightG: 250 });
  const weightG = weightAsKnown(size, known);
  return (
    <Box component="section" aria-label={tr`As thick as one you know`}>
      <Typography sx={{ fontWeight: 700 }}>{tr`As thick as one you know`}</Typography>
      <Box
        sx={{
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: 'repeat(auto-fit, minmax(110px, 1fr))',
          alignItems: 'end',
          pt: 0.5,
        }}
      >
        <ChoiceField
          name="known-shape"
          label={tr`It is a`}
          value={known.size.of}
          options={SHAPES}
          onChange={(of) => setKnown({ ...known, size: FIRST[of as Size['of']] })}
        />
        <SizeFields
          prefix="known-"
          size={known.size}
          onSize={(next) => setKnown({ ...known, size: next })}
        />
        <NumberBox
          name="known-weight"
          label={tr`It weighs`}
          of="mass"
          value={known.weightG}
          onValue={(next) => {
            if (next > 0) setKnown({ ...known, weightG: next });
          }}
        />
        <Button onClick={() => onWeight(weightG)}>
          {tr`Take ${massText(Math.round(weightG), units)}`}
        </Button>
      </Box>
    </Box>
  );
}

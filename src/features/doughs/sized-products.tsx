'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { perAreaOf, type Product } from '@/core/formula';
import { NumberBox } from '@/ui/fields/number-box';
import { useShopUnits, type FigureUnits } from '@/ui/fields/shop-units';
import { lengthText, perAreaText } from '@/ui/format';
import { SizeDialog } from './size-dialog';

const MOST_PRODUCTS = 6;
const ANOTHER: Product = {
  get name() {
    return tr`Trays`;
  },
  count: 2,
  weightG: 600,
  keepsH: 24,
};

/** The things that are made of a dough, each by its weight or by its size. */
export function SizedProducts(props: {
  products: readonly Product[];
  set: (products: Product[]) => void;
}) {
  const { products, set } = props;
  const units = useShopUnits();
  const [sizing, setSizing] = useState<number | null>(null);
  const sized = sizing === null ? undefined : products[sizing];
  const change = (index: number, changed: Partial<Product>) =>
    set(products.map((one, i) => (i === index ? { ...one, ...changed } : one)));
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      {products.map((product, index) => (
        <Box
          key={index}
          role="group"
          aria-label={product.name}
          sx={{ display: 'grid', gridTemplateColumns: '1.3fr 0.8fr 0.9fr 0.9fr', columnGap: 1 }}
        >
          <TextField
            label={tr`What`}
            name={`product-${index}`}
            value={product.name}
            onChange={(event) => change(index, { name: event.target.value })}
            slotProps={{ htmlInput: { maxLength: 30 } }}
          />
          <NumberBox
            name={`count-${index}`}
            label={tr`How many`}
            value={product.count}
            onValue={(count) => change(index, { count: Math.round(count) })}
          />
          <NumberBox
            name={`weight-${index}`}
            label={tr`Each`}
            of="mass"
            value={product.weightG}
            onValue={(weightG) => change(index, { weightG })}
          />
          <NumberBox
            name={`keeps-${index}`}
            label={tr`Keeps, h`}
            value={product.keepsH}
            onValue={(keepsH) => change(index, { keepsH })}
          />
          <Button
            size="small"
            variant="text"
            sx={{ gridColumn: '1 / -1', justifySelf: 'start' }}
            onClick={() => setSizing(index)}
          >
            {sizeText(product, units)}
          </Button>
        </Box>
      ))}
      <Box sx={{ display: 'flex', gap: 1 }}>
        {products.length < MOST_PRODUCTS ? (
          <Button size="small" variant="text" onClick={() => set([...products, ANOTHER])}>
            {tr`Another product`}
          </Button>
        ) : null}
        {products.length > 1 ? (
          <Button size="small" variant="text" onClick={() => set(products.slice(0, -1))}>
            {tr`Without the last`}
          </Button>
        ) : null}
      </Box>
      {sized === undefined || sizing === null ? null : (
        <SizeDialog
          product={sized}
          onClose={() => setSizing(null)}
          onUse={(changed) => {
            change(sizing, changed);
            setSizing(null);
          }}
        />
      )}
    </Box>
  );
}

/** A size with its weight on the area: “30 cm, 0.37 g/cm²”. */
function sizeText({ size, weightG }: Product, units: FigureUnits): string {
  if (size == null) return tr`Weigh by size`;
  const sides =
    size.of === 'round'
      ? lengthText(size.diameterCm, units)
      : `${lengthText(size.lengthCm, units)} × ${lengthText(size.widthCm, units)}`;
  return `${sides}, ${perAreaText(perAreaOf(weightG, size), units)}`;
}

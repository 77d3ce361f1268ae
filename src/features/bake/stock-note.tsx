import Typography from '@mui/material/Typography';
import type { WeighedDose } from '@/core/formula';
import { decimals, percentText } from '@/ui/format';
import { rem } from '@/ui/rem';

/** How to weigh the yeast: directly, or from a stock when the scale can not. */
export function StockNote({ yeast }: { yeast: WeighedDose }) {
  if (yeast.stock === null) return null;
  const { stock } = yeast;
  return (
    <Typography
      data-testid="stock"
      sx={{ border: '2px dashed var(--ink)', p: 1, fontSize: rem(16) }}
    >
      {decimals(yeast.wantedG, 2)} g of yeast is too little for the scale. Dissolve{' '}
      <strong>{decimals(stock.yeastG, 2)} g</strong> in{' '}
      <strong>{decimals(stock.waterG, 0)} g</strong> water, take{' '}
      <strong>{decimals(stock.takeG, 1)} g</strong> of it and {decimals(stock.waterBroughtG, 1)} g
      less water in the poolish. The dose is then right to ±{percentText(yeast.error)}.
    </Typography>
  );
}

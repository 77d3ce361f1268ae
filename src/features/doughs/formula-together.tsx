import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { totals, type Pantry } from '@/core/composition';
import type { DoughColumns, DoughRow } from '@/core/formula';
import { gramsToOunces } from '@/core/units';
import { useShopUnits } from '@/ui/fields/shop-units';
import { decimals } from '@/ui/format';
import { rem } from '@/ui/rem';

/** Sums of the columns, and the water of each on its own flour. */
export function Together(props: {
  columns: DoughColumns;
  widths: readonly [number, number, number];
  pantry: Pantry;
  width: number;
}) {
  const { columns, widths, pantry, width } = props;
  const units = useShopUnits();
  const [name, whole, column] = widths;
  const own = (of: (row: DoughRow) => number) => {
    const grams = Object.fromEntries(columns.rows.map((row) => [row.ingredientId, of(row)]));
    const { flourG, waterG } = totals(grams, pantry);
    return flourG > 0 ? decimals((100 * waterG) / flourG, 1) : '–';
  };
  const part = (at: { key: string; width: number; sign: string; massG: number; water: string }) => (
    <Box key={at.key} sx={{ width: at.width, display: 'flex', gap: 0.5 }}>
      <Box component="span" sx={{ width: 78, textAlign: 'right' }}>
        <Box component="span" sx={{ color: 'var(--ink2)' }}>
          {at.sign}
        </Box>{' '}
        <Box component="strong" sx={{ fontSize: rem(18) }}>
          {units.massUnit === 'g'
            ? decimals(at.massG, at.massG < 100 ? 1 : 0)
            : decimals(gramsToOunces(at.massG), 1)}
        </Box>
      </Box>
      <Box
        component="span"
        sx={{
          width: 64,
          textAlign: 'right',
          color: 'var(--ink2)',
          whiteSpace: 'nowrap',
          fontSize: rem(15),
        }}
      >
        {at.water} %
      </Box>
    </Box>
  );
  return (
    <Box
      sx={{
        display: 'flex',
        width,
        borderTop: '2px solid var(--ink)',
        py: 0.5,
        alignItems: 'baseline',
      }}
    >
      <Box sx={{ width: name, pl: 2 }}>
        <Typography className="name" sx={{ fontSize: rem(17), lineHeight: 1 }}>
          {tr`Together`}
        </Typography>
        <Typography variant="caption" color="text.secondary">
          {tr`water on own flour`}
        </Typography>
      </Box>
      {part({
        key: 'whole',
        width: whole,
        sign: '',
        massG: columns.wholeG,
        water: own((row) => row.wholeG),
      })}
      {columns.leavens.map((one, index) =>
        part({
          key: one.leaven.id,
          width: column,
          sign: index === 0 ? '=' : '+',
          massG: one.totalG,
          water: own((row) => row.leavensG[index] ?? 0),
        }),
      )}
      {part({
        key: 'final',
        width: column,
        sign: columns.leavens.length > 0 ? '+' : '=',
        massG: columns.finalG,
        water: own((row) => row.finalG),
      })}
    </Box>
  );
}

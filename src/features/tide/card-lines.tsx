import { inSentence, tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ShopUnits } from '@/core/units';
import type { Moment } from '@/server/tide';
import { massText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { waterDegrees } from '@/ui/water-text';

/** Lines that have a row of their own on a card; where more than one is left, they are said in one row. */
const ROWS = 3;
/** How the pantry calls water. */
const waterLabel = () => tr`Water`;
/** As names are set: narrow, so that they stand whole beside their grams. */
const NAME = { fontSize: rem(16), lineHeight: 1.2, fontWeight: 500 } as const;
const SIZE = { fontSize: rem(15), lineHeight: 1.2 } as const;

/** What a moment takes: the first things a row each, what else is little in one row below them. */
export function CardLines({ moment, units }: { moment: Moment; units: ShopUnits }) {
  const { lines, water } = moment;
  const amount = ({ massG, text }: (typeof lines)[number]) =>
    massG === undefined ? (text ?? '') : massText(massG, units);
  const rows = lines.length === ROWS + 1 ? ROWS + 1 : ROWS;
  const rest = lines.slice(rows);
  return (
    <>
      {lines.slice(0, rows).map((line) => (
        <Box
          key={line.label}
          sx={{ display: 'flex', justifyContent: 'space-between', gap: 0.75, ...SIZE }}
        >
          <Typography variant="h3" component="span" noWrap sx={NAME}>
            {line.label}
            {line.label === waterLabel() && water !== null ? ` ${waterDegrees(water, units)}` : ''}
          </Typography>
          <Box component="strong" sx={{ whiteSpace: 'nowrap' }}>
            {amount(line)}
          </Box>
        </Box>
      ))}
      {rest.length === 0 ? null : (
        <Typography component="p" noWrap sx={SIZE} data-testid="card-rest">
          {rest.map((line, index) => (
            <span key={line.label}>
              {index === 0 ? '' : ', '}
              {index === 0 ? line.label : inSentence(line.label)} <strong>{amount(line)}</strong>
            </span>
          ))}
        </Typography>
      )}
    </>
  );
}

'use client';

import { inSentence, tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { dividedByEye, dividedInto, type DoughColumns, type Target } from '@/core/formula';
import type { Method } from '@/core/methods';
import { ChoiceField } from '@/ui/fields/choice-field';
import { NumberBox } from '@/ui/fields/number-box';
import { useShopUnits, type FigureUnits } from '@/ui/fields/shop-units';
import type { DoughFacts } from '@/shop/doughs/facts';
import { massText } from '@/ui/format';
import { WAYS, Fields } from './target-fields';

/** What the dough is made for: every way in which a baker says how much. */
export function TargetPanel(props: {
  method: Method;
  columns: DoughColumns | null;
  facts: DoughFacts;
  onChange: (method: Method) => void;
}) {
  const { method, onChange } = props;
  const { target } = method;
  const set = (next: Target) => onChange({ ...method, target: next });
  return (
    <Box sx={{ display: 'grid', gap: 1.25 }}>
      <ChoiceField
        name="target"
        label={tr`Made for`}
        value={target.by}
        options={WAYS.filter((one) => one.id !== 'leaven' || method.dough.leavens.length > 0)}
        onChange={(by) => set(firstTarget(by as Target['by'], method))}
      />
      <Fields target={target} method={method} set={set} />
      <Makes {...props} />
      <NumberBox
        name="loss"
        label={tr`Stays in the bowl, %`}
        value={method.lossShare * 100}
        onValue={(value) => onChange({ ...method, lossShare: value / 100 })}
      />
    </Box>
  );
}

function firstTarget(by: Target['by'], method: Method): Target {
  switch (by) {
    case 'products':
      return { by, products: [{ name: tr`Balls`, count: 40, weightG: 250, keepsH: 24 }] };
    case 'diameter':
      return { by, count: 40, diameterCm: 30, style: 'middling' };
    case 'tray':
      return { by, count: 4, lengthCm: 40, widthCm: 30, thicknessMm: 4 };
    case 'flour':
      return { by, flourG: 5000 };
    case 'leaven':
      return { by, leavenId: method.dough.leavens[0]?.id ?? '', massG: 1000 };
    default:
      return { by: 'dough', doughG: 10_000 };
  }
}

/** What is really divided, and what stays over. */
function Makes(props: { method: Method; columns: DoughColumns | null; facts: DoughFacts }) {
  const { method, columns, facts } = props;
  const units = useShopUnits();
  if (columns === null) return null;
  const { target, dough, lossShare } = method;
  const { pantry, scaleStepG } = facts;
  const made = { target, dough, lossShare };
  const { products, remainderG, remainder } = dividedInto(made, columns, scaleStepG, pantry);
  const pieces = products.map((one) => `${one.count} × ${massText(one.weightG, units)}`).join(', ');
  const over =
    remainder === 'none'
      ? tr`nothing stays over`
      : tr`${massText(Math.round(remainderG), units)} stay over: ${remainder === 'small ball' ? tr`a small ball` : tr`carry-over`}`;
  return (
    <Typography variant="body2" data-testid="makes">
      {tr`Divided into ${pieces}; ${over}.${byEyeText(products, units)}`}
    </Typography>
  );
}

/** What the first of the pieces would come to without a scale. */
function byEyeText(
  [first]: ReturnType<typeof dividedInto>['products'],
  units: FigureUnits,
): string {
  if (first === undefined || first.count < 2) return '';
  const { leastG, mostG } = dividedByEye(first.weightG, first.count);
  const text = (massG: number) => massText(Math.round(massG), units);
  return tr` By eye ${inSentence(first.name)} would come to ${text(leastG)} to ${text(mostG)}.`;
}

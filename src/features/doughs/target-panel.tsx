'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { ROUND_STYLES, type Product, type RoundStyle, type Target } from '@/core/formula';
import type { Method } from '@/core/methods';
import { ChoiceField } from '@/ui/fields/choice-field';
import { NumberBox } from '@/ui/fields/number-box';
import { useShopUnits } from '@/ui/fields/shop-units';
import { perAreaText } from '@/ui/format';

const WAYS: readonly { readonly id: Target['by']; readonly name: string }[] = [
  { id: 'products', name: 'pieces by weight' },
  { id: 'diameter', name: 'rounds by diameter' },
  { id: 'tray', name: 'trays by area and thickness' },
  { id: 'flour', name: 'the flour in the sack' },
  { id: 'leaven', name: 'the leaven at hand' },
  { id: 'dough', name: 'a weight of dough' },
];
const MOST_PRODUCTS = 6;

/** What the dough is made for: every way in which a baker says how much. */
export function TargetPanel(props: { method: Method; onChange: (method: Method) => void }) {
  const { method, onChange } = props;
  const { target } = method;
  const set = (next: Target) => onChange({ ...method, target: next });
  return (
    <Box sx={{ display: 'grid', gap: 1.25 }}>
      <ChoiceField
        name="target"
        label="Made for"
        value={target.by}
        options={WAYS.filter((one) => one.id !== 'leaven' || method.dough.leavens.length > 0)}
        onChange={(by) => set(firstTarget(by as Target['by'], method))}
      />
      <Fields target={target} method={method} set={set} />
      <NumberBox
        name="loss"
        label="Stays in the bowl, %"
        value={method.lossShare * 100}
        onValue={(value) => onChange({ ...method, lossShare: value / 100 })}
      />
    </Box>
  );
}

function firstTarget(by: Target['by'], method: Method): Target {
  switch (by) {
    case 'products':
      return { by, products: [{ name: 'Balls', count: 40, weightG: 250, keepsH: 24 }] };
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

function Fields(props: { target: Target; method: Method; set: (target: Target) => void }) {
  const { target, method, set } = props;
  const units = useShopUnits();
  if (target.by === 'products') {
    return <Products products={target.products} set={(products) => set({ ...target, products })} />;
  }
  const figure = (name: string, label: string, to: (value: number) => Target) => ({
    name,
    label,
    onValue: (next: number) => set(to(next)),
  });
  if (target.by === 'diameter') {
    return (
      <Two>
        <NumberBox
          {...figure('count', 'Rounds', (count) => ({ ...target, count }))}
          value={target.count}
        />
        <NumberBox
          {...figure('diameterCm', 'Diameter', (diameterCm) => ({ ...target, diameterCm }))}
          of="length"
          value={target.diameterCm}
        />
        <ChoiceField
          name="style"
          label="Meant to be"
          value={target.style}
          options={Object.entries(ROUND_STYLES).map(([id, perCm2]) => ({
            id,
            name: `${id}, ${perAreaText(perCm2, units)}`,
          }))}
          onChange={(style) => set({ ...target, style: style as RoundStyle })}
        />
      </Two>
    );
  }
  if (target.by === 'tray') {
    return (
      <Two>
        <NumberBox
          {...figure('count', 'Trays', (count) => ({ ...target, count }))}
          value={target.count}
        />
        <NumberBox
          {...figure('thicknessMm', 'Dough laid', (thicknessMm) => ({ ...target, thicknessMm }))}
          of="thickness"
          value={target.thicknessMm}
        />
        <NumberBox
          {...figure('lengthCm', 'Length', (lengthCm) => ({ ...target, lengthCm }))}
          of="length"
          value={target.lengthCm}
        />
        <NumberBox
          {...figure('widthCm', 'Width', (widthCm) => ({ ...target, widthCm }))}
          of="length"
          value={target.widthCm}
        />
      </Two>
    );
  }
  if (target.by === 'leaven') {
    return (
      <Two>
        <ChoiceField
          name="leavenId"
          label="Of which"
          value={target.leavenId}
          options={method.dough.leavens.map(({ id, name }) => ({ id, name }))}
          onChange={(leavenId) => set({ ...target, leavenId })}
        />
        <NumberBox
          {...figure('massG', 'There is', (massG) => ({ ...target, massG }))}
          of="mass"
          value={target.massG}
        />
      </Two>
    );
  }
  return target.by === 'flour' ? (
    <NumberBox
      {...figure('flourG', 'Flour', (flourG) => ({ by: 'flour', flourG }))}
      of="mass"
      value={target.flourG}
    />
  ) : (
    <NumberBox
      {...figure('doughG', 'Dough', (doughG) => ({ by: 'dough', doughG }))}
      of="mass"
      value={target.doughG}
    />
  );
}

function Products(props: { products: readonly Product[]; set: (products: Product[]) => void }) {
  const { products, set } = props;
  const change = (index: number, changed: Partial<Product>) =>
    set(products.map((one, i) => (i === index ? { ...one, ...changed } : one)));
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      {products.map((product, index) => (
        <Box
          key={index}
          sx={{ display: 'grid', gridTemplateColumns: '1.3fr 0.8fr 0.9fr 0.9fr', gap: 1 }}
        >
          <TextField
            label="What"
            name={`product-${index}`}
            value={product.name}
            onChange={(event) => change(index, { name: event.target.value })}
            slotProps={{ htmlInput: { maxLength: 30 } }}
          />
          <NumberBox
            name={`count-${index}`}
            label="How many"
            value={product.count}
            onValue={(count) => change(index, { count: Math.round(count) })}
          />
          <NumberBox
            name={`weight-${index}`}
            label="Each"
            of="mass"
            value={product.weightG}
            onValue={(weightG) => change(index, { weightG })}
          />
          <NumberBox
            name={`keeps-${index}`}
            label="Keeps, h"
            value={product.keepsH}
            onValue={(keepsH) => change(index, { keepsH })}
          />
        </Box>
      ))}
      <Box sx={{ display: 'flex', gap: 1 }}>
        {products.length < MOST_PRODUCTS ? (
          <Button
            size="small"
            variant="text"
            onClick={() =>
              set([...products, { name: 'Trays', count: 2, weightG: 600, keepsH: 24 }])
            }
          >
            Another product
          </Button>
        ) : null}
        {products.length > 1 ? (
          <Button size="small" variant="text" onClick={() => set(products.slice(0, -1))}>
            Without the last
          </Button>
        ) : null}
      </Box>
    </Box>
  );
}

function Two({ children }: { children: React.ReactNode }) {
  return <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>{children}</Box>;
}

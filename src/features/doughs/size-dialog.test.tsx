/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import { useState } from 'react';
import { shown } from '../../../tests/fixtures/shown';
import type { Product } from '@/core/formula';
import { ShopUnitsProvider, type FigureUnits } from '@/ui/fields/shop-units';
import { SizedProducts } from './sized-products';

const INCHES: FigureUnits = { massUnit: 'g', tempUnit: 'F', lengthUnit: 'in' };

function opened(units: FigureUnits, first: Product[]) {
  let now: readonly Product[] = first;
  function Own() {
    const [products, set] = useState<readonly Product[]>(first);
    now = products;
    return (
      <ShopUnitsProvider units={units}>
        <SizedProducts products={products} set={set} />
      </ShopUnitsProvider>
    );
  }
  return { ...shown(<Own />), products: () => now };
}

const BALLS: Product = { name: 'Balls', count: 4, weightG: 250, keepsH: 24 };

test('as my 14-inch at 425 g: one of 12 inches is given its weight, and keeps its size', async () => {
  const { user, products } = opened(INCHES, [BALLS]);
  await user.click(screen.getByRole('button', { name: 'Weigh by size' }));
  const dialog = within(screen.getByRole('dialog'));
  const type = async (label: string, text: string, place = dialog) => {
    const field = place.getByLabelText(label);
    await user.clear(field);
    await user.type(field, text);
    await user.tab();
  };
  const known = within(dialog.getByRole('region', { name: 'As thick as one you know' }));
  const [diameter] = dialog.getAllByLabelText('Diameter, in');
  await user.clear(diameter!);
  await user.type(diameter!, '12');
  await type('Diameter, in', '14', known);
  await type('It weighs, g', '425', known);
  await user.click(known.getByRole('button', { name: /Take 312/ }));
  await user.click(dialog.getByRole('button', { name: /Use 312/ }));
  expect(products()[0]!.weightG).toBe(312);
  expect(products()[0]!.size).toMatchObject({ of: 'round' });
  expect(screen.getByRole('button', { name: /12\sin, 2\.76\sg\/in²/ })).toBeTruthy();
});

test('a size that can not be is said in the shop’s units, and is not taken', async () => {
  const { user, products } = opened({ ...INCHES, lengthUnit: 'cm' }, [BALLS]);
  await user.click(screen.getByRole('button', { name: 'Weigh by size' }));
  const dialog = within(screen.getByRole('dialog'));
  const [diameter] = dialog.getAllByLabelText('Diameter, cm');
  await user.clear(diameter!);
  await user.type(diameter!, '4');
  expect(dialog.getByRole('alert').textContent).toContain('Diameter: 4 cm');
  expect(dialog.getByRole<HTMLButtonElement>('button', { name: /^Use/ }).disabled).toBe(true);
  await user.click(dialog.getByRole('button', { name: 'Cancel' }));
  expect(products()).toEqual([BALLS]);
});

test('a usual thickness gives the weight; by weight alone lets the size go', async () => {
  const { user, products } = opened({ ...INCHES, lengthUnit: 'cm' }, [BALLS]);
  await user.click(screen.getByRole('button', { name: 'Weigh by size' }));
  await user.selectOptions(screen.getByLabelText('Shape'), 'tray');
  await user.selectOptions(screen.getByLabelText('Comes out'), 'thick and airy');
  // 40 × 30 cm × 0.72 g.
  await user.click(screen.getByRole('button', { name: /Use 864/ }));
  expect(products()[0]).toMatchObject({ weightG: 864, size: { lengthCm: 40, widthCm: 30 } });
  await user.click(screen.getByRole('button', { name: /40\scm × 30\scm/ }));
  await user.click(screen.getByRole('button', { name: 'By weight alone' }));
  expect(products()[0]).toMatchObject({ weightG: 864, size: null });
});

import { renderToStaticMarkup } from 'react-dom/server';
import { formulaColumns, type Formula } from '@/core/formula';
import { openShopInMemory } from '@/data';
import { contextOver } from '@/services/context';
import { ensureShop } from '@/services/new-shop';
import { newBakeView } from '@/services/new-bake-view';
import { firstFields } from './fields';
import { FormulaTable } from './formula-table';
import { StockNote } from './stock-note';

const db = openShopInMemory();
ensureShop(db, 'Europe/Oslo');
const nowMs = Date.parse('2026-11-26T12:00:00+01:00');
const view = newBakeView({ ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) });
const formula: Formula = {
  balls: 8,
  ballG: 250,
  hydration: 0.65,
  saltShare: 0.027,
  oilShare: 0,
  prefermentedShare: 0.3,
  lossShare: 0.015,
  flourId: 'flour-00',
  yeastType: 'instant',
};
const steps = { scaleStepG: 1, fineStepG: 0.1 };
const words = (markup: string) =>
  markup
    .replace(/<style[^>]*>[^<]*<\/style>/g, '')
    .replace(/<[^>]+>/g, ' ')
    .replace(/\u202f/g, '')
    .replace(/\s+/g, ' ');

test('a first form is tomorrow evening on the bench, forty balls', () => {
  expect(firstFields(view)).toMatchObject({
    name: 'Friday',
    balls: '40',
    readyFrom: '2026-11-27T18:00',
    readyTo: '2026-11-27T21:00',
    poolishPlaceId: 'bench',
    roomC: '21',
    mixAt: null,
  });
});

test('the table shows what is weighed, in grams or ounces', () => {
  const columns = formulaColumns(formula, 0.004, steps);
  const table = (massUnit: 'g' | 'oz') =>
    words(
      renderToStaticMarkup(
        <FormulaTable
          columns={columns}
          pantry={view.facts.pantry}
          units={{ ...view.units, massUnit }}
        />,
      ),
    );
  const flour = columns.rows[0]!;
  expect(table('g')).toContain(
    `Type 00 flour ${flour.wholeG} 100 % ${flour.poolishG} ${flour.finalG}`,
  );
  expect(table('g')).toContain('Salt');
  expect(table('oz')).toContain('oz');
});

test('a dose under the scale’s step is written as a stock, one above it is not', () => {
  const tiny = formulaColumns(formula, 0.0008, steps).yeast;
  const note = words(renderToStaticMarkup(<StockNote yeast={tiny} />));
  expect(note).toMatch(/too little for the scale\. Dissolve \d/);
  expect(note).toContain('right to ±');
  expect(
    renderToStaticMarkup(<StockNote yeast={formulaColumns(formula, 0.02, steps).yeast} />),
  ).toBe('');
});

import { PDFDocument } from '@cantoo/pdf-lib';
import { SimulatedLabelPrinter } from '@/devices/simulated-label-printer';
import { sentences, value } from '../../../tests/fixtures/services';
import type { ShopContext } from '../context';
import { demoShop } from '../../../tests/demo-shop';
import { openSack, openSacks, takeSackBack } from '../shop/flour-lots';
import { lineageOf } from '../lots/lineage';
import { lineageCsv } from '../lots/lineage-csv';
import { labelOf } from './label';
import { guessWidth, labelLayout } from '@/shop/labels/layout';
import { lotOfCode } from '@/shop/labels/lot-of-code';
import { labelPdf } from './pdf';
import { labelsView, printLabels } from './print';
import { handlePrinter } from './printer';
import { LABEL_SIZES, labelSize } from '@/shop/labels/sizes';

// Fonts are read and cut to their letters here: on a busy machine that takes its time.
jest.setTimeout(60_000);

let context: ShopContext;
beforeEach(() => {
  ({ context } = demoShop());
});

test('the code of a label opens its lot', () => {
  const codes = labelsView(context).codes;
  for (const code of ['F-S1', 'S-G21', 'P1126-1']) {
    expect(lotOfCode(` ${code.toLowerCase()} `, codes)).toBe(code);
  }
  expect(lotOfCode('X-9', codes)).toBeNull();
  expect(lotOfCode('  ', codes)).toBeNull();
});

test('a label says what it is, until when, what is in it and what to do', () => {
  const frozen = labelOf(context, 'F-S1');
  expect(frozen).toMatchObject({ code: 'F-S1', name: 'Drift, frozen' });
  const says = Object.fromEntries(frozen?.lines.map((line) => [line.what, line.says]) ?? []);
  expect(says).toMatchObject({
    weight: '620 g, flat 25 mm',
    'use by': '20.05.2027',
    'in it': 'strong flour, water, salt, fresh yeast',
    contains: 'wheat (gluten)',
  });
  expect(frozen?.does).toContain('Thaw 8–14 h in the fridge');
  const says2 = labelOf(context, 'P1126-1')?.lines.map((line) => line.what);
  expect(says2).toContain('look at');
  expect(labelOf(context, 'P9')).toBeNull();
});

test('nothing of a label stands outside it or in its square, whatever it is called', () => {
  for (const lotId of ['F-S1', 'S-G21', 'P1126-1', 'C-D7']) {
    const plain = labelOf(context, lotId);
    if (plain === null) throw new Error(lotId);
    const long = {
      ...plain,
      name: 'An exceedingly long name that nobody gives a dough in a bakery',
    };
    for (const size of LABEL_SIZES) {
      for (const content of [plain, long]) {
        const { lines, qr } = labelLayout(content, size, guessWidth);
        expect(lines.length).toBeGreaterThan(4);
        for (const line of lines) {
          const right = line.x + guessWidth(line.text, line.mm, line.bold);
          expect(right).toBeLessThanOrEqual(size.width);
          expect(line.y).toBeLessThanOrEqual(size.height);
          if (line.y - line.mm < qr.y + qr.side) expect(right).toBeLessThanOrEqual(qr.x);
        }
      }
    }
  }
});

test('rolls and sheets become PDF with as many pages as they take', async () => {
  const content = labelOf(context, 'F-S1');
  if (content === null) throw new Error('the bag is there');
  const pages = async (id: string, copies: number) => {
    const doc = await PDFDocument.load(await labelPdf(content, labelSize(id), copies));
    const { width, height } = doc.getPage(0).getSize();
    return [doc.getPageCount(), Math.round(width), Math.round(height)];
  };
  expect(await pages('roll-62x40', 3)).toEqual([3, 176, 113]);
  expect(await pages('a4-3x8', 25)).toEqual([2, 595, 842]);
  expect(await pages('letter-2x5', 10)).toEqual([1, 612, 792]);
  // Letters that the face does not have are no reason to fail.
  const strange = { ...content, name: 'Łódź 생지 🍞' };
  expect((await labelPdf(strange, labelSize(null), 1)).length).toBeGreaterThan(1000);
});

test('the printer keeps what it printed, and refuses what it can not', async () => {
  const before = labelsView(context).printed.length;
  value(await printLabels(context, { lotId: 'F-S1', size: 'roll-57x32', copies: '2' }));
  const [last] = labelsView(context).printed;
  expect(last).toMatchObject({ lotId: 'F-S1', copies: 2, sizeName: 'Roll 57 × 32 mm' });
  const print = (changed: object) =>
    printLabels(context, { lotId: 'F-S1', size: 'roll-57x32', copies: '1', ...changed });
  expect(sentences(await print({ copies: '0' }))[0]).toContain('Allowed: 1 to 200');
  expect(sentences(await print({ size: 'stone' }))[0]).toContain('“stone” is not known');
  expect(sentences(await print({ lotId: 'F-9' }))[0]).toContain('has not been made yet');
  expect(labelsView(context).printed).toHaveLength(before + 1);
  const printer = new SimulatedLabelPrinter();
  const job = { lotId: 'A', size: 'roll-57x32', copies: 1, pdf: new Uint8Array([1, 2, 3]) };
  expect(await printer.print(job)).toMatchObject({ kind: 'refused' });
});

test('without a roll nothing is printed or kept, and with one it goes on', async () => {
  const form = { lotId: 'F-S1', size: 'roll-57x32', copies: '1' };
  const before = labelsView(context).printed.length;
  handlePrinter({ roll: false });
  expect(labelsView(context).printer.ready).toBe(false);
  expect(sentences(await printLabels(context, form))[0]).toContain('there is no roll in it');
  expect(labelsView(context).printed).toHaveLength(before);
  handlePrinter({ roll: true });
  value(await printLabels(context, form));
  expect(labelsView(context).printed).toHaveLength(before + 1);
});

test('a lot knows where it came from and where it went, with its grams and its sack', () => {
  const lineage = lineageOf(context, 'C-D6');
  expect(lineage?.back.map((one) => [one.lotId, one.step])).toEqual([
    ['C-D5', -1],
    ['C-D4', -2],
  ]);
  expect(lineage?.forward.map((one) => one.lotId)).toEqual(['C-D7']);
  expect(lineage?.forward[0]?.massG).toBe(200);
  expect(lineage?.lot.flours).toEqual([{ name: 'Strong flour', massG: 400, sack: 'M 4410' }]);
  expect(lineage?.forward[0]?.flours[0]?.sack).toBe('M 4473');
  expect(lineageOf(context, 'C-D5')?.forward.map((one) => one.lotId)).toContain('F-S1');
  expect(lineageOf(context, 'X')).toBeNull();
});

test('the CSV has a row for each lot and runs nothing in a table program', () => {
  const lineage = lineageOf(context, 'C-D6');
  if (lineage === null) throw new Error('it was made');
  const rows = lineageCsv(lineage).trim().split('\r\n');
  expect(rows[0]).toBe('step,lot,name,kind,made,next to,grams,flours,sacks');
  expect(rows).toHaveLength(1 + 2 + 1 + 1);
  const evil = { ...lineage, lot: { ...lineage.lot, name: '=HYPERLINK("x")' } };
  expect(lineageCsv(evil)).not.toMatch(/(^|,)"?=HYPERLINK/m);
});

test('a sack is noted from now on, and can be taken back', () => {
  const { id } = value(openSack(context, { flourId: 'flour-soft', code: 'Q 7' }));
  expect(openSacks(context).find((one) => one.flourId === 'flour-soft')?.code).toBe('Q 7');
  expect(sentences(openSack(context, { flourId: 'salt', code: 'Q' }))[0]).toContain('not a flour');
  expect(sentences(openSack(context, { flourId: 'flour-soft', code: ' ' }))[0]).toContain('Sack');
  value(takeSackBack(context, id));
  expect(openSacks(context).find((one) => one.flourId === 'flour-soft')?.code).toBeNull();
  expect(sentences(takeSackBack(context, id))[0]).toContain('not noted any more');
});

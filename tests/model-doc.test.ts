import { readFileSync } from 'node:fs';
import { calibrate } from '@/core/forecast/calibration/residuals';
import { withModelTables } from '../bin/lib/model-tables';

const words = (text: string) => text.replace(/[\s|:-]+/g, ' ');

test('the tables of docs/model.md are what the code gives', () => {
  const text = readFileSync('docs/model.md', 'utf8');
  expect(words(withModelTables(text, calibrate()))).toBe(words(text));
});

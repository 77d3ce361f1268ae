// Writes the tables of docs/model.md from the code: node bin/lib/bundle.mjs model-doc
import { readFileSync, writeFileSync } from 'node:fs';
import { calibrate } from '@/core/forecast/calibration/residuals';
import { withModelTables } from './model-tables';

const FILE = 'docs/model.md';
const text = readFileSync(FILE, 'utf8');
writeFileSync(FILE, withModelTables(text, calibrate()));
process.stdout.write(`${FILE}: tables written.\n`);

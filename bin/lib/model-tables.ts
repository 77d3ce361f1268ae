import type { Calibration, Residual } from '@/core/forecast/calibration/residuals';
import { PARAMETERS } from '@/core/kinetics/parameters';

/** The parameter table as Markdown. */
function parameterTable(): string {
  const rows = Object.entries(PARAMETERS).map(([symbol, row]) => {
    const sd = row.sd === null ? 'set' : `${row.sd} ${row.scale === 'ln' ? 'in ln' : '°C'}`;
    const range = row.range.map((edge) => Number(edge.toPrecision(3))).join(' – ');
    return `| ${symbol} | ${row.meaning} | ${row.value} | ${row.unit} | ${sd} | ${range} | ${row.source} |`;
  });
  return [
    '| symbol | meaning | value | unit | sd | range | source |',
    '| --- | --- | --- | --- | --- | --- | --- |',
    ...rows,
  ].join('\n');
}

function caseRows(cases: readonly Residual[]): string[] {
  return cases.map(
    (one) =>
      `| ${one.id} | ${one.measure} | ${one.value} | ${one.band.join(' – ')} | ${one.inside ? 'yes' : '**no**'} | ${one.lnError ?? ''} |`,
  );
}

/** The calibration table as Markdown. */
function calibrationTable({ fitted, cold, added, fittedInside, rmsLnError }: Calibration): string {
  return [
    `${fittedInside} of ${fitted.length + cold.length} fitted rules inside, rms ln error of the timed ones ${rmsLnError.toFixed(3)}.`,
    '',
    '| rule | measure | value | band | inside | ln error |',
    '| --- | --- | --- | --- | --- | --- |',
    ...caseRows(fitted),
    '',
    'Rules of cold and of mixed histories, fitted together with them:',
    '',
    '| rule | measure | value | band | inside | ln error |',
    '| --- | --- | --- | --- | --- | --- |',
    ...caseRows(cold),
    '',
    'Rules with plausible bands set here, which the fit leans on but is not counted by (each says in the code where it comes from):',
    '',
    '| rule | measure | value | band | inside | ln error |',
    '| --- | --- | --- | --- | --- | --- |',
    ...caseRows(added),
  ].join('\n');
}

function between(text: string, name: string, table: string): string {
  const [open, close] = [`<!-- ${name} -->`, `<!-- end ${name} -->`];
  const from = text.indexOf(open);
  const to = text.indexOf(close);
  if (from < 0 || to < from) throw new Error(`docs/model.md lacks the marks of ${name}.`);
  return `${text.slice(0, from + open.length)}\n\n${table}\n\n${text.slice(to)}`;
}

/** The text of docs/model.md with its tables as the code has them. */
export function withModelTables(text: string, calibration: Calibration): string {
  return between(
    between(text, 'parameters', parameterTable()),
    'calibration',
    calibrationTable(calibration),
  );
}

import { tr } from '@/words/tr';
import type { HandsList, HandsMoment } from '@/shop/hands/hands-list';
import { stringify } from 'csv-stringify/sync';
import { toLocalText } from '@/core/units';
import { handsCalendar } from '@/formats/icalendar';

/** As many digits as the views show. */
const grams = (massG: number) => `${Number(massG.toFixed(massG < 10 ? 2 : massG < 100 ? 1 : 0))} g`;

/** What is weighed or counted at a moment, a line each. */
function lineTexts({ lines }: HandsMoment): string[] {
  return lines.map((line) =>
    line.massG === undefined
      ? `${line.label} ${line.text ?? ''}`.trim()
      : `${line.label} ${grams(line.massG)}`,
  );
}

/** The list as an iCalendar file. */
export function handsIcs({ moments, shopName, nowMs }: HandsList): string {
  return handsCalendar(
    moments.map((moment) => ({
      id: moment.stepId,
      atMs: moment.atMs,
      toMs: moment.toMs,
      title: moment.title,
      lines: [...lineTexts(moment), ...(moment.foot === '' ? [] : [moment.foot])],
      who: moment.who,
      place: moment.place,
    })),
    { name: tr`${shopName}, hands`, madeMs: nowMs },
  );
}

const HEAD = ['at', 'until', 'local time', 'who', 'what', 'service', 'place', 'grams'];

/** The list as CSV; cells that a table program would run are made harmless. */
export function handsCsv({ moments, units }: HandsList): string {
  const rows = moments.map((moment) => [
    new Date(moment.atMs).toISOString(),
    new Date(moment.toMs).toISOString(),
    toLocalText(moment.atMs, units.timeZone),
    moment.who ?? '',
    moment.title,
    moment.bake,
    moment.place,
    lineTexts(moment).join('; '),
  ]);
  return stringify([HEAD, ...rows], { escape_formulas: true, record_delimiter: 'windows' });
}

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import { atWallMinute } from '@/core/units';
import type { Moment, TideView } from '@/server/tide';
import { massText, momentText, tempText } from '@/ui/format';
import { chanceText } from '@/ui/odds/odds-text';
import { RefreshWhenKnown } from '@/ui/odds/refresh-when-known';
import { waterDegrees } from '@/ui/water-text';
import { PrintButton } from '@/ui/print-button';
import { Sheet } from './day-sheet';

/** The Tide in words and figures: the same content for a screen reader, for paper, and for who likes tables. */
export function Day({ view }: { view: TideView }) {
  const { units, clock } = view;
  const at = (atMs: number | null) =>
    atMs === null ? '–' : momentText(atMs, clock.nowMs, units.timeZone);
  const there = view.strands.filter(
    (strand) => strand.tense === 'done' && (strand.endMs ?? Infinity) > clock.nowMs,
  );
  const coming = view.strands.filter((strand) => strand.tense === 'planned');
  const places = new Map(view.bands.map((band) => [band.placeId, band.name]));
  const planned = view.moments.filter((moment) => moment.tense === 'planned');
  const endMs = endOfDay(clock.nowMs, units.timeZone);
  const isToday = (moment: Moment) => (moment.plannedMs ?? moment.atMs) < endMs;
  return (
    <Box
      className="print-sheet"
      sx={{ background: 'var(--paper)', flex: 1, p: 2, position: 'relative' }}
    >
      <RefreshWhenKnown waits={view.services.some((one) => one.odds?.settled === false)} />
      <PrintButton what={tr`the day`} />
      <ToDo title={tr`To do today`} moments={planned.filter(isToday)} view={view} />
      <Services view={view} />
      <Sheet
        title={tr`Standing there now`}
        heads={[tr`Lot`, tr`Code`, tr`Where`, tr`Opens`, tr`Best`, tr`Closes`, '8 in 10']}
        rows={there.map((strand) => [
          strand.name,
          strand.lotId,
          places.get(strand.stays.at(-1)?.placeId ?? '') ?? '',
          ...windowCells(strand.window, at),
        ])}
      />
      <ToDo
        title={tr`To do later`}
        moments={planned.filter((moment) => !isToday(moment))}
        view={view}
      />
      <Sheet
        title={tr`To come`}
        heads={[tr`Lot`, tr`Code`, tr`From`, tr`Opens`, tr`Best`, tr`Closes`, '8 in 10']}
        rows={coming.map((strand) => [
          strand.name,
          strand.lotId,
          at(strand.startMs),
          ...windowCells(strand.window, at),
        ])}
      />
      <Sheet
        title={tr`Places`}
        heads={[tr`Place`, tr`Stands at`, tr`Room`, tr`Fullest, from now on`]}
        rows={view.bands.map((band) => {
          const from = Math.max(0, Math.floor((clock.nowMs - band.fromMs) / band.stepMs));
          const most = Math.max(0, ...band.load.slice(from));
          return [
            band.name,
            tempText(band.tempC, units),
            `${band.capacityL} l`,
            `${Math.round(most * 10) / 10} l`,
          ];
        })}
      />
      <Sheet
        title={tr`Done`}
        heads={[tr`When`, tr`What`, tr`By`]}
        rows={view.moments
          .filter((moment) => moment.tense === 'done')
          .reverse()
          .map((moment) => [at(moment.atMs), moment.title, moment.by ?? ''])}
      />
    </Box>
  );
}

/** A day's work ends so long after midnight. */
const NIGHT_ENDS_MIN = 4 * 60;

/** The end of the day's work: the next 04:00 by the shop's clock. */
function endOfDay(nowMs: number, timeZone: string): number {
  const today = atWallMinute(nowMs, 0, NIGHT_ENDS_MIN, timeZone);
  return nowMs < today ? today : atWallMinute(nowMs, 1, NIGHT_ENDS_MIN, timeZone);
}

/** What the hands do, with what it takes. */
function ToDo(props: { title: string; moments: readonly Moment[]; view: TideView }) {
  const { title, moments, view } = props;
  const { clock, units } = view;
  const places = new Map(view.bands.map((band) => [band.placeId, band.name]));
  return (
    <Sheet
      title={title}
      heads={[tr`When`, tr`What`, tr`Who`, tr`How much`, tr`Where`, tr`Peak`]}
      rows={moments.map((moment) => {
        const place = places.get(moment.placeId ?? '');
        const takes = [amountsOf(moment, view), place === undefined ? moment.foot : ''];
        return [
          momentText(moment.plannedMs ?? moment.atMs, clock.nowMs, units.timeZone),
          moment.title,
          moment.by ?? '',
          takes.filter((one) => one !== '').join('; '),
          place ?? '',
          peakOf(moment),
        ];
      })}
    />
  );
}

/** The services to come, those that want a plan among them. */
function Services({ view }: { view: TideView }) {
  const { clock, units } = view;
  const at = (atMs: number) => momentText(atMs, clock.nowMs, units.timeZone);
  const services = view.services
    .filter((service) => service.toMs > clock.nowMs)
    .map((one) => ({
      ...{ atMs: one.fromMs, name: one.name, toMs: one.toMs, wanted: one.wanted },
      says: one.odds === null ? tr`baked` : chanceText(one.odds),
    }));
  const open = view.unplanned.map((one) => ({
    ...{ atMs: one.fromMs, name: one.name, toMs: one.toMs, wanted: one.balls },
    says: one.planBy === null ? tr`no plan` : tr`no plan; choose by ${at(one.planBy.atMs)}`,
  }));
  return (
    <Sheet
      title={tr`Services`}
      heads={[tr`Service`, tr`From`, tr`To`, tr`Balls wanted`, tr`Balls ready all through`]}
      rows={[...services, ...open]
        .sort((a, b) => a.atMs - b.atMs)
        .map((one) => [one.name, at(one.atMs), at(one.toMs), String(one.wanted), one.says])}
    />
  );
}

function amountsOf(moment: Moment, view: TideView): string {
  const { water } = moment;
  const lines = moment.lines.map((line) => {
    if (line.massG === undefined) return `${line.text ?? ''} ${line.label}`.trim();
    const degrees =
      line.label === tr`Water` && water !== null ? tr` at ${waterDegrees(water, view.units)}` : '';
    return `${line.label} ${massText(line.massG, view.units)}${degrees}`;
  });
  return lines.join(', ');
}

function peakOf(moment: Moment): string {
  if (moment.offPeakMinutes === null) return '';
  const off = moment.offPeakMinutes;
  const best =
    off === 0 ? tr`at best` : tr`${Math.abs(off)} min ${off > 0 ? tr`after` : tr`before`} best`;
  return `${moment.withinWindow === true ? tr`ripe ✓` : tr`not ripe`}, ${best}`;
}

/** Opens, best, closes and the band of the best. */
function windowCells(
  window: TideView['strands'][number]['window'],
  at: (atMs: number | null) => string,
): string[] {
  const { opensMs, bestMs, closesMs, bestBand, opensBand } = window;
  return [at(opensMs), at(bestMs), at(closesMs), bandOf(bestBand ?? opensBand, at)];
}

function bandOf(
  band: readonly [number, number] | null,
  at: (atMs: number | null) => string,
): string {
  return band === null ? '–' : tr`${at(band[0])} to ${at(band[1])}`;
}

import { tr } from '@/words/tr';
import type { Band, Moment, Service, Strand, TideView } from '@/server/tide';
import { clockText, dayText, momentText, spanText } from '@/ui/format';
import { chanceWords, coverText, isAtRisk, isSure } from '@/ui/odds/odds-text';

/** One of the five answers of the header. */
export interface Tell {
  readonly question: string;
  readonly answer: string;
  readonly detail: string;
  /** Alerts are an inverted ink tag with words, never a colour. */
  readonly alert: boolean;
  /** The same as a sentence, for who hears it. */
  readonly words: string;
  /** The strand it lights. */
  readonly lotId: string | null;
  /** The bake that it asks to hold or to hurry; null where nothing is at risk. */
  readonly holdBakeId: string | null;
}

/** A mix within this of its leaven’s best counts as at the peak even where the window is unknown, min. */
const AT_PEAK_MIN = 10;
const NIGHTS_AHEAD_MS = 40 * 3_600_000;

/** The five tells: ripe now, next, mixed at peak, place about to be full, dough for the service. */
export function tellsOf(view: TideView, nowMs: number): Tell[] {
  const tells: Shown[] = [
    ripeTell(view, nowMs),
    nextTell(view, nowMs),
    peakTell(view, nowMs),
    placeTell(view, nowMs),
    serviceTell(view, nowMs),
  ];
  return tells.map((tell) => ({
    ...tell,
    words: tell.words ?? plainWords(tell),
    holdBakeId: tell.holdBakeId ?? null,
  }));
}

/** A tell whose words may go without saying. */
type Shown = Omit<Tell, 'words' | 'holdBakeId'> & {
  readonly words?: string;
  readonly holdBakeId?: string | null;
};

function plainWords({ question, answer, detail }: Shown): string {
  return `${question}: ${answer}${detail === '' ? '' : `, ${detail}`}.`;
}

/** Strands that are ripe at an instant and are not just being kept. */
export function ripeStrands(strands: readonly Strand[], nowMs: number): Strand[] {
  return strands.filter(
    ({ window, keeping, startMs, endMs }) =>
      !keeping &&
      startMs <= nowMs &&
      (endMs === null || endMs > nowMs) &&
      window.opensMs !== null &&
      window.opensMs <= nowMs &&
      (window.closesMs === null || window.closesMs > nowMs),
  );
}

function ripeTell(view: TideView, nowMs: number): Shown {
  const question = tr`Ripe now`;
  const { timeZone } = view.units;
  const ripe = ripeStrands(view.strands, nowMs);
  const [first] = ripe;
  if (first === undefined) return { question, ...soonest(view, nowMs), alert: false };
  const until = first.window.closesMs;
  return {
    question,
    answer: ripe.map((strand) => strand.name).join(', '),
    detail: until === null ? tr`no end in sight` : tr`until ${momentText(until, nowMs, timeZone)}`,
    alert: false,
    lotId: first.lotId,
  };
}

function soonest(view: TideView, nowMs: number): Pick<Tell, 'answer' | 'detail' | 'lotId'> {
  const next = view.strands
    .filter(({ window, keeping, endMs }) => {
      const opensMs = window.opensMs ?? 0;
      // What is used or thrown away before it opens is never ripe.
      return !keeping && opensMs > nowMs && (endMs === null || endMs > opensMs);
    })
    .sort((a, b) => (a.window.opensMs ?? 0) - (b.window.opensMs ?? 0))[0];
  if (next === undefined)
    return { answer: tr`Nothing`, detail: tr`nothing is on its way`, lotId: null };
  const opens = momentText(next.window.opensMs ?? nowMs, nowMs, view.units.timeZone);
  return { answer: tr`Nothing yet`, detail: tr`${next.name} from ${opens}`, lotId: next.lotId };
}

function nextTell(view: TideView, nowMs: number): Shown {
  const next = view.moments.find((moment) => moment.tense === 'planned');
  if (next === undefined) {
    return {
      question: tr`Next`,
      answer: tr`Nothing planned`,
      detail: '',
      alert: false,
      lotId: null,
    };
  }
  const late = nowMs - next.plannedMs;
  const due = late > 60_000;
  return {
    question: due
      ? tr`Next, ${spanText(late)} overdue`
      : tr`Next, in ${spanText(next.atMs - nowMs)}`,
    answer: next.title,
    detail: [momentText(next.plannedMs, nowMs, view.units.timeZone), next.by]
      .filter((part) => part !== null)
      .join(' · '),
    alert: due,
    lotId: next.lotId,
  };
}

/** True when a mix meets its leaven ripe. */
export function isAtPeak(moment: Moment): boolean {
  const minutes = moment.offPeakMinutes;
  return moment.withinWindow === true || (minutes !== null && Math.abs(minutes) <= AT_PEAK_MIN);
}

/** "5 min late", "at its best": a mix against the best of its leaven. */
export function offPeakText(minutes: number): string {
  if (Math.abs(minutes) <= 1) return tr`at its best`;
  return `${spanText(minutes * 60_000)} ${minutes > 0 ? tr`late` : tr`early`}`;
}

/** "1 h 22 before", "at best": for two mixes on one line. */
function shortOffPeak(minutes: number): string {
  if (Math.abs(minutes) <= 1) return tr`at best`;
  return `${spanText(minutes * 60_000)} ${minutes > 0 ? tr`after` : tr`before`}`;
}

function peakTell(view: TideView, nowMs: number): Shown {
  const question = tr`Mixed at peak?`;
  const mixes = view.moments
    .filter((moment) => moment.tense === 'planned' && moment.offPeakMinutes !== null)
    .filter((moment) => moment.atMs < nowMs + NIGHTS_AHEAD_MS)
    .slice(0, 2);
  const missed = mixes.find((moment) => !isAtPeak(moment));
  if (mixes.length === 0) {
    const mix = view.moments.some((one) => one.tense === 'planned' && one.glyph === 'mix');
    const answer = mix ? tr`No leaven in it` : tr`No mix planned`;
    return { question, answer, detail: '', alert: false, lotId: null };
  }
  const shown = missed ?? mixes[0];
  const { timeZone } = view.units;
  return {
    question,
    answer:
      missed === undefined
        ? mixes.map((mix) => `${clockText(mix.atMs, timeZone)} ✓`).join('  ')
        : tr`${clockText(missed.atMs, timeZone)} not at peak`,
    detail: mixes.map((mix) => shortOffPeak(mix.offPeakMinutes ?? 0)).join(' · '),
    alert: missed !== undefined,
    words: `${question} ${mixes
      .map(
        (mix) =>
          tr`${mix.title} at ${clockText(mix.atMs, timeZone)}: ${isAtPeak(mix) ? tr`yes` : tr`no`}, ${shortOffPeak(mix.offPeakMinutes ?? 0)}`,
      )
      .join('. ')}.`,
    lotId: shown?.lotId ?? null,
    holdBakeId: missed?.bakeId ?? null,
  };
}

/** First instant from now at which a place holds more than it can; null when none. */
export function overflowMs(band: Band, nowMs: number): number | null {
  for (let i = 0; i < band.load.length; i += 1) {
    const atMs = band.fromMs + i * band.stepMs;
    if (atMs >= nowMs && (band.load[i] ?? 0) > band.capacityL) return atMs;
  }
  return null;
}

/** Litres in a place at an instant. */
export function loadAt(band: Band, atMs: number): number {
  return band.load[Math.floor((atMs - band.fromMs) / band.stepMs)] ?? 0;
}

function placeTell(view: TideView, nowMs: number): Shown {
  const { timeZone } = view.units;
  const over = view.bands
    .map((band) => ({ band, atMs: overflowMs(band, nowMs) }))
    .filter((one) => one.atMs !== null)
    .sort((a, b) => (a.atMs ?? 0) - (b.atMs ?? 0))[0];
  const fullest = [...view.bands].sort((a, b) => topShare(b, nowMs) - topShare(a, nowMs))[0];
  const band = over?.band ?? fullest;
  if (band === undefined) {
    return { question: tr`Places`, answer: tr`None yet`, detail: '', alert: false, lotId: null };
  }
  const now = tr`${Math.round(loadAt(band, nowMs))} of ${band.capacityL} l`;
  if (over !== undefined && over.atMs !== null) {
    return {
      question: tr`${band.name} now ${now}`,
      answer: tr`full ${momentText(over.atMs, nowMs, timeZone)}`,
      detail: tr`more than it holds`,
      alert: true,
      lotId: lastInto(view, band.placeId, over.atMs),
    };
  }
  return {
    question: tr`Fullest place`,
    answer: band.name,
    detail: tr`${Math.round(topShare(band, nowMs) * 100)} % at most`,
    alert: false,
    lotId: lastInto(view, band.placeId, fullestMs(band, nowMs)),
  };
}

/** Greatest share of a place’s room that is taken from now on. */
function topShare(band: Band, nowMs: number): number {
  const ahead = band.load.filter((_, i) => band.fromMs + i * band.stepMs >= nowMs);
  return Math.max(0, ...ahead) / band.capacityL;
}

/** What is baked, or not worked out yet, is not the least sure. */
const chanceOr1 = ({ odds }: Service) => odds?.chance ?? 1;

function serviceTell(view: TideView, nowMs: number): Shown {
  const question = tr`Dough for service`;
  const ahead = view.services.filter((service) => service.toMs > nowMs).slice(0, 2);
  if (ahead.length === 0) return noServiceTell(view, nowMs, question);
  const least = [...ahead].sort((a, b) => chanceOr1(a) - chanceOr1(b))[0];
  const unsure = least !== undefined && !isSure(least.odds);
  const { timeZone } = view.units;
  const said = (index: number) => {
    const one = ahead[index];
    if (one === undefined) return '';
    return tr`${shortMoment(one.fromMs, nowMs, timeZone)} ${coverText(one.odds)} of ${one.wanted}`;
  };
  return {
    question,
    answer: said(0),
    detail: ahead.length > 1 ? tr`then ${said(1)}` : '',
    alert: least !== undefined && isAtRisk(least.odds),
    words: `${question}: ${ahead
      .map(
        (one) =>
          `${one.name}, ${momentText(one.fromMs, nowMs, timeZone)}: ${chanceWords(one.odds, one.wanted)}`,
      )
      .join('. ')}.`,
    lotId: ballsOf(view, least),
    holdBakeId: unsure ? (least?.bakeId ?? null) : null,
  };
}

/** The balls of a service. */
function ballsOf(view: TideView, service: Service | undefined): string | null {
  const bake = view.moments.find(
    (moment) => moment.glyph === 'bake' && moment.bakeId === service?.bakeId,
  );
  return bake?.lotId ?? null;
}

/** When a place holds most from now on. */
function fullestMs(band: Band, nowMs: number): number {
  const top = topShare(band, nowMs) * band.capacityL;
  const at = band.load.findIndex(
    (litres, i) => band.fromMs + i * band.stepMs >= nowMs && litres >= top,
  );
  return band.fromMs + Math.max(0, at) * band.stepMs;
}

/** The lot that came into a place last before an instant: what filled it. */
function lastInto(view: TideView, placeId: string, atMs: number): string | null {
  const came = view.strands
    .flatMap(({ lotId, stays }) => stays.map((stay) => ({ ...stay, lotId })))
    .filter((stay) => stay.placeId === placeId && stay.fromMs <= atMs)
    .filter((stay) => stay.toMs === null || stay.toMs > atMs)
    .sort((a, b) => a.fromMs - b.fromMs);
  return came.at(-1)?.lotId ?? null;
}

/** The hour today, the day otherwise: the shortest that says which service. */
function shortMoment(atMs: number, nowMs: number, timeZone: string): string {
  const text = momentText(atMs, nowMs, timeZone);
  return text.includes(' ') ? dayText(atMs, timeZone) : text;
}

/** What of the services is said while none is planned: the next one that was asked for, and by when to plan it. */
function noServiceTell(view: TideView, nowMs: number, question: string): Shown {
  const plain = { question, alert: false, lotId: null };
  const [open] = view.unplanned;
  if (open === undefined) return { ...plain, answer: tr`None planned`, detail: '' };
  const at = (ms: number) => shortMoment(ms, nowMs, view.units.timeZone);
  return {
    ...plain,
    answer: tr`${at(open.fromMs)} no plan`,
    detail: open.planBy === null ? tr`no method fits` : tr`plan by ${at(open.planBy.atMs)}`,
  };
}

import { tr } from '@/words/tr';
import { addHours, fromLocalText, ouncesToGrams, toLocalText } from '@/core/units';
import type { FirstQuestions } from '@/shop/begin/first-questions';

/** The units of a shop, as they go together. */
export const UNITS = {
  metric: { massUnit: 'g', tempUnit: 'C', lengthUnit: 'cm' },
  ounces: { massUnit: 'oz', tempUnit: 'F', lengthUnit: 'in' },
} as const;
export type UnitSystem = keyof typeof UNITS;

/** The answers as they are typed; figures in g and °C. */
export interface Answers {
  readonly roomC: string;
  readonly units: UnitSystem;
  /** Null: as proposed. */
  readonly zone: string | null;
  readonly balls: string;
  readonly readyFrom: string;
  readonly readyTo: string;
  readonly keeps: 'no' | 'yes';
  readonly name: string;
  readonly fedAt: string;
  readonly massG: string;
}

/** A first service: eight pizzas tomorrow evening. A starter was fed last evening. Set. */
const USUAL = { balls: '8', from: '18:00', to: '20:00', fedH: 10 } as const;
/** What is in a jar, a round figure of each: 100 g, 4 oz. Set. */
const USUAL_JAR: Readonly<Record<UnitSystem, string>> = {
  metric: '100',
  ounces: String(ouncesToGrams(4)),
};

/** What stands in the questions first, by the clock of a zone. */
export function firstAnswers(first: FirstQuestions, nowMs: number, timeZone: string): Answers {
  return {
    roomC: String(first.roomC),
    units: 'metric',
    zone: null,
    balls: USUAL.balls,
    ...usualHours(nowMs, timeZone),
    keeps: 'no',
    name: '',
    massG: USUAL_JAR.metric,
  };
}

/** The hours that are proposed, by the clock of a zone. */
function usualHours(
  nowMs: number,
  timeZone: string,
): Pick<Answers, 'readyFrom' | 'readyTo' | 'fedAt'> {
  const tomorrow = toLocalText(addHours(nowMs, 24), timeZone).slice(0, 10);
  return {
    readyFrom: `${tomorrow}T${USUAL.from}`,
    readyTo: `${tomorrow}T${USUAL.to}`,
    fedAt: toLocalText(addHours(nowMs, -USUAL.fedH), timeZone),
  };
}

/** The clock of another zone: hours that were proposed are proposed by it, those that were typed stay. */
export function inOtherZone(
  answers: Answers,
  nowMs: number,
  zones: { readonly before: string; readonly after: string },
): Partial<Answers> {
  const before = usualHours(nowMs, zones.before);
  const after = usualHours(nowMs, zones.after);
  const untouched = (['readyFrom', 'readyTo', 'fedAt'] as const).filter(
    (field) => answers[field] === before[field],
  );
  return {
    zone: zones.after,
    ...Object.fromEntries(untouched.map((field) => [field, after[field]])),
  };
}

/** Other units: what was proposed is round in them too, what was typed stays. */
export function inOtherUnits(answers: Answers, units: UnitSystem): Partial<Answers> {
  const asProposed = answers.massG === USUAL_JAR[answers.units];
  return { units, ...(asProposed ? { massG: USUAL_JAR[units] } : {}) };
}

/** What the shop is sent. */
export function beginForm(answers: Answers, nowMs: number, timeZone: string) {
  const { roomC, units, balls, readyFrom, readyTo, keeps, name, fedAt, massG } = answers;
  return {
    roomC,
    shop: { ...UNITS[units], timeZone },
    starter: keeps === 'yes' ? { name, fedAt, massG } : null,
    service: { name: serviceName(readyFrom, nowMs, timeZone), readyFrom, readyTo, balls },
  };
}

const NOON_H = 15;
/** A service is called by its time of day. */
function serviceName(readyFrom: string, nowMs: number, timeZone: string): string {
  const hour = Number(readyFrom.slice(11, 13));
  const soon = isToday(readyFrom, nowMs, timeZone);
  if (hour >= NOON_H) return soon ? tr`Tonight` : tr`Evening`;
  return soon ? tr`Today` : tr`Noon`;
}

function isToday(local: string, nowMs: number, timeZone: string): boolean {
  try {
    const day = (atMs: number) => toLocalText(atMs, timeZone).slice(0, 10);
    return day(fromLocalText(local, timeZone)) === day(nowMs);
  } catch {
    return false;
  }
}

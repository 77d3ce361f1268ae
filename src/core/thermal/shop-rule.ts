import { requireNumber } from '../units';

/** What the rule of sums is told. */
export interface ShopRuleQuestion {
  readonly aimC: number;
  readonly roomC: number;
  readonly flourC: number;
  /** The leaven’s temperature; null where there is none. */
  readonly leavenC: number | null;
  /** Warming by the mixer, °C. */
  readonly mixingC: number;
}

/** Water by the rule of sums. */
export interface ShopRuleAnswer {
  readonly waterC: number;
  /** The sum it starts from: the aim so many times. */
  readonly base: number;
  readonly terms: 3 | 4;
}

/**
 * Water by the shop rule: three (with a leaven four) times the wanted temperature, less room, flour, leaven and the
 * warming of the mixer. It weighs every part alike, whatever its grams: beside the heat balance, not instead of it.
 * Source: the trade's rule of sums.
 * @throws {DomainError} temperature-range
 */
export function shopRule(question: ShopRuleQuestion): ShopRuleAnswer {
  const { aimC, roomC, flourC, leavenC, mixingC } = question;
  for (const [name, value] of Object.entries({ Dough: aimC, Room: roomC, Flour: flourC })) {
    requireNumber('temperature-range', value, { name, unit: '°C', min: -30, max: 60 });
  }
  const terms = leavenC === null ? 3 : 4;
  const base = terms * aimC;
  return { waterC: base - roomC - flourC - (leavenC ?? 0) - mixingC, base, terms };
}

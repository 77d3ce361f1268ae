import { tr, trOf } from '@/words/tr';

/**
 * A broken contract: a value that can not mean anything in the trade.
 * Carries a stable code for callers and the facts for the sentence; nobody branches on the message.
 */
export class DomainError extends Error {
  readonly code: string;
  readonly details: Readonly<Record<string, unknown>>;

  constructor(code: string, message: string, details: Readonly<Record<string, unknown>> = {}) {
    super(message);
    this.name = 'DomainError';
    this.code = code;
    this.details = details;
  }
}

/** What a number may be: its name on the screen, its unit and its closed range. */
export interface NumberRule {
  readonly name: string;
  readonly unit: string;
  readonly min: number;
  readonly max: number;
}

/**
 * The sentence that refuses a number: field, value and what is allowed.
 * @returns for example "Balls: −3 is not possible. Allowed: 1 to 2000."
 */
export function outOfRangeSentence(rule: NumberRule, value: unknown): string {
  const unit = rule.unit === '' ? '' : ` ${trOf(rule.unit)}`;
  const shown = String(typeof value === 'number' ? tidy(value) : value).replace('-', '−');
  return tr`${trOf(rule.name)}: ${shown}${typeof value === 'number' ? unit : ''} is not possible. Allowed: ${rule.min} to ${rule.max}${unit}.`.replace(
    / -/g,
    ' −',
  );
}

/** A figure as it is said: six digits are enough, and the last bits of a sum are none. */
const tidy = (value: number) => Number(value.toPrecision(6));

/**
 * Passes a finite number inside its rule, refuses every other.
 * @throws {DomainError} `code`, naming the value and the range
 */
export function requireNumber(code: string, value: number, rule: NumberRule): number {
  if (!Number.isFinite(value) || value < rule.min || value > rule.max) {
    throw new DomainError(code, outOfRangeSentence(rule, value), { value, ...rule });
  }
  return value;
}

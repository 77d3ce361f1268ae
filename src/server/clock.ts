import { tr } from '@/words/tr';
import { type ClockReading } from '@/shop/clock';
import { readFileSync } from 'node:fs';
import { DomainError } from '@/core/units';
import { maybeOneDemoClock, type Db } from '@/data';

/**
 * The injected instant: `OLVIK_NOW` is an ISO instant, or `@path` of a file that holds one.
 * @throws {DomainError} now-unreadable
 */
function injectedNow(): number | null {
  const value = process.env['OLVIK_NOW'];
  if (value === undefined || value === '') return null;
  const text = value.startsWith('@') ? readFileSync(value.slice(1), 'utf8').trim() : value;
  const nowMs = Date.parse(text);
  if (Number.isNaN(nowMs)) {
    throw new DomainError(
      'now-unreadable',
      tr`OLVIK_NOW: "${text}" is not an instant. Allowed: for example 2026-11-27T05:10:00Z.`,
      { text },
    );
  }
  return nowMs;
}

/** The shop's clock: injected, the demo's own, or the machine's. */
export function readClock(db: Db): ClockReading {
  const injected = injectedNow();
  const demoClock = maybeOneDemoClock(db);
  if (injected !== null) return { nowMs: injected, rate: 0, demo: demoClock !== null };
  const realMs = Date.now();
  if (demoClock === null) return { nowMs: realMs, rate: 1, demo: false };
  const nowMs = Math.round(demoClock.demoMs + (realMs - demoClock.realMs) * demoClock.rate);
  return { nowMs, rate: demoClock.rate, demo: true };
}

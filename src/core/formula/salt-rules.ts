import { word } from '@/words/tr';
import { requireNumber } from '../units';

const PER_LITRE = { name: word('Salt per litre of water'), unit: 'g', min: 0, max: 100 } as const;
const PER_KILO = { name: word('Salt per kilo of flour'), unit: 'g', min: 0, max: 60 } as const;
const WATER = { name: word('Water'), unit: word('of flour'), min: 0.3, max: 1.5 } as const;

/** Salt over flour from grams per litre of water: 50 g/l at 65 % water is 3.25 %. @throws {DomainError} salt-rule-range */
export function saltOfLitre(gramsPerLitre: number, hydration: number): number {
  requireNumber('salt-rule-range', gramsPerLitre, PER_LITRE);
  return (gramsPerLitre / 1000) * requireNumber('salt-rule-range', hydration, WATER);
}

/** Grams per litre of water from salt over flour; the inverse of {@link saltOfLitre}. */
export function litreOfSalt(saltShare: number, hydration: number): number {
  return (saltShare * 1000) / requireNumber('salt-rule-range', hydration, WATER);
}

/** Salt over flour from grams per kilo of flour. @throws {DomainError} salt-rule-range */
export function saltOfKilo(gramsPerKilo: number): number {
  return requireNumber('salt-rule-range', gramsPerKilo, PER_KILO) / 1000;
}

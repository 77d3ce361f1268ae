import {
  celsiusToFahrenheit,
  cmToInches,
  gramsToOunces,
  readQuantity,
  type QuantityKind,
} from '@/core/units';
import { inFigures } from '@/words/figures';
import { METRIC, type FigureUnits } from './shop-units';

const text = (value: number, digits: number) => String(Number(value.toFixed(digits)));

/** A mass in ounces to three figures at least; it can be read off a scale of hundredths of a gram. */
const ouncesDigits = (ounces: number) => (ounces < 1 ? 4 : ounces < 10 ? 3 : 2);

/**
 * A figure as a form holds it (g, °C, cm or mm, as text) in the units of the shop.
 * What is no figure stays as it is: it was typed so, and is refused by name.
 */
export function shownFigure(held: string, kind: QuantityKind, units: FigureUnits): string {
  const value = Number(held.trim().replace(',', '.').replace('−', '-'));
  if (held.trim() === '' || !Number.isFinite(value)) return held;
  return inFigures(inUnit(held, value, kind, units));
}

function inUnit(held: string, value: number, kind: QuantityKind, units: FigureUnits): string {
  switch (kind) {
    case 'mass':
      if (units.massUnit === 'g') return held;
      return text(gramsToOunces(value), ouncesDigits(gramsToOunces(value)));
    case 'temperature':
      return units.tempUnit === 'C' ? held : text(celsiusToFahrenheit(value), 1);
    case 'length':
      return units.lengthUnit === 'cm' ? held : text(cmToInches(value), 2);
    case 'thickness':
      return units.lengthUnit === 'cm' ? held : text(cmToInches(value / 10), 3);
  }
}

/** What was typed as a form holds it: g, °C, cm or mm, as text; what is no figure as it was typed. */
export function heldFigure(typed: string, kind: QuantityKind, units: FigureUnits): string {
  const plain = readQuantity(typed, kind, units);
  if (plain === null) return typed;
  // A plain number of the metric shop is kept to the letter: “12.” is on its way to “12.5”.
  if (/^[-−\d.,\s]*$/.test(typed) && readQuantity(typed, kind, METRIC) === plain) return typed;
  return text(plain, kind === 'mass' ? (Math.abs(plain) < 10 ? 4 : 2) : 3);
}

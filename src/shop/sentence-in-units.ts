import { inFigures } from '@/words/figures';
import { celsiusToFahrenheit, cmToInches, gramsToOunces, type ShopUnits } from '@/core/units';
import type { Outcome } from './outcome';

/** The units that a sentence is said in. */
export type SaidUnits = Pick<ShopUnits, 'massUnit' | 'tempUnit' | 'lengthUnit'>;

const tidy = (value: number) => String(Number(value.toPrecision(3))).replace('-', '−');

/** How a figure of a metric unit is said in a shop that reads it otherwise; null where it reads it so. */
function otherUnit(unit: string, units: SaidUnits): ((value: number) => string) | null {
  switch (unit) {
    case 'g':
      return units.massUnit === 'oz' ? (value) => tidy(gramsToOunces(value)) : null;
    case 'kg':
      return units.massUnit === 'oz' ? (value) => tidy(gramsToOunces(value * 1000) / 16) : null;
    case '°':
    case '°C':
      return units.tempUnit === 'F'
        ? (value) => String(Number(celsiusToFahrenheit(value).toFixed(1))).replace('-', '−')
        : null;
    case 'cm':
      return units.lengthUnit === 'in' ? (value) => tidy(cmToInches(value)) : null;
    case 'mm':
      return units.lengthUnit === 'in' ? (value) => tidy(cmToInches(value / 10)) : null;
    default:
      return null;
  }
}

const OTHER: Readonly<Record<string, string>> = {
  g: 'oz',
  kg: 'lb',
  '°': '°F',
  '°C': '°F',
  cm: 'in',
  mm: 'in',
};
const FIGURES =
  /(±?)([-−]?\d+(?:[.,]\d+)?)(?:( (?:to|a|bis) |–)([-−]?\d+(?:[.,]\d+)?))?([ \u00a0]?)(g|kg|°C|°|cm|mm)(?![\p{L}/²])/gu;
/** Degrees Fahrenheit to one of Celsius, where temperatures differ by so many. */
const APART = 1.8;

const degreesApart = (units: SaidUnits) =>
  units.tempUnit === 'F' ? (value: number) => tidy(value * APART) : null;

/** A sentence that refuses, or that says a figure of the trade, with its figures in the units of the shop: “Allowed: −30 to 45 °C.” as “−22 to 113 °F”. */
export function sentenceInUnits(sentence: string, units: SaidUnits): string {
  return sentence.replace(FIGURES, (all, ...groups: (string | undefined)[]) => {
    const [apart = '', from = '', between = '', to, gap = '', unit = ''] = groups;
    const said =
      apart !== '' && unit.startsWith('°') ? degreesApart(units) : otherUnit(unit, units);
    if (said === null) return all;
    const number = (text: string) =>
      inFigures(said(Number(text.replace('−', '-').replace(',', '.'))));
    const range = to === undefined ? '' : `${between}${number(to)}`;
    return `${apart}${number(from)}${range}${gap}${OTHER[unit] ?? unit}`;
  });
}

/** An outcome whose refusals are said in the units of the shop. */
export function inUnits<T>(outcome: Outcome<T>, units: SaidUnits | null): Outcome<T> {
  if (outcome.ok || units === null) return outcome;
  return {
    ...outcome,
    refusals: outcome.refusals.map((one) => ({
      ...one,
      sentence: sentenceInUnits(one.sentence, units),
    })),
  };
}

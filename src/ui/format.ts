import { dayOfMonth, monthsLong, weekdaysShort } from '@/words/days';
import { inFigures } from '@/words/figures';
import {
  celsiusToFahrenheit,
  cmToInches,
  gramsToOunces,
  wallTime,
  type ShopUnits,
} from '@/core/units';

const two = (n: number) => String(n).padStart(2, '0');

/** The wall clock to the nearest minute: the hour and its day go by the same one. */
const toMinute = (atMs: number, timeZone: string) =>
  wallTime(Math.round(atMs / 60_000) * 60_000, timeZone);

/** "07:45" by the shop's wall clock, to the nearest minute. */
export function clockText(atMs: number, timeZone: string): string {
  const { hour, minute } = toMinute(atMs, timeZone);
  return `${two(hour)}:${two(minute)}`;
}

/** "Fri" by the shop's calendar. */
export function dayText(atMs: number, timeZone: string): string {
  return weekdaysShort()[toMinute(atMs, timeZone).weekday - 1] ?? '';
}

/** "Fri 27": a day of the week in sight. */
export function weekDateText(atMs: number, timeZone: string): string {
  return `${dayText(atMs, timeZone)} ${dayOfMonth(toMinute(atMs, timeZone).day)}`;
}

/** "Fri 27 November". */
export function dateText(atMs: number, timeZone: string): string {
  const { day, month } = toMinute(atMs, timeZone);
  return `${dayText(atMs, timeZone)} ${dayOfMonth(day)} ${monthsLong()[month - 1] ?? ''}`;
}

/** A weekday alone names an hour up to so many days away: further off the date is said with it. */
const WEEKDAY_SAYS_MS = 6 * 86_400_000;

/** "07:45" today, "Sat 07:45" on another day, "Fri 4 December 07:45" a week away. */
export function momentText(atMs: number, nowMs: number, timeZone: string): string {
  const here = toMinute(nowMs, timeZone);
  const there = toMinute(atMs, timeZone);
  const sameDay = here.day === there.day && here.month === there.month;
  const clock = clockText(atMs, timeZone);
  if (sameDay) return clock;
  const far = Math.abs(atMs - nowMs) > WEEKDAY_SAYS_MS;
  return `${far ? dateText(atMs, timeZone) : dayText(atMs, timeZone)} ${clock}`;
}

export { spanText } from '@/core/units';

/** Between a figure and its unit no line breaks. */
export const NO_BREAK = '\u00a0';

/** Ounces in a pound. */
const POUND_OZ = 16;

/** Grams as the shop reads them: "620 g", "3.2 kg", "2.1 g"; or "8.8 oz", "2 lb 3.5 oz". */
export function massText(massG: number, units: Pick<ShopUnits, 'massUnit'>): string {
  if (units.massUnit === 'oz') return ouncesText(gramsToOunces(massG));
  if (massG >= 10_000) return `${decimals(massG / 1000, 2)}${NO_BREAK}kg`;
  return `${decimals(massG, massG < 10 ? 2 : massG < 100 ? 1 : 0)}${NO_BREAK}g`;
}

/** "0.031 oz", "8.82 oz", "2 lb 3.3 oz": a dose of yeast is not rounded by more than a hundredth. */
function ouncesText(ounces: number): string {
  if (ounces < POUND_OZ)
    return `${decimals(ounces, ounces < 0.01 ? 4 : ounces < 1 ? 3 : ounces < 10 ? 2 : 1)}${NO_BREAK}oz`;
  const tenths = Math.round(ounces * 10);
  const pounds = Math.floor(tenths / (10 * POUND_OZ));
  const rest = (tenths - pounds * 10 * POUND_OZ) / 10;
  const whole = `${decimals(pounds, 0)}${NO_BREAK}lb`;
  return rest === 0 ? whole : `${whole}${NO_BREAK}${decimals(rest, 1)}${NO_BREAK}oz`;
}

/** Grams on the scale as they are poured, to what can be poured of so much: a tenth of a gram below 100 g. */
export function pouredText(
  massG: number,
  wantedG: number,
  units: Pick<ShopUnits, 'massUnit'>,
): string {
  return units.massUnit === 'oz'
    ? massText(massG, units)
    : `${decimals(massG, wantedG < 100 ? 1 : 0)}${NO_BREAK}g`;
}

/** "2 lb 3.5 oz" as what is set large, and the unit behind it. */
export function splitUnit(text: string): readonly [string, string] {
  const at = text.lastIndexOf(NO_BREAK);
  return [text.slice(0, at), text.slice(at + 1)];
}

/** Centimetres as the shop reads them: "30 cm" or "11.8 in". */
export function lengthText(lengthCm: number, units: Pick<ShopUnits, 'lengthUnit'>): string {
  return units.lengthUnit === 'in'
    ? `${decimals(cmToInches(lengthCm), 1)}${NO_BREAK}in`
    : `${decimals(lengthCm, 1)}${NO_BREAK}cm`;
}

/** Millimetres as the shop reads them: "4 mm" or "0.16 in". */
export function thicknessText(thickMm: number, units: Pick<ShopUnits, 'lengthUnit'>): string {
  return units.lengthUnit === 'in'
    ? `${decimals(cmToInches(thickMm / 10), 2)}${NO_BREAK}in`
    : `${decimals(thickMm, 1)}${NO_BREAK}mm`;
}

/**
 * Degrees as the shop reads them: "21°" or "70°F".
 * @param places decimals at the most: 0 for what nobody sets or reads finer
 */
export function tempText(
  tempC: number,
  units: Pick<ShopUnits, 'tempUnit'>,
  places: 0 | 1 = 1,
): string {
  const value = units.tempUnit === 'F' ? celsiusToFahrenheit(tempC) : tempC;
  return `${decimals(value, places).replace('-', '−')}°${units.tempUnit === 'F' ? 'F' : ''}`;
}

/** A share as a per cent: "66 %", "2.7 %". */
export function percentText(share: number, digits = 1): string {
  return `${decimals(share * 100, digits)} %`;
}

/** A rise: "×2.6". */
export function riseText(rise: number): string {
  return `×${decimals(rise, 1)}`;
}

/** A number with at most so many decimals and narrow spaces between thousands, at which no line breaks. */
export function decimals(value: number, digits: number): string {
  const rounded = Number(value.toFixed(digits));
  const [whole = '0', rest] = String(rounded).split('.');
  const grouped = whole.replace(/\B(?=(\d{3})+(?!\d))/g, '\u202f');
  return rest === undefined ? grouped : inFigures(`${grouped}.${rest}`);
}

/** Degrees between two temperatures: "1.4°", or "2.5°F". */
export function degreesApartText(apartC: number, units: Pick<ShopUnits, 'tempUnit'>): string {
  const fahrenheit = units.tempUnit === 'F';
  return `${decimals(fahrenheit ? apartC * 1.8 : apartC, 1)}°${fahrenheit ? 'F' : ''}`;
}

/** Grams to a square centimetre as the shop reads them: "0.36 g/cm²" or "0.082 oz/in²". */
export function perAreaText(
  gPerCm2: number,
  units: Pick<ShopUnits, 'massUnit' | 'lengthUnit'>,
): string {
  const mass = units.massUnit === 'oz' ? gramsToOunces(gPerCm2) : gPerCm2;
  const area = units.lengthUnit === 'in' ? 1 / cmToInches(1) ** 2 : 1;
  return `${decimals(mass * area, units.massUnit === 'oz' ? 3 : 2)}${NO_BREAK}${units.massUnit}/${units.lengthUnit}²`;
}

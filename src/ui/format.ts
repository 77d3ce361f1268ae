import { celsiusToFahrenheit, gramsToOunces, wallTime, type ShopUnits } from '@/core/units';

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];
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
  return DAYS[toMinute(atMs, timeZone).weekday - 1] ?? '';
}

/** "Fri 27 November". */
export function dateText(atMs: number, timeZone: string): string {
  const { day, month } = toMinute(atMs, timeZone);
  return `${dayText(atMs, timeZone)} ${day} ${MONTHS[month - 1] ?? ''}`;
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

/** "5 min", "1 h 20", "2 d 3 h": a length of time without its sign. */
export function spanText(ms: number): string {
  const minutes = Math.round(Math.abs(ms) / 60_000);
  if (minutes < 60) return `${minutes} min`;
  const hours = Math.floor(minutes / 60);
  if (hours < 48) return minutes % 60 === 0 ? `${hours} h` : `${hours} h ${two(minutes % 60)}`;
  return `${Math.floor(hours / 24)} d ${hours % 24} h`;
}

/** Between a figure and its unit no line breaks. */
const NO_BREAK = '\u00a0';

/** Grams as the shop reads them: "620 g", "3.2 kg", "2.1 g", or ounces. */
export function massText(massG: number, units: Pick<ShopUnits, 'massUnit'>): string {
  if (units.massUnit === 'oz')
    return `${decimals(gramsToOunces(massG), massG < 100 ? 2 : 1)}${NO_BREAK}oz`;
  if (massG >= 10_000) return `${decimals(massG / 1000, 2)}${NO_BREAK}kg`;
  return `${decimals(massG, massG < 10 ? 2 : massG < 100 ? 1 : 0)}${NO_BREAK}g`;
}

/** Degrees as the shop reads them: "21°" or "70°F". */
export function tempText(tempC: number, units: Pick<ShopUnits, 'tempUnit'>): string {
  const value = units.tempUnit === 'F' ? celsiusToFahrenheit(tempC) : tempC;
  return `${decimals(value, 1).replace('-', '−')}°${units.tempUnit === 'F' ? 'F' : ''}`;
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
  return rest === undefined ? grouped : `${grouped}.${rest}`;
}

/** Degrees between two temperatures: "1.4°", or "2.5°F". */
export function degreesApartText(apartC: number, units: Pick<ShopUnits, 'tempUnit'>): string {
  const fahrenheit = units.tempUnit === 'F';
  return `${decimals(fahrenheit ? apartC * 1.8 : apartC, 1)}°${fahrenheit ? 'F' : ''}`;
}

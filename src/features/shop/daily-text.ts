import { tr } from '@/words/tr';
import type { DailyPoint } from '@/core/forecast';
import { celsiusToFahrenheit, readQuantity, type ShopUnits } from '@/core/units';

type Degrees = Pick<ShopUnits, 'tempUnit'>;

const two = (n: number) => String(n).padStart(2, '0');

/** A day's curve as it is typed, in the shop's degrees: "06:00 19, 14:00 24". */
export function dailyText(daily: readonly DailyPoint[] | null, { tempUnit }: Degrees): string {
  const shown = (tempC: number) =>
    tempUnit === 'F' ? Number(celsiusToFahrenheit(tempC).toFixed(1)) : tempC;
  return (daily ?? [])
    .map(
      ({ minute, tempC }) => `${two(Math.floor(minute / 60))}:${two(minute % 60)} ${shown(tempC)}`,
    )
    .join(', ');
}

/** How a curve is typed in the shop's degrees. */
export const dailyExample = ({ tempUnit }: Degrees): string =>
  tempUnit === 'F' ? '06:00 66, 14:00 75, 22:00 68' : '06:00 19, 14:00 24, 22:00 20';

/** Reads a typed curve; empty for none, a sentence for what can not be read. */
export function readDaily(text: string, units: Degrees): DailyPoint[] | string {
  const parts = text
    .split(/[,;\n]/)
    .map((part) => part.trim())
    .filter((part) => part !== '');
  const points: DailyPoint[] = [];
  for (const part of parts) {
    const match = /^(\d{1,2}):(\d{2})\s+(\S.*)$/.exec(part);
    const [hour, minute] = [Number(match?.[1]), Number(match?.[2])];
    const tempC = readQuantity(match?.[3] ?? '', 'temperature', {
      massUnit: 'g',
      lengthUnit: 'cm',
      ...units,
    });
    if (match === null || tempC === null || hour > 23 || minute > 59) {
      return tr`Over the day: “${part}” is not an hour and a temperature. Allowed: for example ${dailyExample(units)}.`;
    }
    points.push({ minute: hour * 60 + minute, tempC: Number(tempC.toFixed(2)) });
  }
  return points;
}
